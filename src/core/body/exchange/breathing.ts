import { saturationPressureKPa } from "./saturation-pressure";

// Shares of the heat made that breathing takes, by difference to the inspired air (Fanger 1970; ISO 11079:2007).
const DRY_SHARE_PER_K = 0.0014;
const MOIST_SHARE_PER_KPA = 0.0173;
/** Expired air as published, and as a line in the inspired air's temperature. */
const FIXED_EXPIRED_C = 34;
const FIXED_EXPIRED_KPA = 5.87;
const EXPIRED_AT_ZERO_C = 29;
const EXPIRED_PER_K = 0.2;

/** Expired air: fixed as published, or following the inspired air as ISO 11079:2007 has it. */
export type ExpiredAir = "fixed-34" | "iso-11079";

/** Heat lost by breathing, in the unit of the heat made: warming the air and wetting it. */
export type BreathingLoss = { readonly dry: number; readonly moist: number };

/**
 * Heat lost by breathing.
 * @param heatMade whole heat production, W or W/m²; the loss is in the same unit
 * @param airC inspired air, °C
 * @param vapourPressureKPa of the inspired air, kPa
 * @source JOS-3 (34 °C and 5.87 kPa), or ISO 11079:2007 (29 + 0.2·air temperature, saturated)
 */
export function breathingLoss(
  heatMade: number,
  airC: number,
  vapourPressureKPa: number,
  expired: ExpiredAir,
): BreathingLoss {
  const expiredC = expired === "fixed-34" ? FIXED_EXPIRED_C : EXPIRED_AT_ZERO_C + EXPIRED_PER_K * airC;
  const expiredKPa = expired === "fixed-34" ? FIXED_EXPIRED_KPA : saturationPressureKPa(expiredC);
  return {
    dry: DRY_SHARE_PER_K * heatMade * (expiredC - airC),
    moist: MOIST_SHARE_PER_KPA * heatMade * (expiredKPa - vapourPressureKPa),
  };
}
