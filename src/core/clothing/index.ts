export { airGapInsulation } from "./air-gap";
export { contactInsulation, TOUCH_M2K_PER_W } from "./contact";
export type { PatchForm } from "./curvature";
export { coveredRegions, sideBySide, type CoveredRegion } from "./cover";
export { digitFlowWhenTight, fitShare } from "./fit-budget";
export { GAP_BY_FIT_MM, LAYER_RANGE, ORDINARY_VAPOUR_INDEX, type Fit, type Layer, type WornLayer } from "./layer";
export { buildStack, clothingInsulation, withMisfit, type ClothFactor, type Misfit, type Stack } from "./stack";
export {
  clothPermeability,
  standardWindFactor,
  STATIC_AIR_LAYER_M2K_PER_W,
  stirredAirLayer,
  stirring,
} from "./wind-factor";
