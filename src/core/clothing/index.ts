export { airGapInsulation } from "./air-gap";
export { contactInsulation } from "./contact";
export type { PatchForm } from "./curvature";
export { GAP_BY_FIT_MM, LAYER_RANGE, type Fit, type Layer } from "./layer";
export { buildStack, clothingInsulation, totalInsulation, type Stack } from "./stack";
export { stirring } from "./wind-factor";
