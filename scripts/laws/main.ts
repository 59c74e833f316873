import { LAWS, tryLaw, type Trial } from "./laws";
import { KNIVES, tryKnife, type Cut } from "./knife-edge";
import { seededOuting } from "./seeded-outing";

// Laws on seeded outings: how often and by how much each is broken. `npm run -s laws -- 500 100` tries fewer outings and
// fewer knife edges, `--json` is for the tests.

const USUAL_COUNT = 2000;
const USUAL_KNIVES = 500;
const SHOWN = 6;
const words = process.argv.slice(2).filter((word) => word !== "--json");
const [count = USUAL_COUNT, knives = USUAL_KNIVES] = words.map(Number);

type Broken = Trial & { readonly seed: number };
/** How a law fares on all outings. */
export type LawFares = { readonly name: string; readonly tried: number; readonly exceptions: readonly Broken[] };
export type LawsFare = {
  readonly laws: readonly LawFares[];
  /** Small changes tried, and those under which a headline moved by more than a third. */
  readonly knives: { readonly tried: number; readonly cuts: readonly (Cut & { readonly seed: number })[] };
};

/** JSON knows no infinity; what has no end lasts longer than anything. */
const ENDLESS_MINUTES = 1e6;
const endless = (_key: string, value: unknown): unknown => (value === Infinity ? ENDLESS_MINUTES : value);

const outings = Array.from({ length: count }, (_, index) => seededOuting(index + 1));
const laws = LAWS.map((law): LawFares => {
  const trials = outings.flatMap((outing, index): Broken[] => {
    const trial = tryLaw(law, outing);
    return trial ? [{ ...trial, seed: index + 1 }] : [];
  });
  const exceptions = trials.filter(({ isException }) => isException);
  exceptions.sort((one, other) => other.worse - other.better - (one.worse - one.better));
  return { name: law.name, tried: trials.length, exceptions };
});
const cuts = Array.from({ length: knives }, (_, index) =>
  tryKnife(seededOuting(index + 1)).map((cut) => ({ ...cut, seed: index + 1 })),
).flat();
const fare: LawsFare = { laws, knives: { tried: knives * KNIVES.length, cuts } };

if (process.argv.includes("--json")) console.log(JSON.stringify(fare, endless));
else {
  for (const { name, tried, exceptions } of laws) {
    const listed = exceptions
      .slice(0, SHOWN)
      .map(({ seed, better, worse }) => `no. ${seed}: ${better.toFixed(0)} → ${worse.toFixed(0)}`);
    console.log(`${name}: ${exceptions.length} exceptions of ${tried} that end; ${listed.join("; ") || "none"}`);
  }
  console.log(`\nheadline moves by more than a third under ${KNIVES.map(({ name }) => name).join(", ")}:`);
  console.log(`${cuts.length} of ${fare.knives.tried}`);
  for (const { seed, knife, before, after } of cuts) console.log(`  no. ${seed} ${knife}: ${before} → ${after}`);
}
