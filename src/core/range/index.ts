export type { Band, RangeBands } from "./bands";
export { estimatedHeadline, headlineOf, middleOverSingle, type Headline } from "./headline";
export {
  boundsOf,
  LOW_SHARE,
  minutesRange,
  RANGE_MEMBERS,
  RangeInParts,
  rangeOf,
  type RangeMembers,
  type EndedBy,
  type MemberAnswer,
  type RestedBy,
  type MinutesBound,
  type MinutesRange,
} from "./minutes-range";
export { ClothesWithLabelErrors } from "./label-errors";
export { type Variation } from "./variation";
export { varyOuting } from "./vary-outing";
