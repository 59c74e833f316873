import type { Doing, Outing, Phase } from "../outing";
import type { Variation } from "./variation";

const isWalked = ({ walkSpeedMPerS, effort }: Doing): boolean => walkSpeedMPerS > 0 || effort?.kind === "walk";
const isWay = ({ kind }: Phase): boolean => kind === "walkIn" || kind === "walkOut";

type Varied = Pick<Variation, "airOffsetK" | "windFactor" | "walkEffortFactor"> & {
  /** Heat of what is done still, over what the plan says: one for all, or by what is done. */
  readonly stillHeatFactor: number | ((doing: Doing) => number);
};

/** The outing in the weather and with the effort of one variation; what is worn is misread apart (`ClothesWithLabelErrors`). */
export function varyOuting(outing: Outing, variation: Varied): Outing {
  const { airOffsetK, windFactor, walkEffortFactor, stillHeatFactor } = variation;
  const walked = { effortFactor: walkEffortFactor };
  const still = (doing: Doing) => ({
    heatFactor: typeof stillHeatFactor === "number" ? stillHeatFactor : stillHeatFactor(doing),
  });
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
      ...(isWay(phase) || isWalked(phase) ? walked : still(phase)),
      recurring: phase.recurring?.map((doing) => ({ ...doing, ...(isWalked(doing) ? walked : still(doing)) })),
    })),
  };
}
