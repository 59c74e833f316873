export { OutingAsLearnt } from "./as-learnt";
export { calibrate, wornAsLearnt, wornKeys, type Learnt, type ToldSit, type Unknown } from "./calibrate";
export { SitAgain, type SitMeasures } from "./sit-measures";
export {
  AS_READ,
  BOOT_SPREAD,
  CHANCE_SPREAD,
  CHANCES,
  NOBODY_IN_PARTICULAR,
  NO_CHANCE,
  OUTFIT_SPREAD,
  TRAIT_SPREAD,
  TRAITS,
  type Chance,
  type PersonTraits,
  type Trait,
  type Worn,
} from "./unknowns";
export { learntRange, type LearntRange } from "./learnt-range";
export { learntInMinutes, type LearntPart, type LearntShare } from "./told-in-minutes";
export { oddNotes, type OddNote } from "./odd-notes";
