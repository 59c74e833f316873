import {
  crossChecked,
  expectedNarrowing,
  fitLogbook,
  learntFrom,
  type CheckedTime,
  type ExpectedNarrowing,
} from "@/core/calibration";
import { standardDeviationOf, TRAITS, traitsOf, type Learnt, type Outing } from "@/core/outing";
import { minutesRange, TRAIT_SPREAD, type MinutesBound } from "@/core/range";
import { CoreError } from "@/core/errors";
import { toOuting } from "@/formats/outing-file/to-outing";
import { parseLogbookFile } from "@/formats/logbook/logbook-file";
import { askedForFile, fail, readText } from "../outing/command";

const USAGE = [
  "usage: npm run -s calibrate -- LOGBOOK.json [--json]   (LOGBOOK.json may be - for standard input)",
  "  what a person's notes teach: {sits: [{outing, felt}], further: [outing]}; outing an outing file, felt as docs/logbook.md says",
  "  --json  {notes, traits: {name: {mean, sd, priorSd}}, boots, outfits, checked, narrowing, further: [{name, before, after}]}; minutes null: longer than was looked at",
  "          checked: told times, each against what the other notes say of it; narrowing: sd of ln(minutes) now, and after one sit more like the last one told of",
];

const { path, isJson } = askedForFile(USAGE);
const read = parseLogbookFile(readText(path));
if (!read.ok) fail(read.problems.map(({ path: at, reason }) => `${at}: ${reason}`));

try {
  // The last of the file is the latest: what would teach most is asked of a sit like it.
  const fitted = fitLogbook(
    read.file.sits.map(({ outing, felt }) => ({ outing: toOuting(outing), felt })).toReversed(),
  );
  const learnt = learntFrom(fitted);
  const told = { checked: crossChecked(fitted).times, narrowing: expectedNarrowing(fitted, learnt.modelSpread) };
  const further = read.file.further.map((outing) => ({
    name: outing.name,
    before: firstSit(toOuting(outing)),
    after: firstSit(byNotes(toOuting(outing), learnt)),
  }));
  const shown = isJson
    ? JSON.stringify({ ...described(learnt), ...told, further })
    : [...lines(learnt, further), ...checkedLines(told)].join("\n");
  console.log(shown);
} catch (error) {
  if (error instanceof CoreError) fail([`(whole file): ${error.message}`]);
  throw error;
}

function described(learnt: Learnt) {
  const { notes, unknowns, mode } = learnt;
  const traits = traitsOf(learnt);
  const clothes = (kind: "boots" | "outfit") =>
    Object.fromEntries(unknowns.flatMap((own, place) => (own.kind === kind ? [[own.key, mode[place]!] as const] : [])));
  return {
    notes,
    traits: Object.fromEntries(
      TRAITS.map((trait, place) => [
        trait,
        { mean: traits[trait], sd: standardDeviationOf(learnt, place), priorSd: TRAIT_SPREAD[trait] },
      ]),
    ),
    boots: clothes("boots"),
    outfits: clothes("outfit"),
    ...(learnt.modelSpread !== undefined && { modelSpread: learnt.modelSpread }),
  };
}

function byNotes(outing: Outing, learnt: Learnt): Outing {
  return { ...outing, person: { ...outing.person, learnt } };
}

type Minutes = { readonly low: number | null; readonly middle: number | null; readonly high: number | null };

/** Where the first sit's minutes lie in eight cases of ten; `null`: longer than was looked at. */
function firstSit(outing: Outing): Minutes {
  const { low, middle, high } = minutesRange(outing, 0);
  const told = ({ kind, minutes }: MinutesBound): number | null => (kind === "longerThan" ? null : minutes);
  return { low: told(low), middle: told(middle), high: told(high) };
}

type Further = { readonly name: string; readonly before: Minutes; readonly after: Minutes };

function lines(learnt: Learnt, further: readonly Further[]): string[] {
  const { traits, boots } = described(learnt);
  const minutes = ({ low, middle, high }: Minutes): string =>
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

type Told = { readonly checked: readonly CheckedTime[]; readonly narrowing: ExpectedNarrowing | null };

function checkedLines({ checked, narrowing }: Told): string[] {
  const held = checked.filter(({ holds }) => holds).length;
  const sd = (spread: number): string => spread.toFixed(2);
  return [
    ...(checked.length > 0
      ? [`${held} of ${checked.length} told times lie where the other notes say eight of ten should`]
      : []),
    ...(narrowing
      ? [
          `ln(minutes) of such a sit is known to ± ${sd(narrowing.now)}; after one more:`,
          ...narrowing.after.map(({ way, spread }) => `  ± ${sd(spread)} ${way}`),
        ]
      : []),
  ];
}
