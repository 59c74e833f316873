export { driesFromOneSideGPerM2H, HUNG_SIDES } from "./drying-rate";
export { LATENT_J_PER_G, WATER_FLOWS, WaterBook, WaterState, type WetSkin } from "./water-book";
export { MOST_LAYERS_FOLLOWED, type WaterPlan, type Wetting } from "./water-plan";
export {
  clinging,
  createWetting,
  PASSES_BY_RESISTANCE,
  WETTINGS,
  writeWetting,
  type WetSurroundings,
  type WettingKind,
} from "./wetting";
