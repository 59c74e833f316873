import type { Layer } from "./layer";

/**
 * Resistance of a patch that the body's weight presses on something: no gaps, no air layer, no wind.
 * @param padM2KPerW what lies between, with the ground's own resistance, m²·K/W
 */
export const contactInsulation = (layers: readonly Layer[], padM2KPerW: number): number =>
  layers.reduce((total, layer) => total + layer.insulationM2KPerW * layer.keptUnderLoad, padM2KPerW);
