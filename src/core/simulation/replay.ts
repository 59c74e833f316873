import { sitterOf } from "./sitter-of";
import type { Conditions, Sitter } from "../sitter";
import { Course } from "./course";
import type { OutfitState } from "../dressing";
import type { Outing } from "../outing";
import { natureOf } from "./nature";
import type { SitSpan } from "../outing";
import { phaseAt, Surroundings } from "./surroundings";

/** A sitter brought to a minute of an outing, and what surrounded them in the step that led there. */
export type Moment = {
  readonly sitter: Sitter;
  readonly at: Conditions;
  readonly dress: OutfitState;
};

/**
 * Lives an outing up to a minute of one of its sits, past its planned end if need be, to look at that moment.
 * @param minute from the start of the outing, at least 1
 * @throws {CoreError} as `simulateOuting` does
 */
export function replayTo(outing: Outing, { toMinute, lastPhase }: SitSpan, minute: number): Moment {
  const surroundings = new Surroundings(outing);
  const sitter = sitterOf(outing, natureOf(outing.person));
  const course = new Course(sitter, surroundings, "paced", outing.fallsInAtMinute);
  const until = Math.max(1, minute);
  let start = 0;
  outing.phases.slice(0, lastPhase + 1).forEach(({ minutes }, phase) => {
    const to = Math.min(start + minutes, until);
    if (to > start) course.live({ phase, phaseStart: start, from: start, to });
    start += minutes;
  });
  const last = until - 1;
  const held = last >= toMinute;
  if (held) {
    const phaseStart = start - outing.phases[lastPhase]!.minutes;
    course.live({ phase: lastPhase, phaseStart, from: toMinute, to: until, dressHeldAt: toMinute - 1 });
  }
  const { phase, minuteInPhase } = held
    ? { phase: lastPhase, minuteInPhase: last - (start - outing.phases[lastPhase]!.minutes) }
    : phaseAt(outing.phases, last);
  const dressMinute = held ? toMinute - 1 : last;
  return {
    sitter,
    at: surroundings.at(last, phase, minuteInPhase, dressMinute),
    dress: surroundings.dressLivedIn(last, phase, minuteInPhase, dressMinute),
  };
}
