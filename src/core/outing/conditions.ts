import { contactResistances, type Conditions } from "../sitter";
import { GROUND_INSULATION_M2K_PER_W, groundTemperatureC, relativeWind, weatherAt, windAtSeat } from "../weather";
import type { Dress } from "./dressing";
import type { Outing, Phase } from "./outing";

/** Wind worked out from a forecast is taken in steps: finer than any forecast, and clothing need not be redone each minute. */
const WIND_STEP_M_PER_S = 0.02;

/** Middle of the minute a step covers. */
const MIDDLE_OF_MINUTE = 0.5;

/** What surrounds the person while `phase` goes on, at any minute of the outing. */
export type PhaseConditions = (minute: number, dress: Dress) => Conditions;

/** Prepares a phase: contact is worked out once per outfit, weather each minute. */
export function phaseConditions(outing: Outing, phase: Phase): PhaseConditions {
  const { place, weather } = outing;
  const spot = phase.spot ?? {};
  const groundM2KPerW = spot.groundInsulationM2KPerW ?? GROUND_INSULATION_M2K_PER_W[place.ground];
  const contactOf = new Map<Dress, Conditions["contactM2KPerW"]>();
  const contactFor = (dress: Dress): Conditions["contactM2KPerW"] => {
    const known = contactOf.get(dress);
    if (known) return known;
    const contact = contactResistances(dress.contactLayers, phase.posture, groundM2KPerW);
    contactOf.set(dress, contact);
    return contact;
  };
  return (minute, dress) => {
    const now = weatherAt(weather, minute + MIDDLE_OF_MINUTE);
    const airTemperatureC = spot.airTemperatureC ?? now.airTemperatureC;
    const wind = windAtSeat(now.windMPerS, place.shelter, phase.walkSpeedMPerS > 0 ? 0 : place.seatHeightM);
    const passing = relativeWind(wind, phase.walkSpeedMPerS);
    return {
      airTemperatureC,
      radiantTemperatureC: spot.radiantTemperatureC ?? spot.airTemperatureC ?? now.radiantTemperatureC,
      relativeHumidityPercent: spot.relativeHumidityPercent ?? now.relativeHumidityPercent,
      relativeWindMPerS: spot.relativeWindMPerS ?? Math.round(passing / WIND_STEP_M_PER_S) * WIND_STEP_M_PER_S,
      walkSpeedMPerS: phase.walkSpeedMPerS,
      posture: phase.posture,
      activityRatio: phase.activityRatio,
      groundTemperatureC: spot.groundTemperatureC ?? groundTemperatureC(place.ground, airTemperatureC),
      outfit: dress.outfit,
      contactM2KPerW: contactFor(dress),
    };
  };
}
