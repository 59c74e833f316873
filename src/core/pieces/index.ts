export {
  computedTraitsOf,
  PIECE_STATUSES,
  type ComputedTraits,
  type Piece,
  type PieceStatus,
  type PieceTraits,
} from "./piece";
export {
  CLOSURE_EASE,
  CLOSURES,
  DEXTERITY,
  NOISE,
  ODOUR,
  SIDE_VIEW,
  STIFFNESS,
  TRACTION,
  WALKABILITY,
  WATER_RESISTANCE,
  type Closure,
} from "./piece-scales";
export {
  KIND_TABLE,
  LANES,
  MIDDLE,
  NEXT_TO_SKIN,
  PIECE_KINDS,
  type KindRow,
  type LaneName,
  type PieceKind,
  type UsualWearing,
  type WhichOfKind,
} from "./kind-table";
export { laneOf } from "./lane";
export { MINOR_PER_UNIT, MOST_PRICE } from "./price";
