import { CHANCES, CHANCE_SPREAD } from "../range";
import { MINUTES_SCALE } from "./evidence";
import type { FittedLogbook, LinearSit } from "./fit-logbook";
import { afterObserving, spreadOf, valueAt } from "./linear";
import type { Measure } from "./sit-measures";

/** What may be told of the next sit, besides what ended it and when. */
export const WAYS_TO_TELL = ["ending", "everyPart", "heartRate", "ruler", "logger"] as const;
export type WayToTell = (typeof WAYS_TO_TELL)[number];

/** How well the minutes of a sit like the latest would be known: standard deviation of their natural logarithm, of the person and clothes alone. */
export type ExpectedNarrowing = {
  readonly now: number;
  /** The one that teaches most first. */
  readonly after: readonly { readonly way: WayToTell; readonly spread: number }[];
};

/** Effort of the walk with heart rate, or a track with times (assumption). */
const WALK_SPREAD_BY_HEART_RATE = 0.08;
/** How well a ruler across the worn stack tells what the outfit insulates, natural logarithm (assumption). */
const RULER_SPREAD = 0.06;
/** Offset of a logger under the toes, K (assumption). */
const LOGGER_SPREAD_K = 1;
/** Of Student's t with n degrees, Fisher information is (n + 1)/(n + 3) over its scale squared. */
const VARIANCE_OF_TOLD = 7 / 5;
/** Less than this better than what ended it alone, a way is not worth the trouble (assumption). */
const WORTH_TELLING = 0.97;

type Observation = { readonly slopes: ReadonlyMap<number, number>; readonly variance: number };
type Covariance = readonly (readonly number[])[];

/**
 * What would teach most of a sit like the latest one: how much narrower its minutes would be known with it. As the logbook
 * stands, and in its linear form: what is expected, not what a note will say.
 * @returns `null` where no note says anything
 */
export function expectedNarrowing(
  fitted: FittedLogbook,
  modelSpread = CHANCE_SPREAD.lnModel,
): ExpectedNarrowing | null {
  const sit = fitted.sits[0];
  if (!sit) return null;
  const { unknowns, mode, from } = fitted;
  const ending = endingMeasure(sit, from, mode.at);
  const lasts = (place: number): boolean => place < unknowns.length;
  const spread = (covariance: Covariance): number => spreadOf(sit.measures[ending], covariance, lasts);
  const told = (measure: keyof typeof PART): Observation => ({
    slopes: sit.measures[measure].slopes,
    variance: VARIANCE_OF_TOLD * MINUTES_SCALE[PART[measure]] ** 2,
  });
  const outfitAt = [...sit.measures[ending].slopes.keys()].find((place) => unknowns[place]?.kind === "outfit");
  const feltToesAt = unknowns.findIndex((own) => own.kind === "trait" && own.trait === "feltToesK");
  const more: Readonly<Record<WayToTell, readonly Observation[]>> = {
    ending: [],
    everyPart: (["lnToes", "lnFingers", "lnBody"] as const).filter((own) => own !== ending).map(told),
    heartRate: [],
    ruler: outfitAt === undefined ? [] : [{ slopes: new Map([[outfitAt, 1]]), variance: RULER_SPREAD ** 2 }],
    logger: [
      {
        // A logger does not feel: what somebody calls cold is not in it.
        slopes: new Map([...sit.measures.toesC.slopes].filter(([place]) => place !== feltToesAt)),
        variance: LOGGER_SPREAD_K ** 2,
      },
    ],
  };
  const after = WAYS_TO_TELL.map((way) => {
    const chances = {
      ...CHANCE_SPREAD,
      lnModel: modelSpread,
      ...(way === "heartRate" && { lnWalkEffort: WALK_SPREAD_BY_HEART_RATE }),
    };
    const before = beforeNextSit(fitted, sit, chances);
    const known = [told(ending), ...more[way]].reduce<Covariance>(
      (covariance, { slopes, variance }) => afterObserving(covariance, slopes, variance),
      before,
    );
    return { way, spread: spread(known) };
  });
  const byEnding = after.find(({ way }) => way === "ending")!.spread;
  return {
    now: spread(mode.covariance),
    after: after
      .filter(({ way, spread: own }) => way === "ending" || own < WORTH_TELLING * byEnding)
      .sort((one, other) => one.spread - other.spread),
  };
}

const PART = { lnToes: "toes", lnFingers: "fingers", lnBody: "body" } as const satisfies Partial<
  Record<Measure, keyof typeof MINUTES_SCALE>
>;

/** What would end a sit first; cold fingers at rest drive nobody out. */
function endingMeasure({ measures }: LinearSit, from: readonly number[], at: readonly number[]): "lnToes" | "lnBody" {
  return valueAt(measures.lnToes, from, at) <= valueAt(measures.lnBody, from, at) ? "lnToes" : "lnBody";
}

/** What lasts as it is known, and the chances of another sit like this as nobody knows them yet. */
function beforeNextSit(
  { mode, unknowns }: FittedLogbook,
  { chanceAt }: LinearSit,
  chances: typeof CHANCE_SPREAD,
): Covariance {
  const covariance = mode.covariance.map((row, at) =>
    row.map((own, column) => (at < unknowns.length && column < unknowns.length ? own : 0)),
  );
  for (const chance of CHANCES) covariance[chanceAt[chance]]![chanceAt[chance]] = chances[chance] ** 2;
  return covariance;
}
