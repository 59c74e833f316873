export type { Band, RangeBands } from "./bands";
export { estimatedHeadline, headlineOf, middleOverSingle, type Headline } from "./headline";
export {
  boundsOf,
  minutesRange,
  RANGE_MEMBERS,
  RangeInParts,
  rangeOf,
  type RangeBounds,
  type RangeMembers,
  type EndedBy,
  type MemberAnswer,
  type RestedBy,
  type MinutesBound,
  type MinutesRange,
} from "./minutes-range";
export { ClothesWithLabelErrors } from "./label-errors";
export { type Variation } from "./variation";
export { byChance, drawnChance, drawnFrom, knownFor, personAs, personAt, type Point } from "./drawn-from";
export { BOOT_SPREAD, CHANCE_SPREAD, CHANCES, NO_CHANCE, OUTFIT_SPREAD, TRAIT_SPREAD, type Chance } from "./unknowns";
