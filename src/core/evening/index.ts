export { dressingOrder, type DressingSpot, type DressingStep } from "./dressing-order";
export { cardMoments, type CardMoment, type DecidingSit } from "./field-card";
export {
  PREPARATION_FIELDS,
  PREPARATION_RANGE,
  type ExtraThing,
  type ForecastTaken,
  type LeftWith,
  type OutingPreparation,
} from "./preparation";
export {
  PACK_GROUPS,
  packingList,
  sumOf,
  type Missing,
  type PackGroup,
  type PackLine,
  type PackSum,
} from "./packing-list";
export { packingOfTrip, type TripPackLine } from "./packing-of-trip";
export type { Planned, PlannedPiece, PlannedWearing } from "./planned";
export { type Thing, FAR_FROM_SHELTER_MIN, HARNESS_FROM_M, SUN_UP_DEG } from "./things";
export { LINK_KINDS, type LinkKind } from "./link-kinds";
