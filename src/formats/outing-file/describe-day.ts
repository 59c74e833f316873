import { dayRun, hoursOfPlan, lightSpans } from "@/core/day";
import { type Outing, totalMinutes } from "@/core/outing";
import { windShareAtSeat } from "@/core/weather";
import { instantAt } from "./to-outing";

/** The day of an outing as plain JSON: its kind, when to shed and add, and its light where the place is known. */
export function describeDay(outing: Outing, startsAt: string): object {
  const total = totalMinutes(outing.phases);
  const hours = hoursOfPlan(outing.weather, total);
  const { place, startsAtMs } = outing;
  const run = dayRun(hours, windShareAtSeat(place.shelter, place.seatHeightM));
  const isPlaced = startsAtMs !== undefined && place.latitudeDeg !== undefined && place.longitudeDeg !== undefined;
  return {
    kind: run.kind,
    neededClo: run.neededClo.map((clo, hour) => ({ minute: hours[hour]!.minute, clo: Number(clo.toFixed(2)) })),
    advice: run.advice.map((advice) => ({ ...advice, at: instantAt(startsAt, advice.minute) })),
    light: isPlaced ? lightSpans(startsAtMs, total, place.latitudeDeg!, place.longitudeDeg!) : null,
  };
}
