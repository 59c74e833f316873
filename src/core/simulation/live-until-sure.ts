import type { SitSpan } from "../outing";
import type { Stretch } from "./course";
import type { Run } from "./run-outing";
import { isSure, seenIn, type SeenCrossings } from "./sit-answer";
import { sitWatches } from "./sit-watches";
import { taskMinutes } from "./task-minutes";

/** How often it is looked whether a sit's end is sure, min: a look costs about as much as a step (assumption). */
const LOOK_EVERY_MINUTES = 15;

/**
 * Lives a phase of a sit until what ends the sit is sure, in the very steps it would be lived in whole.
 * @param pastShare goes on past the sit's end for such a share of its minutes, for who asks what would have come next
 * @returns what was seen once it is sure; `null` where the phase was lived whole
 */
export function liveUntilSure(run: Run, span: SitSpan, stretch: Stretch, pastShare = 0): SeenCrossings | null {
  const { outing, recorder, ruling, feltAt } = run;
  const inTask = taskMinutes(outing.phases, span);
  let seen: SeenCrossings | null = null;
  let nextLook = stretch.from + LOOK_EVERY_MINUTES;
  run.course.live(stretch, recorder, 0, (minute) => {
    if (minute < nextLook || minute === stretch.to) return false;
    nextLook = minute + LOOK_EVERY_MINUTES;
    const watches = sitWatches(recorder.series, span.fromMinute, minute, null, 0, feltAt);
    const now = seenIn(watches, ruling, outing.person.accepted, inTask);
    const [first] = now.crossings;
    if (!isSure(first, now.covered) || now.covered < first!.minute * (1 + pastShare)) return false;
    seen = now;
    return true;
  });
  return seen;
}
