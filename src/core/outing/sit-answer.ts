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
import type { Phase } from "./outing";
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

/** Judges a sit from its curves. */
export function answerOf(
  span: SitSpan,
  watches: readonly Watch[],
  accepted: AcceptedLevels,
  inTask: InTask,
  simulatedMinutes: number,
): SitAnswer {
  const byLevel = EVERYWHERE.map((row) => [
    row.level,
    judge(crossingsOf(watches, row.accepted, inTask), simulatedMinutes),
  ]);
  return {
    fromMinute: span.fromMinute,
    toMinute: span.toMinute,
    verdict: judgeWithRunnerUp(crossingsOf(watches, accepted, inTask), simulatedMinutes),
    byLevel: Object.fromEntries(byLevel) as Record<Level, LevelVerdict>,
  };
}

/**
 * Whether nothing simulated later could change the answer: the first limit and the runner-up are passed for good at the
 * accepted levels, and the first at every level.
 */
export function isSettled(watches: readonly Watch[], accepted: AcceptedLevels, inTask: InTask): boolean {
  const length = watches[0]?.values.length ?? 0;
  const isSure = (crossing: Crossing | null | undefined): boolean =>
    crossing !== null && crossing !== undefined && crossing.minute + RECOVERY_MINUTES < length;
  const own = crossingsOf(watches, accepted, inTask);
  if (!isSure(own[0]) || !isSure(runnerUpOf(own))) return false;
  return EVERYWHERE.every((row) => isSure(crossingsOf(watches, row.accepted, inTask)[0]));
}

/** Which minutes of a sit belong to a task. */
export function taskMinutes(phases: readonly Phase[], { fromMinute, toMinute }: SitSpan): InTask {
  const tasks = new Uint8Array(toMinute - fromMinute + 1);
  let minute = 0;
  for (const phase of phases) {
    const end = minute + phase.minutes;
    // Minute m of the curves is the end of step m: a task's own minutes are those after its start.
    if (phase.kind === "task" && minute >= fromMinute && end <= toMinute) {
      tasks.fill(1, minute - fromMinute + 1, end - fromMinute + 1);
    }
    minute = end;
  }
  return (sitMinute) => tasks[sitMinute] === 1;
}

/** Minutes a verdict leaves beyond the plan; negative when the sit fails. */
export function spareMinutes({ verdict, fromMinute, toMinute }: SitAnswer): number {
  const planned = toMinute - fromMinute;
  if (verdict.kind === "arrivesTooCold") return -planned;
  return (verdict.kind === "ends" ? verdict.minutesStill : verdict.minutes) - planned;
}
