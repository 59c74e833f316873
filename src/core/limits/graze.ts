import { LIMIT_TABLE, type Level } from "./limit-table";
import type { AcceptedLevels } from "./verdict";
import type { Crossing, LimitPlace, Watch } from "./watch";

/** Nearer to its limit than this, and for so long, a curve grazes it: no instrument tells on which side it is. */
const NEAR: Readonly<Record<string, number>> = { "°C": 0.5, K: 0.1, "W/m²": 2, "W·h/m²": 2 };
const GRAZES_FROM_MINUTES = 45;

/** A curve that runs along its limit instead of crossing it: when it does is then hardly a figure. */
export type Graze = {
  readonly limit: Watch["limit"];
  readonly place: LimitPlace;
  readonly level: Level;
  /** Mean of the stretch, in the limit's unit. */
  readonly value: number;
  readonly fromMinute: number;
  readonly toMinute: number;
};

const isNear = ({ limit, values, bounds }: Watch, level: Level, minute: number): boolean => {
  const { unit, value } = LIMIT_TABLE[limit];
  return Math.abs(values[minute]! - (bounds ?? { value }).value[level]) <= NEAR[unit]!;
};

/** The stretch about a minute in which a curve stays near its limit. */
function stretchAbout(watch: Watch, level: Level, minute: number): Graze | null {
  if (!isNear(watch, level, minute)) return null;
  let [from, to] = [minute, minute];
  while (from > 0 && isNear(watch, level, from - 1)) from--;
  while (to < watch.values.length - 1 && isNear(watch, level, to + 1)) to++;
  if (to - from < GRAZES_FROM_MINUTES) return null;
  let sum = 0;
  for (let at = from; at <= to; at++) sum += watch.values[at]!;
  const { limit, place } = watch;
  return { limit, place, level, value: sum / (to - from + 1), fromMinute: from, toMinute: to };
}

/** Last minute of a sit at which a curve that crosses nothing is near its limit. */
function lastNear(watch: Watch, level: Level): number {
  let minute = watch.values.length - 1;
  while (minute >= 0 && !isNear(watch, level, minute)) minute--;
  return minute;
}

/**
 * What grazes its limit: of the curve that ends a sit, or where none does of the one that comes nearest.
 * Fingers are left out while at rest they are judged by the hard level.
 */
export function grazeOf(
  watches: readonly Watch[],
  accepted: AcceptedLevels,
  first: Crossing | undefined,
): Graze | null {
  const levelOf = ({ limit }: Watch): Level => (LIMIT_TABLE[limit].atRest === "hard" ? "hard" : accepted[limit]);
  if (first) {
    const watch = watches.find(({ limit, place }) => limit === first.limit && place.part === first.place.part);
    return watch ? stretchAbout(watch, levelOf(watch), first.minute) : null;
  }
  for (const watch of watches) {
    const minute = lastNear(watch, levelOf(watch));
    const graze = minute >= 0 ? stretchAbout(watch, levelOf(watch), minute) : null;
    if (graze) return graze;
  }
  return null;
}
