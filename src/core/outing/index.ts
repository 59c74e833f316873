export { dressings, type Dress } from "./dressing";
export {
  MODEL_VERSION,
  OUTING_RANGE,
  PHASE_KINDS,
  PIECE_KINDS,
  WEARING_SIDES,
  type Outing,
  type OutingPerson,
  type OutingPlace,
  type Phase,
  type PhaseKind,
  type Piece,
  type PieceKind,
  type SpotSurroundings,
  type Wearing,
  type WearingSide,
} from "./outing";
export { withPhaseMinutes } from "./edit-phase";
export { resistancesAt } from "./resistances-at";
export type { OutingSeries } from "./series";
export { isExtrapolated, simulateOuting, type OutingResult, type SimulationOptions } from "./simulate-outing";
export type { SitAnswer } from "./sit-answer";
export { sitSpans, type SitSpan } from "./sits";
