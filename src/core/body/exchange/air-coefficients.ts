import { exponential } from "../../numeric";
import { SEGMENT_COUNT } from "../segments";
import type { Posture } from "../posture";
import {
  FORCED_CONVECTION_EXPONENT,
  FORCED_CONVECTION_FACTOR,
  LYING_CONVECTION_EXPONENT,
  LYING_CONVECTION_FACTOR,
  NATURAL_CONVECTION_W_PER_M2K,
  RADIATION_W_PER_M2K,
  STANDARD_SKIN_AREA_M2,
} from "../tables";

const STILL_AIR_M_PER_S = 0.2; // below it the published model takes natural convection
const WHOLE_BODY_RADIATION_W_PER_M2K = 4.7;
const WHOLE_BODY_CONVECTION_LEAST_W_PER_M2K = 3;
const WHOLE_BODY_CONVECTION_FACTOR = 8.600001;
const WHOLE_BODY_CONVECTION_EXPONENT = 0.53;

const STANDARD_SURFACE_M2 = STANDARD_SKIN_AREA_M2.reduce((total, area) => total + area, 0);

/** Mean over the standard body's skin. */
export function areaMean(values: ArrayLike<number>): number {
  let total = 0;
  for (let segment = 0; segment < SEGMENT_COUNT; segment++) total += values[segment]! * STANDARD_SKIN_AREA_M2[segment]!;
  return total / STANDARD_SURFACE_M2;
}

/** How the two kinds of convection meet: the published switch at still air, or the greater of the two (outing mode). */
export type ConvectionRule = "switch-at-still-air" | "greater";

/**
 * Convection per segment, W/(m²·K), written into `out`; scaled so that the whole body meets one published curve.
 * @param windMPerS local wind per segment, m/s, ≥ 0
 * @param skinC, airC per segment, °C; used lying down only
 * @source JOS-3, Takahashi et al. 2021; the rule "greater" is ours (physics of the outing mode, change 1)
 */
export function convection(
  out: Float64Array,
  posture: Posture,
  windMPerS: ArrayLike<number>,
  airC: ArrayLike<number>,
  skinC: ArrayLike<number>,
  rule: ConvectionRule,
): void {
  let logarithmOf = NaN;
  let logarithm = NaN;
  for (let segment = 0; segment < SEGMENT_COUNT; segment++) {
    const wind = windMPerS[segment]!;
    if (wind !== logarithmOf) {
      logarithmOf = wind;
      logarithm = Math.log(wind);
    }
    // v^b by one logarithm for all segments in the same wind; still air gives exp(−∞) = 0
    const forced = FORCED_CONVECTION_FACTOR[segment]! * exponential(FORCED_CONVECTION_EXPONENT[segment]! * logarithm);
    const natural =
      posture === "lying"
        ? LYING_CONVECTION_FACTOR[segment]! *
          Math.abs(airC[segment]! - skinC[segment]!) ** LYING_CONVECTION_EXPONENT[segment]!
        : NATURAL_CONVECTION_W_PER_M2K[posture][segment]!;
    out[segment] = rule === "greater" ? Math.max(natural, forced) : wind < STILL_AIR_M_PER_S ? natural : forced;
  }
  const wholeBody = Math.max(
    WHOLE_BODY_CONVECTION_LEAST_W_PER_M2K,
    WHOLE_BODY_CONVECTION_FACTOR * areaMean(windMPerS) ** WHOLE_BODY_CONVECTION_EXPONENT,
  );
  const scale = wholeBody / areaMean(out);
  for (let segment = 0; segment < SEGMENT_COUNT; segment++) out[segment]! *= scale;
}

const scaledRadiation = (posture: Posture): Float64Array => {
  const scale = WHOLE_BODY_RADIATION_W_PER_M2K / areaMean(RADIATION_W_PER_M2K[posture]);
  return Float64Array.from(RADIATION_W_PER_M2K[posture], (value) => value * scale);
};

const RADIATION: Readonly<Record<Posture, Float64Array>> = {
  standing: scaledRadiation("standing"),
  sitting: scaledRadiation("sitting"),
  lying: scaledRadiation("lying"),
};

/** Radiation per segment, W/(m²·K), scaled to 4.7 for the whole body. @source JOS-3, Takahashi et al. 2021 */
export const radiation = (posture: Posture): Float64Array => RADIATION[posture];
