export { createBroughtHeat, type BroughtHeat } from "./brought-heat";
export { CONDITION_RANGE, SITTER_POSTURES, type Conditions, type SitterPosture } from "./conditions";
export {
  contactResistances,
  contactWater,
  restsOnSeat,
  type CellAt,
  type Rest,
  type UnderResistances,
  SOLE_LOAD,
} from "./outfit/contact";
export { restedPerson, type RestedPerson } from "./indoor-start";
export { INDOOR_START_RANGE, USUAL_START, type IndoorStart } from "./usual-start";
export { buildOutfit, FactoredStacks, Wardrobe, type Clothes, type Outfit, type SiteLayers } from "./outfit/outfit";
export { outfitInsulation, type OutfitInsulation } from "./outfit/outfit-insulation";
export { StepController } from "./step-controller";
export { WORN_J_PER_KG_K, type StorePlan } from "./digits/stored-heat";
export { patchResistances } from "./outfit/resistances";
export { createSitter, USUAL_NATURE, type BodilyNature, SitterState, type Sitter } from "./sitter";
export { IN_WATER } from "./outfit/wet-clothes";
