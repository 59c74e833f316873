import { sitSpans } from "./sits";
import { withPhaseMinutes } from "./edit-phase";
import type { Outing } from "./outing";

/** An outing whose first sit lasts so long: its last phase of sitting takes what is more or less. */
export function withSitMinutes<Own extends Pick<Outing, "phases" | "wearings">>(outing: Own, minutes: number): Own {
  const [span] = sitSpans(outing.phases);
  if (!span) return outing;
  const { phases, wearings } = outing;
  const wanted = phases[span.lastPhase]!.minutes + minutes - (span.toMinute - span.fromMinute);
  return { ...outing, ...withPhaseMinutes(phases, wearings, span.lastPhase, Math.max(1, wanted)) };
}
