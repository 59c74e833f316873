import { clamp, powerOfTwo } from "../numeric";
import { BLOOD_HEAT_WH_PER_L_K } from "../units";
import type { DigitNature } from "./digit";

const SKIN_FLOW_DOUBLING_K = 6;
const ANASTOMOSES_HALVING_K = 10;
const ANASTOMOSES_OPEN_C = 30;
const ANASTOMOSES_LEAST_SHARE = 0.2;
const COMMON_DOUBLING_K = 30; // the least common multiple of the two above
const OPEN_CUBE = powerOfTwo(ANASTOMOSES_OPEN_C / ANASTOMOSES_HALVING_K);
export const COLD_DILATION_FROM_C = 10;
const COLD_DILATION_SPAN_K = 8;
const COLD_DILATION_CORE_FALL_K = 0.4;
const COLD_DILATION_CORE_SPAN_K = 0.7;
const PUMP_FROM_ACTIVITY = 1.5;
const PUMP_SPAN_ACTIVITY = 2;

/** Blood that feeds a digit's segment at this step. */
export type FeedingBlood = {
  readonly skinFlowLPerH: number;
  readonly anastomosesFlowLPerH: number;
  readonly segmentSkinC: number;
  readonly segmentAreaM2: number;
  /** Trunk core under the person's own start, K. */
  readonly trunkFallK: number;
  readonly activityRatio: number;
};

/** What of a digit's blood exchange stays the same while its own temperature changes within a step; W/(m²·K). */
export type DigitSupply = {
  /** Skin flow as it would be with the digit at 0 °C. */
  skinAtZeroC: number;
  anastomosesOpen: number;
  least: number;
  coldDilation: number;
};

export const createDigitSupply = (): DigitSupply => ({ skinAtZeroC: 0, anastomosesOpen: 0, least: 0, coldDilation: 0 });

/**
 * Writes what a step's blood means for a digit of this nature.
 * @param flowFactor this person's digit flow over the model's
 */
export function supplyDigit(out: DigitSupply, nature: DigitNature, blood: FeedingBlood, flowFactor = 1): void {
  const heatPerFlow = (flowFactor * BLOOD_HEAT_WH_PER_L_K) / blood.segmentAreaM2;
  out.skinAtZeroC = heatPerFlow * blood.skinFlowLPerH * powerOfTwo(-blood.segmentSkinC / SKIN_FLOW_DOUBLING_K);
  out.anastomosesOpen = heatPerFlow * nature.anastomosesWeight * blood.anastomosesFlowLPerH;
  const pump = nature.pumped ? 1 + clamp((blood.activityRatio - PUMP_FROM_ACTIVITY) / PUMP_SPAN_ACTIVITY, 0, 1) : 1;
  out.least = flowFactor * nature.leastBloodWPerM2K * pump;
  out.coldDilation =
    flowFactor *
    nature.coldDilationWPerM2K *
    clamp((COLD_DILATION_CORE_FALL_K - blood.trunkFallK) / COLD_DILATION_CORE_SPAN_K, 0, 1);
}

/**
 * Exchange of a digit with its artery, W/(m²·K): what flows, never less than the constricted minimum, and the waves of
 * cold-induced vasodilation as their mean.
 * @param temperatureC the digit, °C
 * @source assumption built on JOS-3's flows; see docs/method.md, outing mode, change 2
 */
export function digitBloodExchange(supply: DigitSupply, temperatureC: number): number {
  // One exponential serves both doublings: 2^(T/30) to the fifth is 2^(T/6), cubed it is 2^(T/10).
  const root = powerOfTwo(temperatureC / COMMON_DOUBLING_K);
  const cube = root * root * root;
  const opened = clamp(cube / OPEN_CUBE, ANASTOMOSES_LEAST_SHARE, 1);
  const flowing = supply.skinAtZeroC * cube * root * root + supply.anastomosesOpen * opened;
  const coldDilation = supply.coldDilation * clamp((COLD_DILATION_FROM_C - temperatureC) / COLD_DILATION_SPAN_K, 0, 1);
  return coldDilation + Math.max(supply.least, flowing);
}
