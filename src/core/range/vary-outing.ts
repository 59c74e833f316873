import { isDoneStill, type Outing } from "../outing";
import type { Variation } from "./variation";

type Varied = Pick<Variation, "airOffsetK" | "windFactor" | "walkEffortFactor" | "stillHeatFactor">;

/** The outing in the weather and with the effort of one variation; what is worn is misread apart (`ClothesWithLabelErrors`). */
export function varyOuting(outing: Outing, variation: Varied): Outing {
  const { airOffsetK, windFactor, walkEffortFactor, stillHeatFactor } = variation;
  const walked = { effortFactor: walkEffortFactor };
  const still = { heatFactor: stillHeatFactor };
  return {
    ...outing,
    weather: outing.weather.map((hour) => ({
      ...hour,
      airTemperatureC: hour.airTemperatureC + airOffsetK,
      radiantTemperatureC: hour.radiantTemperatureC === null ? null : hour.radiantTemperatureC + airOffsetK,
      windMPerS: hour.windMPerS * windFactor,
    })),
    phases: outing.phases.map((phase) => ({
      ...phase,
      ...(isDoneStill(phase, phase) ? still : walked),
      recurring: phase.recurring?.map((doing) => ({ ...doing, ...(isDoneStill(doing, phase) ? still : walked) })),
    })),
  };
}
