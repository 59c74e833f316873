import { getPosition, getTimes } from "suncalc";

// The one file of the core in which `Date` stands: the package speaks in it, everything else in milliseconds.

/** What the package adds for refraction at the horizon and, meaninglessly, below it: Meeus 16.4 at 0°. */
const REFRACTION_AT_HORIZON_DEG = 0.4845;

/** Where the sun stands, degrees. */
export type SunPosition = {
  /** Above the horizon refraction is included, below it not. */
  readonly elevationDeg: number;
  /** Clockwise from north. */
  readonly azimuthDeg: number;
};

/**
 * @param instantMs ms since 1970, UTC
 * @param latitudeDeg −90…90, north positive
 * @param longitudeDeg −180…180, east positive
 * @source suncalc 2 (Meeus, Astronomical Algorithms); checked against NREL SPA in tests/reference/sun-cases.json
 */
export function sunPosition(instantMs: number, latitudeDeg: number, longitudeDeg: number): SunPosition {
  const { altitude, azimuth } = getPosition(new Date(instantMs), latitudeDeg, longitudeDeg);
  const isUp = altitude > REFRACTION_AT_HORIZON_DEG;
  return { elevationDeg: isUp ? altitude : altitude - REFRACTION_AT_HORIZON_DEG, azimuthDeg: azimuth };
}

/** Light of one solar day; instants in ms since 1970, `null` where the sun does not pass that height. */
export type DayLight =
  | {
      readonly kind: "day";
      /** Sun 6° below the horizon: outlines can be told. */
      readonly dawnMs: number | null;
      readonly sunriseMs: number;
      readonly sunsetMs: number;
      readonly duskMs: number | null;
    }
  | { readonly kind: "polarDay" }
  | { readonly kind: "polarNight"; readonly dawnMs: number | null; readonly duskMs: number | null };

const ms = (date: Date | null): number | null => date?.getTime() ?? null;

/**
 * Sunrise, sunset and civil twilight of the solar day an instant lies in.
 * @param instantMs any instant of the day; noon of the place is safest
 * @source suncalc 2
 */
export function dayLight(instantMs: number, latitudeDeg: number, longitudeDeg: number): DayLight {
  const times = getTimes(new Date(instantMs), latitudeDeg, longitudeDeg);
  const [sunriseMs, sunsetMs] = [ms(times.sunrise), ms(times.sunset)];
  const twilight = { dawnMs: ms(times.dawn), duskMs: ms(times.dusk) };
  if (sunriseMs === null || sunsetMs === null) {
    return times.alwaysUp ? { kind: "polarDay" } : { kind: "polarNight", ...twilight };
  }
  return { kind: "day", sunriseMs, sunsetMs, ...twilight };
}
