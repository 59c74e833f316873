import type { OutingResult } from "@/core/outing";
import type { VerdictLine } from "./outing-view";

/** The deciding sit of a result in a line. */
export function verdictLine(result: OutingResult): VerdictLine {
  const sit = result.sits[result.decidingSit]!;
  const { verdict } = sit;
  const crossing = verdict.kind === "longerThan" ? null : verdict.crossing;
  return {
    kind: verdict.kind,
    minutesStill: verdict.kind === "ends" ? verdict.minutesStill : verdict.kind === "longerThan" ? verdict.minutes : 0,
    plannedMinutes: sit.toMinute - sit.fromMinute,
    sitFromMinute: sit.fromMinute,
    limit: crossing?.limit ?? null,
    part: crossing?.place.part ?? null,
    side: crossing?.place.side ?? null,
  };
}
