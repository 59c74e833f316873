import type { Doing, Outing, Phase } from "../outing";
import type { Variation } from "./variation";

const isWalked = ({ walkSpeedMPerS, effort }: Doing): boolean => walkSpeedMPerS > 0 || effort?.kind === "walk";
const isWay = ({ kind }: Phase): boolean => kind === "walkIn" || kind === "walkOut";

/** The outing in the weather and with the effort of one variation; what is worn is misread apart (`ClothesWithLabelErrors`). */
export function varyOuting(outing: Outing, variation: Variation): Outing {
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
      ...(isWay(phase) || isWalked(phase) ? walked : still),
      recurring: phase.recurring?.map((doing) => ({ ...doing, ...(isWalked(doing) ? walked : still) })),
    })),
  };
}
