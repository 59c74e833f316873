// What a logbook can teach: of the person, of their boots and outfits, and of each single outing. Spreads are those of the
// range (docs/method.md); where it has none they are assumptions.

/** What is particular to a person. */
export type PersonTraits = {
  /** Heat of sitting over the model's, W/m²: not of basal heat, which would move set points too. */
  readonly sittingHeatWPerM2: number;
  /** Natural logarithm of the blood that warms the digits, over the model's. */
  readonly lnFlowFingers: number;
  readonly lnFlowToes: number;
  /** By so much warmer do they call toes and fingers cold, K. */
  readonly feltToesK: number;
  readonly feltFingersK: number;
  /** Natural logarithm of the shivering, and of the fall of the skin, they bear over others. */
  readonly lnTolerance: number;
};
export type Trait = keyof PersonTraits;

/** One standard deviation among people; the mean is nought, as what somebody says of cold hands is in the model already. */
export const TRAIT_SPREAD: PersonTraits = {
  sittingHeatWPerM2: 5,
  lnFlowFingers: 0.3,
  lnFlowToes: 0.3,
  feltToesK: 2,
  feltFingersK: 2,
  lnTolerance: 0.25,
};
export const TRAITS = Object.keys(TRAIT_SPREAD) as Trait[];
export const NOBODY_IN_PARTICULAR = Object.fromEntries(TRAITS.map((trait) => [trait, 0])) as PersonTraits;

/** Natural logarithm of what boots insulate over what is read, and all else that is worn together. */
export const BOOT_SPREAD = 0.18;
export const OUTFIT_SPREAD = 0.12;

/** What is particular to one outing, and teaches nothing of the next. */
export type Chance = {
  /** Natural logarithms over what the plan says. */
  readonly lnWalkEffort: number;
  readonly lnWind: number;
  readonly airK: number;
  /** The model's own error: all minutes of the outing over the model's. */
  readonly lnModel: number;
};
export const CHANCE_SPREAD: Chance = { lnWalkEffort: 0.2, lnWind: 0.25, airK: 1, lnModel: 0.12 };
export const CHANCES = Object.keys(CHANCE_SPREAD) as (keyof Chance)[];
export const NO_CHANCE = Object.fromEntries(CHANCES.map((chance) => [chance, 0])) as Chance;

/** What is worn, as far as it is learnt of: over what is read, natural logarithms. */
export type Worn = { readonly lnBoots: number; readonly lnOutfit: number };
export const AS_READ: Worn = { lnBoots: 0, lnOutfit: 0 };
