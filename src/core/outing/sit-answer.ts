import {
  crossingsOf,
  judge,
  judgeWithRunnerUp,
  LEVELS,
  levelEverywhere,
  RECOVERY_MINUTES,
  runnerUpOf,
  type AcceptedLevels,
  type Crossing,
  type InTask,
  type Level,
  type LevelVerdict,
  type Verdict,
  type Watch,
} from "../limits";
import type { SitSpan } from "./sits";

/** The answer for one sit of an outing. */
export type SitAnswer = {
  /** Minutes from the start of the outing. */
  readonly fromMinute: number;
  readonly toMinute: number;
  /** At the levels the person accepts. */
  readonly verdict: Verdict;
  /** All limits at one level, for each level. */
  readonly byLevel: Readonly<Record<Level, LevelVerdict>>;
};

const EVERYWHERE = LEVELS.map((level) => ({ level, accepted: levelEverywhere(level) }));

/** Every limit a sit passes for good, at the accepted levels and at each level everywhere. */
export type SitCrossings = {
  readonly own: readonly Crossing[];
  readonly byLevel: Readonly<Record<Level, readonly Crossing[]>>;
  /** Minutes from the start of the sit that the curves cover. */
  readonly coveredMinutes: number;
};

/** Minutes from the start of a sit that its curves cover. */
export const coveredMinutes = (watches: readonly Watch[]): number => (watches[0]?.values.length ?? 1) - 1;

/** Whether nothing simulated later could undo a crossing. */
export const isSure = (crossing: Crossing | null | undefined, covered: number): boolean =>
  crossing !== null && crossing !== undefined && crossing.minute + RECOVERY_MINUTES <= covered;

/** Finds the crossings of a sit from its curves. */
export function sitCrossings(watches: readonly Watch[], accepted: AcceptedLevels, inTask: InTask): SitCrossings {
  const rows = EVERYWHERE.map((row) => [row.level, crossingsOf(watches, row.accepted, inTask)]);
  return {
    own: crossingsOf(watches, accepted, inTask),
    byLevel: Object.fromEntries(rows) as Record<Level, Crossing[]>,
    coveredMinutes: coveredMinutes(watches),
  };
}

/** Judges a sit from its crossings. */
export function answerOf({ fromMinute, toMinute }: SitSpan, crossings: SitCrossings): SitAnswer {
  const { own, byLevel, coveredMinutes } = crossings;
  const rows = LEVELS.map((level) => [level, judge(byLevel[level], coveredMinutes)]);
  return {
    fromMinute,
    toMinute,
    verdict: judgeWithRunnerUp(own, coveredMinutes),
    byLevel: Object.fromEntries(rows) as Record<Level, LevelVerdict>,
  };
}

/**
 * Whether nothing simulated later could change the answer: the first limit and the runner-up are passed for good at the
 * accepted levels, and the first at every level.
 * @param withRunnerUp whether the runner-up is wanted; with a single limit there may be none
 */
export function isSettled({ own, byLevel, coveredMinutes: covered }: SitCrossings, withRunnerUp: boolean): boolean {
  return (
    isSure(own[0], covered) &&
    (!withRunnerUp || isSure(runnerUpOf(own), covered)) &&
    LEVELS.every((level) => isSure(byLevel[level][0], covered))
  );
}

/** Minutes a verdict leaves beyond the plan; negative when the sit fails. */
export function spareMinutes({ verdict, fromMinute, toMinute }: SitAnswer): number {
  const planned = toMinute - fromMinute;
  if (verdict.kind === "arrivesTooCold") return -planned;
  return (verdict.kind === "ends" ? verdict.minutesStill : verdict.minutes) - planned;
}
