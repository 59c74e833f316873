import type { OutingResult } from "@/core/simulation";
import { estimatedHeadline, headlineOf, type Headline, type MinutesBound, type MinutesRange } from "@/core/range";
import type { VerdictLine } from "./outing-view";

const boundOf = (bound: MinutesBound | null): number | null => (bound?.kind === "minutes" ? bound.minutes : null);

function lineOf(result: OutingResult, { kind, minutes, endedBy, low, high }: Headline): VerdictLine {
  const sit = result.sits[result.decidingSit]!;
  return {
    kind,
    minutesStill: minutes,
    lowMinutes: boundOf(low),
    highMinutes: boundOf(high),
    standardMinutes: sit.standardMinutes,
    plannedMinutes: sit.toMinute - sit.fromMinute,
    sitFromMinute: sit.fromMinute,
    limit: endedBy?.limit ?? null,
    part: endedBy?.place.part ?? null,
    side: endedBy?.place.side ?? null,
  };
}

/** The deciding sit of a result in a line: its headline, the middle of its range. */
export const verdictLine = (result: OutingResult, range: MinutesRange): VerdictLine =>
  lineOf(result, headlineOf(result.sits[result.decidingSit]!, range));

/** The same before its range is known: the single run times what the middle of the last known range was over its own. */
export const estimatedLine = (result: OutingResult, ratio: number): VerdictLine =>
  lineOf(result, estimatedHeadline(result.sits[result.decidingSit]!, ratio));
