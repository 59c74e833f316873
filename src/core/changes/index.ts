export type { Change, ChangeKind } from "./change";
export {
  availableChanges,
  changedOuting,
  whatBuysMinutes,
  whatBuysMinutesInSteps,
  type Worth,
} from "./what-buys-minutes";
export { SCHOOLS, schoolsOf, type School, type SchoolQuestion, type SchoolWay } from "./schools";
export {
  AVOIDABLE,
  isAvoided,
  withoutAvoided,
  type Avoided,
  type AvoidablePiece,
  type HeldTo,
  type WithoutAvoided,
} from "./avoided";
