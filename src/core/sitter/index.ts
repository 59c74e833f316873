export { createBroughtHeat, type BroughtHeat } from "./brought-heat";
export { CONDITION_RANGE, SITTER_POSTURES, type Conditions, type SitterPosture } from "./conditions";
export { contactResistances, type Rest } from "./contact";
export { INDOOR_START_RANGE, restedPerson, USUAL_START, type IndoorStart, type RestedPerson } from "./indoor-start";
export { buildOutfit, Wardrobe, type Clothes, type Outfit, type SiteLayers } from "./outfit";
export { outfitInsulation, type OutfitInsulation } from "./outfit-insulation";
export { Pace } from "./pace";
export { patchResistances } from "./resistances";
export { createSitter, USUAL_NATURE, type BodilyNature, SitterState, type Sitter } from "./sitter";
