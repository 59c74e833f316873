import { readdirSync, readFileSync } from "node:fs";
import path from "node:path";
import { gridOfText, type GridRow } from "../../src/formats/any-table/grid";
import { gridOfWorkbook } from "../../src/formats/any-table/read-sheet";
import { isWorkbook } from "../../src/formats/any-table/workbook";
import { NO_MAPPING } from "../../src/formats/kit-from-table/mapping";
import type { KitRow } from "../../src/formats/kit-from-table/read-row";
import { readKitRows, type KitRows } from "../../src/formats/kit-from-table/read-rows";
import { textOfFile } from "../../src/formats/table/text-of-file";
import { readWeather, type ImportedWeather } from "../../src/formats/weather-import/read-weather";
import { WEATHER_COLUMNS } from "../../src/formats/weather-import/columns";
import { quickPiece } from "../../src/core/starter-kit";

// Lists and tables as people have them, and what is read of each: docs/formats/spreadsheets.md.

export const KIT_FOLDER = "tests/spreadsheets/kit";
export const WEATHER_FOLDER = "tests/spreadsheets/weather";
const OWN_CURRENCY = "EUR";
/** Of the invented outing the weather is read for. */
const OUTING = { timeZone: "Europe/Oslo", startsAt: "2027-01-15T05:00:00.000Z" };

const bytesOf = (folder: string, name: string): Uint8Array<ArrayBuffer> =>
  new Uint8Array(readFileSync(path.join(folder, name)));

const gridOf = async (bytes: Uint8Array<ArrayBuffer>): Promise<GridRow[]> =>
  isWorkbook(bytes) ? gridOfWorkbook(new Blob([bytes])) : gridOfText(textOfFile(bytes).text);

/** What is read of every list of clothes. */
export async function readKitLists(): Promise<Readonly<Record<string, KitRows>>> {
  const read: Record<string, KitRows> = {};
  for (const name of readdirSync(KIT_FOLDER).sort())
    read[name] = readKitRows(await gridOf(bytesOf(KIT_FOLDER, name)), NO_MAPPING, OWN_CURRENCY);
  return read;
}

/** What is read of every table of weather. */
export const readWeatherTables = (): Readonly<Record<string, ImportedWeather>> =>
  Object.fromEntries(
    readdirSync(WEATHER_FOLDER)
      .sort()
      .map((name) => [name, readWeather(textOfFile(bytesOf(WEATHER_FOLDER, name)).text, OUTING)]),
  );

const kindWords = ({ kind, figure, isFigureUsual }: KitRow): string => {
  if (kind === null) return "asked";
  if (kind === "none") return "not worn, left out";
  const { words, figure: asked } = quickPiece(kind);
  return `${words}, ${isFigureUsual ? "usual " : ""}${Number(figure.toFixed(1))} ${asked.unit}`;
};
const cell = (text: string): string => text.replaceAll("|", "\\|").replaceAll("<", "&lt;");
const rowOf = (name: string, row: KitRow, isFirst: boolean): string =>
  `| ${[
    isFirst ? `\`${name}\`` : "",
    cell(row.name),
    kindWords(row),
    row.massG === null ? "" : `${row.massG} g`,
    row.priceMinor === null ? "" : `${row.priceMinor / 100} ${row.currency}`,
    cell(row.told.join("; ")),
  ].join(" | ")} |`;

const tellings = (told: readonly { readonly at: string; readonly reason: string }[]): string =>
  told.map(({ at, reason }) => (at === "" ? reason : `${at}: ${reason}`)).join("; ");

/** The outcome of all of them, as Markdown. */
export async function describeSpreadsheets(): Promise<string> {
  const kits = Object.entries(await readKitLists()).flatMap(([name, { rows, problems, notes }]) => [
    ...rows.map((row, index) => rowOf(name, row, index === 0)),
    ...(problems.length + notes.length > 0 ? [`| | | | | | ${cell(tellings([...problems, ...notes]))} |`] : []),
  ]);
  const weather = Object.entries(readWeatherTables()).map(([name, { hours, columns, problems, notes }]) => {
    const used = columns.flatMap(({ head, column }) => (column ? `${head}: ${WEATHER_COLUMNS[column].words}` : []));
    const first = hours[0];
    const example = first
      ? `${first.at.slice(0, 16)}Z ${first.airTemperatureC.toFixed(1)} °C, ${first.windMPerS.toFixed(1)} m/s, ${first.relativeHumidityPercent.toFixed(0)} %`
      : "";
    return `| \`${name}\` | ${hours.length} | ${cell(used.join("; "))} | ${example} | ${cell(tellings([...problems, ...notes]))} |`;
  });
  return [
    "# Lists and tables as people have them",
    "",
    "Invented ones, dirty as they come, in `tests/spreadsheets`, and what is read of each before anybody has said anything.",
    "Written by `npm run schema`; a test compares it with what is read. *Asked* rows wait until somebody says what they are;",
    "of a piece whose list gives no figure of warmth the usual one of its kind is taken, and the preview says so.",
    "",
    "## Clothes",
    "",
    "| file | name | read as | mass | price | said of it |",
    "| --- | --- | --- | --- | --- | --- |",
    ...kits,
    "",
    "## Weather",
    "",
    "| file | hours | columns | the first hour | said of it |",
    "| --- | --- | --- | --- | --- |",
    ...weather,
    "",
  ].join("\n");
}
