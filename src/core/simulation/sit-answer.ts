import {
  grazeOf,
  judge,
  judgeWithRunnerUp,
  LEFT_WITHIN_MINUTES,
  LEVELS,
  levelEverywhere,
  passingsOf,
  RECOVERY_MINUTES,
  runnerUpOf,
  STANDARD_LIMIT,
  type AcceptedLevels,
  type Crossing,
  type Graze,
  type InTask,
  type Level,
  type LevelVerdict,
  type Limit,
  type Recovery,
  type Verdict,
  type Watch,
  leastMinutesStill,
} from "../limits";
import type { SitSpan } from "../outing";

/** The answer for one sit of an outing. */
export type SitAnswer = {
  /** Minutes from the start of the outing. */
  readonly fromMinute: number;
  readonly toMinute: number;
  /** At the levels the person accepts. */
  readonly verdict: Verdict;
  /** All limits at one level, for each level. */
  readonly byLevel: Readonly<Record<Level, LevelVerdict>>;
  /** Limits that were passed as the sit began and are left again: they end nothing. */
  readonly recoveries: readonly Recovery[];
  /** Minutes from the start of the sit after which the standard's heat debt would end it; `null` not as far as simulated. */
  readonly standardMinutes: number | null;
  /** A curve that runs along its limit: then the minute at which it crosses is hardly a figure. */
  readonly graze: Graze | null;
};

const EVERYWHERE = LEVELS.map((level) => ({ level, accepted: levelEverywhere(level) }));

/** Every limit a sit passes for good, at the accepted levels and at each level everywhere. */
export type SitCrossings = {
  readonly own: readonly Crossing[];
  readonly recoveries: readonly Recovery[];
  readonly standard: Crossing | null;
  readonly graze: Graze | null;
  readonly byLevel: Readonly<Record<Level, readonly Crossing[]>>;
  /** Minutes from the start of the sit that the curves cover. */
  readonly coveredMinutes: number;
};

/** What ends a sit, and every limit seen to be passed in what was simulated for it. */
export type SeenCrossings = {
  readonly verdict: LevelVerdict;
  readonly crossings: readonly Crossing[];
  readonly covered: number;
};

/** Minutes from the start of a sit that its curves cover. */
export const coveredMinutes = (watches: readonly Watch[]): number => (watches[0]?.values.length ?? 1) - 1;

/** Minutes that have to be covered before nothing later could undo a crossing at a minute. */
export const sureFrom = (minute: number): number => (minute === 0 ? LEFT_WITHIN_MINUTES : minute + RECOVERY_MINUTES);

/** Whether nothing simulated later could undo a crossing. */
export const isSure = (crossing: Crossing | null | undefined, covered: number): boolean =>
  crossing !== null && crossing !== undefined && sureFrom(crossing.minute) <= covered;

/** What is seen in a sit's curves as far as they go. */
export function seenIn(
  watches: readonly Watch[],
  ruling: readonly Limit[],
  accepted: AcceptedLevels,
  inTask: InTask,
): SeenCrossings {
  const { crossings } = passingsOf(rulingWatches(watches, ruling), accepted, inTask);
  const covered = coveredMinutes(watches);
  return { verdict: judge(crossings, covered), crossings, covered };
}

/** Watches of the limits that may end a sit. */
export const rulingWatches = (watches: readonly Watch[], ruling: readonly Limit[]): Watch[] =>
  watches.filter(({ limit }) => ruling.includes(limit));

/**
 * Finds the crossings of a sit from its curves.
 * @param ruling limits that may end it
 * @param before what was found in fewer minutes: what was sure then is not looked for again
 */
export function sitCrossings(
  watches: readonly Watch[],
  ruling: readonly Limit[],
  accepted: AcceptedLevels,
  inTask: InTask,
  before: SitCrossings | null = null,
): SitCrossings {
  const judging = rulingWatches(watches, ruling);
  const own = passingsOf(judging, accepted, inTask);
  const crossingsAt = ({ level, accepted: everywhere }: (typeof EVERYWHERE)[number]): readonly Crossing[] => {
    if (before && isSure(before.byLevel[level][0], before.coveredMinutes)) return before.byLevel[level];
    if (ruling.every((limit) => accepted[limit] === level)) return own.crossings;
    return passingsOf(judging, everywhere, inTask).crossings;
  };
  const rows = EVERYWHERE.map((row) => [row.level, crossingsAt(row)]);
  return {
    own: own.crossings,
    recoveries: own.recoveries,
    graze: grazeOf(judging, accepted, own.crossings[0]),
    standard:
      before && isSure(before.standard, before.coveredMinutes) ? before.standard : standardCrossing(watches, inTask),
    byLevel: Object.fromEntries(rows) as Record<Level, Crossing[]>,
    coveredMinutes: coveredMinutes(watches),
  };
}

/** Where the standard's heat debt would end a sit. */
const standardCrossing = (watches: readonly Watch[], inTask: InTask): Crossing | null =>
  passingsOf(rulingWatches(watches, [STANDARD_LIMIT]), levelEverywhere("cold"), inTask).crossings[0] ?? null;

/** Judges a sit from its crossings. */
export function answerOf({ fromMinute, toMinute }: SitSpan, crossings: SitCrossings): SitAnswer {
  const { own, byLevel, coveredMinutes, recoveries, standard, graze } = crossings;
  const rows = LEVELS.map((level) => [level, judge(byLevel[level], coveredMinutes)]);
  return {
    fromMinute,
    toMinute,
    verdict: judgeWithRunnerUp(own, coveredMinutes),
    byLevel: Object.fromEntries(rows) as Record<Level, LevelVerdict>,
    recoveries,
    standardMinutes: standard?.minute ?? null,
    graze,
  };
}

/** How far past plan and answer runner-up and the other levels are looked for, min: they are told beside the answer. */
const BESIDE_MINUTES = 60;

/**
 * Whether nothing simulated later could change the answer: the first limit is passed for good at the accepted levels, and
 * so are the runner-up and the first at every level, or they do not come within an hour of plan and answer.
 * @param withRunnerUp whether the runner-up is wanted; with a single limit there may be none
 */
export function isSettled(
  { own, byLevel, coveredMinutes: covered }: SitCrossings,
  plannedMinutes: number,
  withRunnerUp: boolean,
): boolean {
  const [first] = own;
  if (!isSure(first, covered)) return false;
  if (covered >= Math.max(plannedMinutes, first!.minute) + BESIDE_MINUTES) return true;
  return (
    (!withRunnerUp || isSure(runnerUpOf(own), covered)) && LEVELS.every((level) => isSure(byLevel[level][0], covered))
  );
}

type Judged = Pick<SitAnswer, "fromMinute" | "toMinute"> & { readonly verdict: LevelVerdict };

/** Minutes a verdict leaves beyond the plan; negative when the sit fails. */
export function spareMinutes({ verdict, fromMinute, toMinute }: Judged): number {
  return leastMinutesStill(verdict) - (toMinute - fromMinute);
}

/** Place of the first sit that fails its plan, else of the one with the least to spare. */
export function decidingSit(sits: readonly Judged[]): number {
  const failing = sits.findIndex((sit) => spareMinutes(sit) < 0);
  if (failing >= 0) return failing;
  const spare = sits.map(spareMinutes);
  return spare.indexOf(Math.min(...spare));
}
