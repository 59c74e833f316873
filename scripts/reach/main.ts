import { availableParallelism } from "node:os";
import { fileURLToPath } from "node:url";
import { parseArgs } from "node:util";
import { isMainThread } from "node:worker_threads";
import { Piscina } from "piscina";
import { CoreError } from "@/core/errors";
import type { Outing } from "@/core/outing";
import { cellsOf, REACH_AXES, reachOf, type ReachCell, type WindPlace } from "@/core/reach";
import { toOuting } from "@/formats/outing-file/to-outing";
import { fail, readOutingFile } from "../outing/command";

const USAGE = [
  "usage: npm run -s reach -- FILE [--wind seat|10m] [--json]   (FILE may be - for standard input)",
  "  how long the outfit of an outing file lasts from +10 to -40 °C and 0 to 12 m/s of wind; all else as in the file",
  "  --wind  where that wind is measured: at 10 m over open ground (the usual), or past the body at the seat",
  "  --json  {cells: [{airTemperatureC, windMPerS, minutesStill, limit}]}, null where it is longer than was looked at",
];
/** Width of a column of the table. */
const COLUMN = 6;
const WIND_WORDS: Readonly<Record<string, WindPlace>> = { seat: "seat", "10m": "tenMetres" };

type Part = { readonly outing: Outing; readonly windPlace: WindPlace; readonly airTemperaturesC: readonly number[] };

/** What a thread computes: rows of the map. */
export const reachRows = ({ outing, windPlace, airTemperaturesC }: Part): readonly ReachCell[] =>
  reachOf(outing, cellsOf({ ...REACH_AXES, airTemperaturesC }), windPlace);

if (isMainThread) await main();

function asked() {
  try {
    return parseArgs({ options: { wind: { type: "string" }, json: { type: "boolean" } }, allowPositionals: true });
  } catch (error) {
    return fail([(error as Error).message, ...USAGE]);
  }
}

async function main(): Promise<void> {
  const { values, positionals } = asked();
  const windPlace = WIND_WORDS[values.wind ?? "10m"];
  if (positionals.length !== 1) fail(USAGE);
  if (!windPlace) fail([`--wind ${values.wind}: say seat or 10m`, ...USAGE]);
  const outing = toOuting(readOutingFile(positionals[0]!));
  try {
    const cells = await inThreads(outing, windPlace);
    console.log(values.json ? JSON.stringify({ cells }) : tableOf(cells));
  } catch (error) {
    // Errors lose their class on the way out of a thread, not their code.
    if (error instanceof CoreError || (error instanceof Error && "code" in error))
      fail([`(whole file): ${error.message}`]);
    throw error;
  }
}

/** Rows are dealt out one at a time: mild ones take longest. */
async function inThreads(outing: Outing, windPlace: WindPlace): Promise<ReachCell[]> {
  const pool = new Piscina<Part, readonly ReachCell[]>({
    filename: fileURLToPath(import.meta.url),
    name: "reachRows",
    maxThreads: availableParallelism(),
  });
  try {
    const rows = REACH_AXES.airTemperaturesC.map((airTemperatureC) =>
      pool.run({ outing, windPlace, airTemperaturesC: [airTemperatureC] }),
    );
    return (await Promise.all(rows)).flat();
  } finally {
    await pool.destroy();
  }
}

/** A row a temperature, a column a wind; the first letter of the limit behind each figure. */
function tableOf(cells: readonly ReachCell[]): string {
  const { airTemperaturesC, windsMPerS } = REACH_AXES;
  const text = ({ minutesStill, limit }: ReachCell): string => `${minutesStill ?? ">"}${limit?.[0] ?? ""}`;
  const head = ["°C\\m/s", ...windsMPerS.map((wind) => wind.toFixed(1))];
  const rows = airTemperaturesC.map((air) => [
    String(air),
    ...cells.filter(({ airTemperatureC }) => airTemperatureC === air).map(text),
  ]);
  return [head, ...rows].map((row) => row.map((own) => own.padStart(COLUMN)).join("")).join("\n");
}
