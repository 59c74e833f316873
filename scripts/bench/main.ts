import { isMainThread } from "node:worker_threads";
import { bodyTimes } from "./body-times";
import { dresserTimes, KIT_SIZES, type DresserTimes } from "./dresser-times";
import { liveTimes } from "./live-times";
import { reachTimes } from "./reach-times";
import { watchStolen } from "./stolen";
import { tripTimes } from "./trip-times";
import { workerTimes } from "./worker-times";

// What threads of the bench compute is looked for in its own file.
export { benchPart, benchRow } from "./reach-times";
export { benchOutfits } from "./dresser-times";

// `npm run bench` measures all; `-- reach` that part alone: body, dresser, reach, trip, workers, live. `--json` prints figures.

const NAME_WIDTH = 46;
const COLUMN = 10;

const column = (value: number, digits = 0): string => value.toFixed(digits).padStart(COLUMN);
const named = (name: string, ...columns: readonly string[]): string => name.padEnd(NAME_WIDTH) + columns.join("");

async function dressersTimed(): Promise<readonly DresserTimes[]> {
  const found: DresserTimes[] = [];
  for (const pieces of KIT_SIZES) found.push(...(await dresserTimes(pieces)));
  return found;
}

/** Each part: its figures, and the lines that tell them. */
const PARTS = {
  body: async () => {
    const figures = await bodyTimes();
    return {
      figures,
      lines: [
        named("", "median ms".padStart(COLUMN), "p95 ms".padStart(COLUMN), "runs".padStart(COLUMN)),
        ...figures.rows.map(({ name, medianMs, p95Ms, runs }) =>
          named(name, column(medianMs, 2), column(p95Ms, 2), column(runs)),
        ),
        "\nover the published body alone",
        ...figures.overBody.map(({ name, takes }) => named(name, column(takes, 2))),
        "\n12 h outing with one effect left out or put in, over all as it is",
        ...figures.effects.map(({ name, takes }) => named(name, column(takes, 2))),
      ],
    };
  },
  dresser: async () => {
    const figures = await dressersTimed();
    return {
      figures,
      lines: [
        "\ndresser, ms: first outfits, search, answer; outfits simulated",
        ...figures.map(({ pieces, threads, firstMs, searchMs, answerMs, simulated }) =>
          named(
            `${pieces} pieces, ${threads === 1 ? "one thread" : `${threads} threads`}`,
            ...[firstMs, searchMs, answerMs, simulated].map((own) => column(own)),
          ),
        ),
      ],
    };
  },
  reach: async () => {
    const figures = await reachTimes();
    return {
      figures,
      lines: ["\nmaps and seasons by two threads, ms", ...figures.map(({ name, ms }) => named(name, column(ms)))],
    };
  },
  trip: () => {
    const figures = tripTimes();
    const { days, people, wholeMs, editMs, planMs } = figures;
    return {
      figures,
      lines: [
        `\ntrip of ${days} days and ${people} people in one thread, ms`,
        named("lived the first time", column(wholeMs)),
        named("again after a night in its middle was edited", column(editMs)),
        named("what to wear in turns", column(planMs)),
      ],
    };
  },
  workers: async () => {
    const figures = await workerTimes();
    const { outings, oneMs, twoMs, ratio } = figures;
    return {
      figures,
      lines: [
        `\ntwo seasons of a kit, ${outings} outings, by worker processes on one database, ms, in turns`,
        named("one process", ...oneMs.map((ms) => column(ms))),
        named("two processes", ...twoMs.map((ms) => column(ms))),
        named("outings a second, two over one", column(ratio, 2)),
      ],
    };
  },
  live: async () => {
    const figures = await liveTimes();
    const { sitters, sent, refused, sentMs, heardMs, lost } = figures;
    return {
      figures,
      lines: [
        `\n${sitters} sitters on one web process, five readings each every ten seconds: ${sent} sent, ${refused} refused, ${lost} not heard of; ms`,
        named("", ...["median", "p95", "most"].map((own) => own.padStart(COLUMN))),
        named("until acknowledged", column(sentMs.median), column(sentMs.p95), column(sentMs.most)),
        named("until its page has it", column(heardMs.median), column(heardMs.p95), column(heardMs.most)),
      ],
    };
  },
} as const;
type PartName = keyof typeof PARTS;

async function main(): Promise<void> {
  const words = process.argv.slice(2).filter((word) => word !== "--json");
  const unknown = words.filter((word) => !(word in PARTS));
  if (unknown.length > 0) {
    console.error(`bench: ${unknown.join(", ")} is none of ${Object.keys(PARTS).join(", ")}`);
    process.exitCode = 2;
    return;
  }
  const isJson = process.argv.includes("--json");
  const figures: Partial<Record<PartName, unknown>> = {};
  const stolen = watchStolen();
  for (const name of (words.length > 0 ? words : Object.keys(PARTS)) as PartName[]) {
    const part = await PARTS[name]();
    figures[name] = part.figures;
    if (!isJson) console.log(part.lines.join("\n"));
  }
  console.log(isJson ? JSON.stringify(figures, null, 2) : stolen());
}

if (isMainThread) await main();
