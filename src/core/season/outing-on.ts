import { atSeatFromMinute, totalMinutes, type Outing } from "../outing";
import { MS_PER_MINUTE } from "../units";
import type { SeasonHour, SeasonSite } from "./season-weather";

/** Hours before and after an outing that its weather is read from. */
const BESIDE_MINUTES = 60;
/** Between hours further apart nothing is known (assumption). */
const MOST_APART_MINUTES = 180;

/**
 * An outing on a day of a season: one is at the seat at an instant, in the weather of the hours around it.
 * @returns `null` where the hours do not cover it
 */
export function outingOn(
  outing: Outing,
  seatAtMs: number,
  hours: readonly SeasonHour[],
  { latitudeDeg, longitudeDeg }: SeasonSite,
): Outing | null {
  const startsAtMs = seatAtMs - atSeatFromMinute(outing.phases) * MS_PER_MINUTE;
  const endsAtMs = startsAtMs + totalMinutes(outing.phases) * MS_PER_MINUTE;
  const besideMs = BESIDE_MINUTES * MS_PER_MINUTE;
  const around = hours.filter(({ atMs }) => atMs > startsAtMs - besideMs && atMs < endsAtMs + besideMs);
  const [first, last] = [around[0], around.at(-1)];
  if (!first || !last || first.atMs > startsAtMs || last.atMs < endsAtMs - besideMs) return null;
  const isBroken = around.some(
    ({ atMs }, index) => index > 0 && atMs - around[index - 1]!.atMs > MOST_APART_MINUTES * MS_PER_MINUTE,
  );
  if (isBroken) return null;
  return {
    ...outing,
    startsAtMs,
    place: { ...outing.place, latitudeDeg, longitudeDeg },
    weather: around.map(({ atMs, ...hour }) => ({
      minute: (atMs - startsAtMs) / MS_PER_MINUTE,
      ...hour,
      radiantTemperatureC: null,
    })),
  };
}

/** Hours on either side of an outing that are kept for it: more than its weather is read from. */
const KEPT_BESIDE_MINUTES = 2 * MOST_APART_MINUTES;

/** Of a year's hours those near the outings of some days: what else there is does not matter to them. */
export function hoursNear(
  outing: Outing,
  seatsAtMs: readonly number[],
  hours: readonly SeasonHour[],
): readonly SeasonHour[] {
  const before = (atSeatFromMinute(outing.phases) + KEPT_BESIDE_MINUTES) * MS_PER_MINUTE;
  const after = (totalMinutes(outing.phases) + KEPT_BESIDE_MINUTES) * MS_PER_MINUTE;
  return hours.filter(({ atMs }) => seatsAtMs.some((seat) => atMs >= seat - before && atMs <= seat + after));
}
