import { parseArgs } from "node:util";
import { calibrate, learntRange, TRAIT_SPREAD, TRAITS, type Learnt, type LearntRange } from "@/core/calibration";
import { CoreError } from "@/core/errors";
import { toOuting } from "@/formats/outing-file/to-outing";
import { parseLogbookFile } from "@/formats/logbook/logbook-file";
import { fail, readText } from "../outing/command";

const USAGE = [
  "usage: npm run -s calibrate -- LOGBOOK.json [--json]   (LOGBOOK.json may be - for standard input)",
  "  what a person's notes teach: {sits: [{outing, felt}], further: [outing]}; outing an outing file, felt as docs/logbook.md says",
  "  --json  {notes, traits: {name: {mean, sd, priorSd}}, boots, outfits, further: [{name, before, after}]}; minutes null: longer than was looked at",
];

function asked() {
  try {
    return parseArgs({ options: { json: { type: "boolean" } }, allowPositionals: true });
  } catch (error) {
    return fail([(error as Error).message, ...USAGE]);
  }
}

const { values, positionals } = asked();
const [path] = positionals;
if (!path || positionals.length !== 1) fail(USAGE);
const read = parseLogbookFile(readText(path));
if (!read.ok) fail(read.problems.map(({ path: at, reason }) => `${at}: ${reason}`));

try {
  const learnt = calibrate(read.file.sits.map(({ outing, felt }) => ({ outing: toOuting(outing), felt })));
  const further = read.file.further.map((outing) => ({
    name: outing.name,
    before: learntRange(toOuting(outing), null),
    after: learntRange(toOuting(outing), learnt),
  }));
  console.log(values.json ? JSON.stringify({ ...described(learnt), further }) : lines(learnt, further).join("\n"));
} catch (error) {
  if (error instanceof CoreError) fail([`(whole file): ${error.message}`]);
  throw error;
}

function described({ traits, boots, outfits, covariance, notes }: Learnt) {
  return {
    notes,
    traits: Object.fromEntries(
      TRAITS.map((trait, place) => [
        trait,
        { mean: traits[trait], sd: Math.sqrt(covariance[place]![place]!), priorSd: TRAIT_SPREAD[trait] },
      ]),
    ),
    boots: Object.fromEntries(boots),
    outfits: Object.fromEntries(outfits),
  };
}

type Further = { readonly name: string; readonly before: LearntRange; readonly after: LearntRange };

function lines(learnt: Learnt, further: readonly Further[]): string[] {
  const { traits, boots } = described(learnt);
  const minutes = ({ low, middle, high }: LearntRange): string =>
    [low, middle, high].map((own) => own ?? "longer").join(" · ");
  return [
    `${learnt.notes} notes; mean and standard deviation, and that of people in general:`,
    ...Object.entries(traits).map(
      ([name, { mean, sd, priorSd }]) =>
        `  ${name.padEnd(20)} ${mean.toFixed(2).padStart(6)} ± ${sd.toFixed(2)} (${priorSd})`,
    ),
    ...Object.entries(boots).map(([id, ln]) => `  boots ${id}: × ${Math.exp(ln).toFixed(2)} of what is read`),
    ...further.map(
      ({ name, before, after }) =>
        `${name}: ${minutes(before)} min → ${minutes(after)} min (eight cases of ten, middle)`,
    ),
  ];
}
