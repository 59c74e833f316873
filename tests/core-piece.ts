import { computedTraitsOf, type Piece } from "@/core/pieces";
import { starterPiece, type StarterPieceKey } from "@/core/starter-kit";

/** A piece of the starter kit as the core takes it, its key for an id. */
export function corePiece(key: StarterPieceKey): Piece {
  const { traits = {}, massG, fingersTogether = false, ...own } = starterPiece(key);
  return { id: key, ...own, fingersTogether, massG: massG ?? undefined, ...computedTraitsOf(traits) };
}
