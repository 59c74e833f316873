import { MS_PER_MINUTE, MS_PER_HOUR } from "@/core/units";
import { clearSkyWPerM2, dayLight, sunPosition } from "@/core/sun";
import { Tally, type FileReport, type Tolerance } from "./tally";

type SunCase = {
  lat: number;
  lon: number;
  day: string;
  elevation: number[];
  azimuth: number[];
  ghi_haurwitz: number[];
  sunrise: string | null;
  sunset: string | null;
};
type SunFile = { cases: SunCase[] };

const HOURS_PER_DAY = 24;
const DEGREES_PER_TURN = 360;
const DEGREES_PER_HOUR = 15;

/** Far finer than what light or warmth of an outing asks. */
const ANGLE: Tolerance = { kind: "absolute", allowed: 0.1, unit: "°" };
/** Around the horizon refraction is a convention: how far below it still counts differs between programs. */
const HORIZON_DEG = 1;
const HORIZON: Tolerance = { kind: "absolute", allowed: 0.7, unit: "°" };
const MINUTES: Tolerance = { kind: "absolute", allowed: 2, unit: "min" };
/** At the elevation the table itself states, so that only the sky formula is compared. */
const RADIATION: Tolerance = { kind: "absolute", allowed: 1, unit: "W/m²" };

/** Shorter way round the circle. */
const turnBetween = (one: number, other: number): number =>
  Math.abs(((one - other + DEGREES_PER_TURN * 1.5) % DEGREES_PER_TURN) - DEGREES_PER_TURN / 2);

function compareRiseAndSet(tally: Tally, where: string, expected: SunCase): void {
  const noonMs = Date.parse(`${expected.day}T12:00:00Z`) - (expected.lon / DEGREES_PER_HOUR) * MS_PER_HOUR;
  // The table names the sunrise and the sunset of a UTC day; far east or west they belong to neighbouring solar days.
  const lights = [-1, 0, 1].map((days) =>
    dayLight(noonMs + days * HOURS_PER_DAY * MS_PER_HOUR, expected.lat, expected.lon),
  );
  for (const event of ["sunrise", "sunset"] as const) {
    const instant = expected[event];
    if (instant === null) {
      tally.note(event, where, lights[1]!.kind === "day" ? Infinity : 0, MINUTES);
      continue;
    }
    const away = lights.flatMap((light) =>
      light.kind === "day"
        ? [Math.abs((event === "sunrise" ? light.sunriseMs : light.sunsetMs) - Date.parse(instant))]
        : [],
    );
    tally.note(event, where, Math.min(Infinity, ...away) / MS_PER_MINUTE, MINUTES);
  }
}

/** Sun position, clear sky, sunrise and sunset against ours. */
export function compareSun(file: SunFile): FileReport {
  const tally = new Tally();
  for (const expected of file.cases) {
    const where = `${expected.lat}°, ${expected.lon}°, ${expected.day}`;
    const midnightMs = Date.parse(`${expected.day}T00:00:00Z`);
    expected.elevation.forEach((elevation, hour) => {
      const at = `${where}, ${hour} h`;
      const found = sunPosition(midnightMs + hour * MS_PER_HOUR, expected.lat, expected.lon);
      const nearHorizon = Math.abs(elevation) < HORIZON_DEG;
      const quantity = nearHorizon ? "elevation at horizon" : "elevation";
      tally.compare(quantity, at, found.elevationDeg, elevation, nearHorizon ? HORIZON : ANGLE);
      tally.note("azimuth", at, turnBetween(found.azimuthDeg, expected.azimuth[hour]!), ANGLE);
      tally.compare("clear sky", at, clearSkyWPerM2(elevation), expected.ghi_haurwitz[hour], RADIATION);
    });
    compareRiseAndSet(tally, where, expected);
  }
  return tally.report(file.cases.length);
}
