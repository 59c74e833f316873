import { saturationPressureKPa } from "./saturation-pressure";

const DRY_SHARE_PER_K = 0.0014;
const MOIST_SHARE_PER_KPA = 0.0173;

/** Expired air: fixed as published, or following the inspired air as ISO 11079:2007 has it. */
export type ExpiredAir = "fixed-34" | "iso-11079";

/** Heat lost by breathing, W: warming the air and wetting it. */
export type BreathingLoss = { readonly dryW: number; readonly moistW: number };

/**
 * Heat lost by breathing, W.
 * @param heatMadeW whole heat production, W
 * @param airC inspired air, °C
 * @param vapourPressureKPa of the inspired air, kPa
 * @source JOS-3 (34 °C and 5.87 kPa), or ISO 11079:2007 (29 + 0.2·air temperature, saturated)
 */
export function breathingLoss(
  heatMadeW: number,
  airC: number,
  vapourPressureKPa: number,
  expired: ExpiredAir,
): BreathingLoss {
  const expiredC = expired === "fixed-34" ? 34 : 29 + 0.2 * airC;
  const expiredKPa = expired === "fixed-34" ? 5.87 : saturationPressureKPa(expiredC);
  return {
    dryW: DRY_SHARE_PER_K * heatMadeW * (expiredC - airC),
    moistW: MOIST_SHARE_PER_KPA * heatMadeW * (expiredKPa - vapourPressureKPa),
  };
}
