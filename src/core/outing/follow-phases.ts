import { totalMinutes } from "./minutes";
import type { Wearing } from "./outing";

type Timed = { readonly id: string; readonly minutes: number };

const startsOf = (phases: readonly Timed[]): Map<string, { readonly start: number; readonly minutes: number }> => {
  let start = 0;
  return new Map(
    phases.map(({ id, minutes }) => {
      const own = [id, { start, minutes }] as const;
      start += minutes;
      return own;
    }),
  );
};

/**
 * Wearings of one who goes along, after somebody else changed the phases: what was put on at a phase stays with it. A
 * wearing left without time keeps one minute; one that lay past the end is cut there.
 * @param before phases as they were
 * @param after phases as they are, those that stayed known by their id
 */
export function followPhases<W extends Wearing>(
  wearings: readonly W[],
  before: readonly Timed[],
  after: readonly Timed[],
): W[] {
  const fresh = startsOf(after);
  const freshEnd = totalMinutes(after);
  const old = [...startsOf(before)];
  const oldEnd = totalMinutes(before);
  const moved = (minute: number): number => {
    if (minute >= oldEnd) return freshEnd;
    const index = old.findIndex(([, { start, minutes }]) => minute < start + minutes);
    for (let at = index; at < old.length; at++) {
      const [id, { start }] = old[at]!;
      const there = fresh.get(id);
      // A phase that was taken out hands what began in it on to the next that stayed.
      if (there) return there.start + Math.min(there.minutes, at === index ? minute - start : 0);
    }
    return freshEnd;
  };
  return wearings.map((wearing) => {
    const toMinute = Math.max(1, moved(wearing.toMinute));
    return { ...wearing, fromMinute: Math.min(moved(wearing.fromMinute), toMinute - 1), toMinute };
  });
}
