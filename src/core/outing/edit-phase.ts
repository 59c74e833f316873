import { minutesBefore } from "./minutes";
import type { Phase, Wearing } from "./outing";

/** Where a minute of the old plan lies once a phase has another length. */
function moved(minute: number, phaseStart: number, oldEnd: number, newEnd: number): number {
  if (minute <= phaseStart) return minute;
  if (minute >= oldEnd) return minute + newEnd - oldEnd;
  return Math.min(minute, newEnd);
}

/**
 * Gives a phase another length; what was put on or taken off at a later phase stays with that phase.
 * A wearing that would have no time left keeps one minute.
 * @param index place of the phase
 * @param minutes its new length, min, at least 1
 */
export function withPhaseMinutes<P extends Phase, W extends Wearing>(
  phases: readonly P[],
  wearings: readonly W[],
  index: number,
  minutes: number,
): { phases: P[]; wearings: W[] } {
  const start = minutesBefore(phases, index);
  const oldEnd = start + (phases[index]?.minutes ?? 0);
  const newEnd = start + minutes;
  return {
    phases: phases.map((phase, position) => (position === index ? { ...phase, minutes } : phase)),
    wearings: wearings.map((wearing) => {
      const fromMinute = moved(wearing.fromMinute, start, oldEnd, newEnd);
      const toMinute = moved(wearing.toMinute, start, oldEnd, newEnd);
      return { ...wearing, fromMinute: Math.min(fromMinute, toMinute - 1), toMinute };
    }),
  };
}

type Edited<P, W> = { readonly phases: P[]; readonly wearings: W[] };

const startOf = (phases: readonly Phase[], index: number): number => minutesBefore(phases, index);

/**
 * Puts a phase before another, or last. What is put on with a later phase moves with it; what is worn across goes on.
 * @param index place it gets, 0 to the number of phases
 */
export function withPhaseInserted<P extends Phase, W extends Wearing>(
  phases: readonly P[],
  wearings: readonly W[],
  index: number,
  phase: P,
): Edited<P, W> {
  const boundary = startOf(phases, index);
  const isLast = index === phases.length;
  const later = (minute: number): number => minute + phase.minutes;
  return {
    phases: [...phases.slice(0, index), phase, ...phases.slice(index)],
    wearings: wearings.map((wearing) => ({
      ...wearing,
      fromMinute:
        wearing.fromMinute > boundary || (boundary > 0 && wearing.fromMinute === boundary)
          ? later(wearing.fromMinute)
          : wearing.fromMinute,
      toMinute:
        wearing.toMinute > boundary || (isLast && wearing.toMinute === boundary)
          ? later(wearing.toMinute)
          : wearing.toMinute,
    })),
  };
}

/** Takes a phase out; what was worn only in it goes with it, later changes move up. */
export function withoutPhase<P extends Phase, W extends Wearing>(
  phases: readonly P[],
  wearings: readonly W[],
  index: number,
): Edited<P, W> {
  const start = startOf(phases, index);
  const length = phases[index]?.minutes ?? 0;
  const up = (minute: number): number => (minute <= start ? minute : Math.max(start, minute - length));
  return {
    phases: phases.filter((_, position) => position !== index),
    wearings: wearings
      .map((wearing) => ({ ...wearing, fromMinute: up(wearing.fromMinute), toMinute: up(wearing.toMinute) }))
      .filter(({ fromMinute, toMinute }) => toMinute > fromMinute),
  };
}

/**
 * Cuts a phase in two that do the same; what recurs stays with the first.
 * @param minute into the phase, 1 to its length less 1
 * @param second makes the second of the first, with an id of its own
 */
export function splitPhase<P extends Phase>(
  phases: readonly P[],
  index: number,
  minute: number,
  second: (phase: P) => P,
): P[] {
  return phases.flatMap((phase, position) =>
    position === index
      ? [
          { ...phase, minutes: minute },
          { ...second(phase), minutes: phase.minutes - minute, recurring: undefined },
        ]
      : [phase],
  );
}
