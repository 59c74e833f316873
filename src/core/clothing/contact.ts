import type { Layer } from "./layer";

/** Bare skin on bare metal: the touch itself lets about 500 W/(m²·K) through (assumption; keeps contact finite). */
export const TOUCH_M2K_PER_W = 0.002;

/**
 * Resistance of a patch that the body's weight presses on something: no gaps, no air layer, no wind.
 * @param padM2KPerW what lies between, with the ground's own resistance, m²·K/W
 * @param load share of the full weight that rests here, 0…1: what a layer loses under load it loses by that share
 */
export function contactInsulation(layers: readonly Layer[], padM2KPerW: number, load: number): number {
  const between = layers.reduce(
    (total, { insulationM2KPerW, keptUnderLoad }) => total + insulationM2KPerW * (1 - (1 - keptUnderLoad) * load),
    padM2KPerW,
  );
  return Math.max(TOUCH_M2K_PER_W, between);
}
