export const STILL_AIR_W_PER_MK = 0.025;
export const GAP_RADIATION_W_PER_M2K = 4.7;
export const GAP_WITHOUT_FURTHER_GAIN_MM = 8; // beyond it, air turns over (assumption)
const MM_PER_M = 1000;

/**
 * Resistance of the air under a layer, m²·K/W.
 * @param gapMm thickness of the gap, mm, ≥ 0; no gain beyond 8
 * @source conduction of still air beside radiation between cloth at about 0 °C; the bound is an assumption
 */
export function airGapInsulation(gapMm: number): number {
  if (gapMm <= 0) return 0;
  const gapM = Math.min(gapMm, GAP_WITHOUT_FURTHER_GAIN_MM) / MM_PER_M;
  return 1 / (STILL_AIR_W_PER_MK / gapM + GAP_RADIATION_W_PER_M2K);
}
