import type { Doing, Outing, Phase } from "../outing";
import type { Variation } from "./variation";

const isWalked = ({ walkSpeedMPerS, effort }: Doing): boolean => walkSpeedMPerS > 0 || effort?.kind === "walk";
const isWay = ({ kind }: Phase): boolean => kind === "walkIn" || kind === "walkOut";

/** The outing in the weather and with the effort of one variation; what is worn is misread apart (`MisreadClothes`). */
export function varyOuting(outing: Outing, variation: Variation): Outing {
  const { airOffsetK, windFactor, walkEffortFactor } = variation;
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
      effortFactor: isWay(phase) || isWalked(phase) ? walkEffortFactor : undefined,
      recurring: phase.recurring?.map((doing) =>
        isWalked(doing) ? { ...doing, effortFactor: walkEffortFactor } : doing,
      ),
    })),
  };
}
