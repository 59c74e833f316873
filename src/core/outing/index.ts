export { isExtrapolated, ORDINARY_ADULT, usualLevels } from "./adult";
export { Dressing, type Dress } from "./dressing";

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
export {
  computedTraitsOf,
  PIECE_KINDS,
  PIECE_STATUSES,
  type ComputedTraits,
  type Piece,
  type PieceKind,
  type PieceStatus,
  type PieceTraits,
} from "./piece";
export {
  CLOSURES,
  DEXTERITY,
  NOISE,
  STIFFNESS,
  TRACTION,
  WALKABILITY,
  WATER_RESISTANCE,
  type Closure,
} from "./piece-scales";
export { splitPhase, withoutPhase, withPhaseInserted, withPhaseMinutes } from "./edit-phase";
export type { Stepping } from "./course";
export { followPhases } from "./follow-phases";
export { changeCost, changeMinutes, type ChangeCost } from "./changing";
export { drySetOf, fallIn, withLever, type AfterFall, type Lever } from "./emergency";
export { heatSpansOf } from "./heaters";
export { outwards } from "./outwards";
export { dexterityOf } from "./hands";
export { carriedAt, packedVolumeL, type Carried } from "./carried";
export { wearingProblems, type KnownPiece, type WearingProblem, type WearingProblemKind } from "./wearing-problems";
export { isNextToSkin, usualWearing, type UsualWearing } from "./usual-wearing";
export { walkEffort } from "./walk-effort";
export { walkOut, type AfterWalkOut, type Standing } from "./walk-out";
export { walkMinutes } from "./walk-minutes";
export { replayTo, type Moment } from "./replay";
export { waterCells } from "./water-layers";
export { siteAreasM2 } from "./site-areas";
export { resistancesAt } from "./resistances-at";
export { WET_PARTS, type OutingSeries, type WetPart } from "./series";
export { natureOf, type SimulationOptions } from "./run-outing";
export { simulateOuting, type OutingResult } from "./simulate-outing";
export { simulateSitMinutes, type SitMinutes } from "./sit-minutes";
export type { SitAnswer } from "./sit-answer";
export { withRadiation } from "./radiation";
export { kindAt, strandAt } from "./strands";
export { dressingOf, phaseAt, Surroundings, type Misread } from "./surroundings";
export { spareMinutes } from "./sit-answer";
export { sitSpans, type SitSpan } from "./sits";
