export { driesFromOneSideGPerM2H, HUNG_SIDES } from "./drying-rate";
export { BREATH_KEPT, BREATHED_SHARE, type Breathed } from "./breath-cover";
export { ClothingMoisture } from "./clothing-moisture";
export type { WetSkin } from "./wet-skin";
export { VapourThroughLayers } from "./vapour-through-layers";
export { WaterState } from "./water-state";
export { LATENT_J_PER_G } from "./water-properties";
export {
  CELLS_PER_PIECE,
  FACE_CELL,
  MOST_LAYERS_FOLLOWED,
  type BreathPlan,
  type WaterPlan,
  type Wetting,
} from "./water-plan";
export {
  createWetting,
  PASSES_BY_RESISTANCE,
  WETTINGS,
  restingShare,
  writeWetting,
  type WetSurroundings,
  type WettingKind,
} from "./wetting";
