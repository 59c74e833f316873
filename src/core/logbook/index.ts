export { coldByPiece, type PieceTold } from "./by-piece";
export { wasDressed } from "./was-dressed";
export {
  DAMP_AT,
  ENDINGS,
  FELT_PARTS,
  FELT_RANGE,
  isCold,
  NOTHING_SAID,
  VOTES,
  type DampAt,
  type Ending,
  type Felt,
  type FeltPart,
  type PartFelt,
  type Vote,
} from "./felt";
