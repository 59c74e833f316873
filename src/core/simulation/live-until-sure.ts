import type { SitSpan } from "../outing";
import type { Stretch } from "./course";
import type { Run } from "./run-outing";
import { isSure, seenIn, sureFrom, type SeenCrossings } from "./sit-answer";
import { sitWatches } from "./sit-watches";
import { taskMinutes } from "./task-minutes";

/** Minutes of a sit before which what was seen cannot be sure: of what was not passed yet, passed the minute after. */
function soonestSure({ crossings, covered }: SeenCrossings, pastShare: number): number {
  const minute = crossings[0]?.minute ?? covered + 1;
  return Math.max(sureFrom(minute), minute * (1 + pastShare));
}

/**
 * Lives a phase of a sit until what ends the sit is sure, in the very steps it would be lived in whole.
 * @param pastShare goes on past the sit's end for such a share of its minutes, for who asks what would have come next
 * @returns what was seen once it is sure; `null` where the phase was lived whole
 */
export function liveUntilSure(run: Run, span: SitSpan, stretch: Stretch, pastShare = 0): SeenCrossings | null {
  const { outing, recorder, ruling, feltAt } = run;
  const inTask = taskMinutes(outing.phases, span);
  let seen: SeenCrossings | null = null;
  let nextLook = stretch.from + 1;
  run.course.live(stretch, recorder, 0, (minute) => {
    if (minute < nextLook || minute === stretch.to) return false;
    const watches = sitWatches(recorder.series, span.fromMinute, minute, null, 0, feltAt);
    const now = seenIn(watches, ruling, outing.person.accepted, inTask);
    nextLook = span.fromMinute + Math.ceil(soonestSure(now, pastShare));
    if (!isSure(now.crossings[0], now.covered) || nextLook > minute) return false;
    seen = now;
    return true;
  });
  return seen;
}
