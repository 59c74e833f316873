import { bodyParameters } from "../body";
import { natureOf, phaseAt, Surroundings, type SitAnswer } from "../simulation";
import type { OutfitState } from "../dressing";
import type { Outing } from "../outing";
import { SITE_INDEX } from "../patches";
import { outfitInsulation } from "../sitter";
import { cloFromInsulation } from "../units";
import { WeatherCourse } from "../weather";

/** A sit as one number each: what a standard takes. */
export type SitMeans = {
  readonly airTemperatureC: number;
  readonly radiantTemperatureC: number;
  readonly relativeWindMPerS: number;
  readonly relativeHumidityPercent: number;
  /** Forecast wind at 10 m over open ground, m/s. */
  readonly openWindMPerS: number;
  readonly walkSpeedMPerS: number;
  readonly metabolicRateWPerM2: number;
  /** Whole outfit of the middle of the sit in still air, clo. */
  readonly intrinsicClo: number;
  readonly totalClo: number;
  /** Tightest cloth over the chest, L/(m²·s). */
  readonly airPermeabilityLPerM2S: number;
};

const SUMMED = [
  "airTemperatureC",
  "radiantTemperatureC",
  "relativeWindMPerS",
  "relativeHumidityPercent",
  "walkSpeedMPerS",
  "activityRatio",
] as const;
const OPEN_L_PER_M2S = 1000;

const tightestOverChest = ({ layers }: OutfitState): number =>
  Math.min(OPEN_L_PER_M2S, ...layers[SITE_INDEX.chest!]!.map(({ layer }) => layer.airPermeabilityLPerM2S));

/** Means over the planned minutes of a sit. @throws {CoreError} as `simulateOuting` does */
export function sitMeans(
  outing: Outing,
  { fromMinute, toMinute }: Pick<SitAnswer, "fromMinute" | "toMinute">,
): SitMeans {
  const surroundings = new Surroundings(outing);
  const sums = Object.fromEntries(SUMMED.map((name) => [name, 0])) as Record<(typeof SUMMED)[number], number>;
  const weather = new WeatherCourse(outing.weather);
  let openWindMPerS = 0;
  for (let minute = fromMinute; minute < toMinute; minute++) {
    openWindMPerS += weather.at(minute).windMPerS / (toMinute - fromMinute);
    const { phase, minuteInPhase } = phaseAt(outing.phases, minute);
    const at = surroundings.at(minute, phase, minuteInPhase);
    for (const name of SUMMED) sums[name] += at[name] / (toMinute - fromMinute);
  }
  const middle = Math.floor((fromMinute + toMinute) / 2);
  const { phase, minuteInPhase } = phaseAt(outing.phases, middle);
  const insulation = outfitInsulation(outing.person.body, surroundings.at(middle, phase, minuteInPhase));
  const { basalHeatW, surfaceM2 } = bodyParameters(outing.person.body, natureOf(outing.person).basalHeatFactor);
  const { activityRatio, ...means } = sums;
  return {
    ...means,
    openWindMPerS,
    metabolicRateWPerM2: (activityRatio * basalHeatW) / surfaceM2,
    intrinsicClo: cloFromInsulation(insulation.intrinsicM2KPerW),
    totalClo: cloFromInsulation(insulation.totalM2KPerW),
    airPermeabilityLPerM2S: tightestOverChest(surroundings.dressAt(middle, phase)),
  };
}
