import { MS_PER_MINUTE } from "../units";
import { saturationPressureKPa } from "../body";
import { HELD_PAST_PLAN_MINUTES } from "../limits";
import { radiantTemperatureAroundC } from "../sky";
import { sunPosition } from "../sun";
import { SHELTER, WeatherCourse, windShareAtSeat, type WeatherHour } from "../weather";
import { type Outing, totalMinutes } from "../outing";

/** Sky and sun are computed so often, min; linear between, as the weather is. */
const EVERY_MINUTES = 15;
const BELOW_HORIZON_DEG = -90;
const PERCENT = 100;
const LEAST_MINUTE = 0.5;

/** Elevation of the sun at a minute; far below the horizon where place or date are not known. */
function sunElevationDeg({ place, startsAtMs }: Pick<Outing, "place" | "startsAtMs">, minute: number): number {
  const { latitudeDeg, longitudeDeg } = place;
  if (startsAtMs === undefined || latitudeDeg === undefined || longitudeDeg === undefined) return BELOW_HORIZON_DEG;
  return sunPosition(startsAtMs + minute * MS_PER_MINUTE, latitudeDeg, longitudeDeg).elevationDeg;
}

const sunElevationKnown = ({ place, startsAtMs }: Pick<Outing, "place" | "startsAtMs">): boolean =>
  startsAtMs !== undefined && place.latitudeDeg !== undefined && place.longitudeDeg !== undefined;

const knowsCloud = ({ cloudShare }: WeatherHour): boolean => cloudShare !== undefined && cloudShare !== null;

/** Cloud at a minute, linear between the hours that know it, of which there is at least one; beyond them as there. */
function cloudAt(known: readonly WeatherHour[], minute: number): number {
  const later = known.find((hour) => hour.minute >= minute) ?? known.at(-1)!;
  const earlier = known.findLast((hour) => hour.minute <= minute) ?? known[0]!;
  const span = later.minute - earlier.minute;
  const share = span > 0 ? (minute - earlier.minute) / span : 0;
  return earlier.cloudShare! + (later.cloudShare! - earlier.cloudShare!) * share;
}

/** Radiant temperature that is stated for a minute: of its hour, or between two hours that both state one. */
function statedAt(hours: readonly WeatherHour[], minute: number): number | null {
  const later = hours.find((hour) => hour.minute > minute - LEAST_MINUTE);
  const earlier = hours.findLast((hour) => hour.minute < minute + LEAST_MINUTE);
  if (!later || !earlier || later.radiantTemperatureC === null || earlier.radiantTemperatureC === null) return null;
  const span = later.minute - earlier.minute;
  const share = span > LEAST_MINUTE ? (minute - earlier.minute) / span : 0;
  return earlier.radiantTemperatureC + (later.radiantTemperatureC - earlier.radiantTemperatureC) * share;
}

/**
 * The weather with the radiant temperature filled in by cloud, sky, snow and sun. Hours that state
 * a radiant temperature keep it; weather without cloud is handed back as it is.
 * @source docs/method.md, "Sky and sun"
 */
export function withRadiation(outing: Outing): readonly WeatherHour[] {
  const { weather, place } = outing;
  const first = weather[0];
  const last = weather.at(-1);
  if (!first || !last || !weather.some(knowsCloud)) return weather;
  const course = new WeatherCourse(weather);
  const clouded = weather.filter(knowsCloud);
  const windShare = windShareAtSeat(place.shelter, 0);
  // Past the last hour its weather is held, but the sun goes on its course.
  const lastKnown = sunElevationKnown(outing) ? last.minute + HELD_PAST_PLAN_MINUTES : last.minute;
  // Only what is simulated: an hour with a mistyped year must not cost a century of sky.
  const total = totalMinutes(outing.phases);
  const skipped = Math.max(0, Math.floor(-first.minute / EVERY_MINUTES));
  const firstMinute = Math.min(first.minute + skipped * EVERY_MINUTES, lastKnown);
  const lastMinute = Math.max(firstMinute, Math.min(lastKnown, total + HELD_PAST_PLAN_MINUTES + EVERY_MINUTES));
  const count = Math.max(1, Math.ceil((lastMinute - firstMinute) / EVERY_MINUTES));
  return Array.from({ length: count + 1 }, (_, knot): WeatherHour => {
    const minute = Math.min(lastMinute, firstMinute + knot * EVERY_MINUTES);
    const { airTemperatureC, windMPerS, relativeHumidityPercent, precipitationMmPerH } = course.at(minute);
    const radiantTemperatureC = radiantTemperatureAroundC({
      airTemperatureC,
      vapourPressureKPa: (saturationPressureKPa(airTemperatureC) * relativeHumidityPercent) / PERCENT,
      cloudShare: cloudAt(clouded, minute),
      sunElevationDeg: sunElevationDeg(outing, minute),
      skyShare: SHELTER[place.shelter].skyShare,
      snow: place.ground === "snow" || (place.snowCover ?? false),
      windMPerS: windMPerS * windShare,
    });
    return {
      minute,
      airTemperatureC,
      windMPerS,
      relativeHumidityPercent,
      radiantTemperatureC: statedAt(weather, Math.min(minute, last.minute)) ?? radiantTemperatureC,
      precipitationMm: precipitationMmPerH,
    };
  });
}
