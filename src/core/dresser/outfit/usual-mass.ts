import { KIND_TABLE, laneOf } from "../../pieces";
import { STARTER_PIECES } from "../../starter-kit";
import type { DresserPiece } from "./wishes";

const median = (sorted: readonly number[]): number => sorted[Math.floor(sorted.length / 2)] ?? 0;
const known = new Map<string, number>();

/**
 * What a piece weighs whose mass is not known, g: the middle of generic pieces of its kind and place (assumption). Taken
 * as weightless it would be carried before all that is honest about its mass.
 */
export function usualMassG({ kind, label }: Pick<DresserPiece, "kind" | "label">): number {
  const lane = laneOf({ kind, label });
  const key = `${kind} ${lane}`;
  const before = known.get(key);
  if (before !== undefined) return before;
  const ofKind = Object.values(STARTER_PIECES).filter((piece) => piece.kind === kind);
  const alike = ofKind.filter((piece) => KIND_TABLE[kind].lane !== null || laneOf(piece) === lane);
  const masses = (alike.length > 0 ? alike : ofKind).map(({ massG }) => massG).sort((one, other) => one - other);
  known.set(key, median(masses));
  return median(masses);
}
