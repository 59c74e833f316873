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
export { laneOf, LANES, type LaneName } from "./lane";
export { MINOR_PER_UNIT, MOST_PRICE } from "./price";
