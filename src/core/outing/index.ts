export { isExtrapolated, ORDINARY_ADULT, usualLevels, cautionOutsideAdults } from "./adult";
export {
  BARINGS,
  COVERAGES,
  MODEL_VERSION,
  OUTING_RANGE,
  PHASE_KINDS,
  REFUGES,
  STORED_FROM,
  TASK_HANDS,
  WEARING_SIDES,
  WHEN_OFF,
  type Baring,
  type Doing,
  type Outing,
  type PieceWater,
  type OutingPerson,
  type OutingPlace,
  type Phase,
  type PhaseKind,
  type PlaceSetting,
  type Recurring,
  type SpotSurroundings,
  type TaskHands,
  type WalkIn,
  type Wearing,
  type WearingSide,
  type WhenOff,
} from "./outing";
export { splitPhase, withoutPhase, withPhaseInserted, withPhaseMinutes } from "./edit-phase";
export { FEELS, natureByOwnWord, SPREAD_OF_PEOPLE, type Feels } from "./feels";
export { followPhases } from "./follow-phases";
export { walkEffort } from "./walk-effort";
export { walkMinutes } from "./walk-minutes";
export { kindAt, activityAt, activitiesOf, isDoneStill } from "./activities";
export { sitSpans, type SitSpan } from "./sits";
export { minutesBefore, totalMinutes } from "./minutes";
export { atSeatFromMinute, staysAtSeat, type Stay } from "./seat";
export {
  AS_READ,
  likestOutfit,
  NOBODY_IN_PARTICULAR,
  standardDeviationOf,
  TRAITS,
  traitsOf,
  wornAsLearnt,
  wornKeys,
  type Learnt,
  type PersonTraits,
  type Trait,
  type Unknown,
  type Worn,
} from "./learnt";
export { withSitMinutes } from "./with-sit-minutes";
