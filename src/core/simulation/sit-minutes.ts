import type { LevelVerdict } from "../limits";
import type { Outing } from "../outing";
import { liveUntilSure } from "./live-until-sure";
import { beginRun, holdUntilSettled, runOuting, type Run, type SimulationOptions } from "./run-outing";
import type { OutingSeries } from "./series";
import { isSure, seenIn, sureFrom, type SeenCrossings } from "./sit-answer";
import { taskMinutes } from "./task-minutes";
import type { SitSpan } from "../outing";

/** How long each sit lasts at the levels the person accepts. */
export type SitMinutes = { readonly sits: readonly LevelVerdict[]; readonly series: OutingSeries };

/**
 * The minutes still of an outing's sits and no more, for those who ask many times: the same as `simulateOuting` gives,
 * without what comes second, what other levels say, and the curves of skin and water.
 * @throws {CoreError} as `simulateOuting` does
 */
export function simulateSitMinutes(outing: Outing, options: SimulationOptions = {}): SitMinutes {
  const { series, answers } = runOuting(outing, { ...options, allCurves: false }, minutesOfSit);
  return { series, sits: answers };
}

/**
 * The same of one sit alone, simulated no further than its answer takes.
 * @param sit place of the sit among the outing's sits
 * @throws {CoreError} as `simulateOuting` does
 */
export function simulateOneSit(outing: Outing, sit: number, options: SimulationOptions = {}): LevelVerdict {
  const { run, spans } = beginRun(outing, { ...options, allCurves: false });
  const span = spans[sit]!;
  let start = 0;
  for (let phase = 0; start < span.toMinute; phase++) {
    const end = start + outing.phases[phase]!.minutes;
    const stretch = { phase, phaseStart: start, from: start, to: end };
    if (start < span.fromMinute) run.course.live(stretch, run.recorder);
    else {
      const seen = liveUntilSure(run, span, stretch);
      if (seen) return seen.verdict;
    }
    start = end;
  }
  return seenInSit(run, span).verdict;
}

const minutesOfSit = (run: Run, span: SitSpan): LevelVerdict => seenInSit(run, span).verdict;

/** What is seen in a sit, held past its plan as long as what ends it is open. */
export function seenInSit(run: Run, span: SitSpan): SeenCrossings {
  const { phases, person } = run.outing;
  const inTask = taskMinutes(phases, span);
  return holdUntilSettled(
    run,
    span,
    (watches) => seenIn(watches, run.ruling, person.accepted, inTask),
    (seen) => isSure(seen.crossings[0], seen.covered),
    ({ crossings: [first] }) => (first ? sureFrom(first.minute) : Infinity),
  );
}
