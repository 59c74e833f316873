import { MS_PER_MINUTE } from "../units";
import { dayLight } from "../sun";

/** Turns of the day that times are counted from. */
export type SunAnchor = "sunrise" | "sunset";

/**
 * An instant counted from sunrise or sunset, ms since 1970 UTC.
 * @param noonMs noon of the day at the place
 * @param minutesBefore negative: after
 * @returns `null` where the sun does not rise or set that day
 */
export function anchoredTimeMs(
  anchor: SunAnchor,
  minutesBefore: number,
  noonMs: number,
  latitudeDeg: number,
  longitudeDeg: number,
): number | null {
  const light = dayLight(noonMs, latitudeDeg, longitudeDeg);
  if (light.kind !== "day") return null;
  const turnMs = anchor === "sunrise" ? light.sunriseMs : light.sunsetMs;
  return Math.round((turnMs - minutesBefore * MS_PER_MINUTE) / MS_PER_MINUTE) * MS_PER_MINUTE;
}
