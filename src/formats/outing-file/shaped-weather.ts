import { MINUTES_PER_HOUR, MS_PER_HOUR } from "@/core/units";
import { shapedTemperatureC, type LowHigh } from "@/core/day";
import { dayLight } from "@/core/sun";

/** A day known by low and high, as a file gives it. */
export type LowHighDay = {
  readonly lowC: number;
  readonly highC: number;
  readonly windMPerS: number;
  readonly relativeHumidityPercent: number;
  readonly cloudShare?: number | null | undefined;
};

/** Where and when the day is. */
export type DayPlace = {
  readonly startsAt: string;
  readonly timeZone: string;
  readonly latitudeDeg?: number | undefined;
  readonly longitudeDeg?: number | undefined;
};

/** A sit may be held six hours past its plan. */
const HOURS_BEYOND = 7;
/** Where the place is not known: the day of an equinox (assumption). */
const USUAL_SUN = { sunriseH: 6, sunsetH: 18 } as const;

/** Hour of the local day, with minutes as a fraction. */
function localHour(instantMs: number, timeZone: string): number {
  const parts = new Intl.DateTimeFormat("en-GB", { hour: "2-digit", minute: "2-digit", hourCycle: "h23", timeZone })
    .formatToParts(new Date(instantMs))
    .map(({ value }) => Number(value));
  const [hour, , minute] = parts as [number, number, number];
  return hour + minute / MINUTES_PER_HOUR;
}

function sunOf({ startsAt, timeZone, latitudeDeg, longitudeDeg }: DayPlace): Pick<LowHigh, "sunriseH" | "sunsetH"> {
  if (latitudeDeg === undefined || longitudeDeg === undefined) return USUAL_SUN;
  const light = dayLight(Date.parse(startsAt), latitudeDeg, longitudeDeg);
  if (light.kind !== "day") return { sunriseH: null, sunsetH: null };
  return { sunriseH: localHour(light.sunriseMs, timeZone), sunsetH: localHour(light.sunsetMs, timeZone) };
}

/** Shapes a day into hours, from the hour before the start to seven past the end. */
export function shapedHours(day: LowHighDay, place: DayPlace, totalMinutes: number) {
  const { lowC, highC, windMPerS, relativeHumidityPercent, cloudShare } = day;
  const sun = sunOf(place);
  const first = Math.floor(Date.parse(place.startsAt) / MS_PER_HOUR) * MS_PER_HOUR;
  const count = Math.ceil(totalMinutes / MINUTES_PER_HOUR) + HOURS_BEYOND + 1;
  return Array.from({ length: count + 1 }, (_, hour) => {
    const instantMs = first + hour * MS_PER_HOUR;
    return {
      at: new Date(instantMs).toISOString(),
      airTemperatureC: shapedTemperatureC({ lowC, highC, ...sun }, localHour(instantMs, place.timeZone)),
      windMPerS,
      relativeHumidityPercent,
      radiantTemperatureC: null,
      ...(cloudShare === undefined ? {} : { cloudShare }),
    };
  });
}
