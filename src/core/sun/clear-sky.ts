const DEGREES_TO_RADIANS = Math.PI / 180;

/**
 * Radiation on level ground under a clear sky, W/m²; nothing with the sun below the horizon.
 * @param elevationDeg of the sun, degrees
 * @source Haurwitz 1945
 */
export function clearSkyWPerM2(elevationDeg: number): number {
  const sine = Math.sin(elevationDeg * DEGREES_TO_RADIANS);
  return sine > 0 ? 1098 * sine * Math.exp(-0.059 / sine) : 0;
}
