import { usualWearings } from "../dressing";
import type { Outing, Phase } from "../outing";
import { computedTraitsOf, type Piece } from "../pieces";
import type { StarterPiece } from "../starter-kit";

/** A generic piece as the core computes with it. @param id what it is known by */
export const pieceOfStarter = (
  { name, kind, label, fingersTogether = false, traits = {}, massG }: StarterPiece,
  id: string,
): Piece => ({ id, name, kind, label, fingersTogether, massG, ...computedTraitsOf(traits) });

/** A whole generic kit put on as usual in an outing of these phases; pieces are known by their turn in it. */
export function starterOutfit(
  pieces: readonly StarterPiece[],
  phases: readonly Phase[],
): Pick<Outing, "pieces" | "wearings"> {
  const own = pieces.map((piece, index) => pieceOfStarter(piece, String(index)));
  return { pieces: own, wearings: usualWearings(own, phases) };
}
