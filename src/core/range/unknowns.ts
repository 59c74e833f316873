import type { PersonTraits } from "../outing";

// How far what notes can teach differs: among people, among boots and outfits, and from outing to outing. Spreads are
// those of the range (docs/method.md); where it has none they are assumptions.

/** One standard deviation among people; the mean is nought, as what somebody says of cold hands is in the model already. */
export const TRAIT_SPREAD: PersonTraits = {
  sittingHeatWPerM2: 5,
  lnFlowFingers: 0.3,
  lnFlowToes: 0.3,
  feltToesK: 2,
  feltFingersK: 2,
  lnTolerance: 0.25,
};

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
