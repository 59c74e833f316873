export type { Change, ChangeKind } from "./change";
export { changedOuting, whatBuysMinutes, whatBuysMinutesInSteps, type Worth } from "./what-buys-minutes";
export { PRACTICES, practiceChoicesOf, type PracticeChoice, type PracticeQuestion, type Practice } from "./practices";
export {
  AVOIDABLE,
  withoutAvoided,
  type Avoided,
  type AvoidablePiece,
  type PracticePreferences,
  type WithoutAvoided,
} from "./avoided";
export { PAD_MM, withWalks } from "./sitting-changes";
export { isAvoided } from "./avoided";
export { genericAdditions, isSecondOuter } from "./clothing-changes";
export { holdsDown, mayLieOutermost } from "./fits-weather";
export { heatIn, usualHeat } from "./heat-changes";
