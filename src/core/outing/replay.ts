import { createSitter, type Conditions, type Sitter } from "../sitter";
import type { Dress } from "./dressing";
import type { Outing } from "./outing";
import { natureOf } from "./run-outing";
import type { SitSpan } from "./sits";
import { phaseAt, Surroundings } from "./surroundings";

/** A sitter brought to a minute of an outing, and what surrounded them in the step that led there. */
export type Moment = {
  readonly sitter: Sitter;
  readonly at: Conditions;
  readonly dress: Dress;
};

/**
 * Lives an outing up to a minute of one of its sits, past its planned end if need be, to look at that moment.
 * @param minute from the start of the outing, at least 1
 * @throws {CoreError} as `simulateOuting` does
 */
export function replayTo(outing: Outing, { toMinute, lastPhase }: SitSpan, minute: number): Moment {
  const surroundings = new Surroundings(outing);
  const sitter = createSitter(outing.person.body, outing.start, natureOf(outing.person));
  const phaseStart = outing.phases.slice(0, lastPhase).reduce((total, { minutes }) => total + minutes, 0);
  let moment: Omit<Moment, "sitter"> | null = null;
  for (let step = 0; step < Math.max(1, minute); step++) {
    const held = step >= toMinute;
    const planned = held ? { phase: lastPhase, minuteInPhase: step - phaseStart } : phaseAt(outing.phases, step);
    const dressMinute = held ? toMinute - 1 : step;
    const at = surroundings.at(step, planned.phase, planned.minuteInPhase, dressMinute);
    sitter.step(at);
    const dress = surroundings.dressLivedIn(step, planned.phase, planned.minuteInPhase, dressMinute);
    moment = { at, dress };
  }
  return { ...moment!, sitter };
}
