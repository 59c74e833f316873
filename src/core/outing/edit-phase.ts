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
  const start = phases.slice(0, index).reduce((total, phase) => total + phase.minutes, 0);
  const oldEnd = start + (phases[index]?.minutes ?? 0);
  const newEnd = start + minutes;
  return {
    phases: phases.map((phase, place) => (place === index ? { ...phase, minutes } : phase)),
    wearings: wearings.map((wearing) => {
      const fromMinute = moved(wearing.fromMinute, start, oldEnd, newEnd);
      const toMinute = moved(wearing.toMinute, start, oldEnd, newEnd);
      return { ...wearing, fromMinute: Math.min(fromMinute, toMinute - 1), toMinute };
    }),
  };
}
