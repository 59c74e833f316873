import type { LaneName } from "../pieces";
import { isCold, type Felt, type FeltPart } from "./felt";

/** Which parts are kept warm by what is worn where; of what lies under the seat nobody can say. */
const KEPT_WARM: Readonly<Record<LaneName, readonly FeltPart[]>> = {
  Head: ["face"],
  Neck: ["face"],
  Trunk: ["body"],
  Hands: ["leftFingers", "rightFingers"],
  Legs: ["body"],
  Feet: ["leftToes", "rightToes"],
  Under: [],
};

/** How often somebody was cold where a piece should have kept them warm. */
export type PieceTold = { readonly id: string; readonly name: string; readonly told: number; readonly cold: number };

type Entry = {
  readonly pieces: readonly { readonly id: string; readonly name: string; readonly lane: LaneName }[];
  readonly felt: Felt;
};

/**
 * Pieces by how often it was cold in them: of the sits whose note says something of the parts they keep warm. Other pieces
 * were worn with them, so this is a place to look, no verdict.
 */
export function coldByPiece(entries: readonly Entry[]): PieceTold[] {
  const byPiece = new Map<string, PieceTold>();
  for (const { pieces, felt } of entries) {
    for (const { id, name, lane } of pieces) {
      const parts = KEPT_WARM[lane];
      const votes = parts.flatMap((part) => felt.parts[part]?.vote ?? []);
      const isFirst = felt.first !== null && parts.includes(felt.first);
      if (votes.length === 0 && !isFirst) continue;
      const before = byPiece.get(id) ?? { id, name, told: 0, cold: 0 };
      const wasCold = isFirst || votes.some(isCold);
      byPiece.set(id, { ...before, told: before.told + 1, cold: before.cold + (wasCold ? 1 : 0) });
    }
  }
  return [...byPiece.values()].sort(
    (one, other) => other.cold / other.told - one.cold / one.told || other.told - one.told,
  );
}
