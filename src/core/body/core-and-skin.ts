import { FIRST_CORE, FIRST_SKIN } from "./nodes";
import { SEGMENT_COUNT } from "./segments";

/** Core and skin temperatures of all segments, °C. */
export type CoreAndSkin = { readonly coreC: Float64Array; readonly skinC: Float64Array };

/** Core and skin of all segments as windows into a body's temperatures: they follow it. */
export const coreAndSkinWithin = (temperatureC: Float64Array): CoreAndSkin => ({
  coreC: temperatureC.subarray(FIRST_CORE, FIRST_CORE + SEGMENT_COUNT),
  skinC: temperatureC.subarray(FIRST_SKIN, FIRST_SKIN + SEGMENT_COUNT),
});
