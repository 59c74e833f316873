import type { DresserPiece, DresserProblem, OutfitCode } from "@/core/dresser";
import { STARTER_PIECES, starterPiece, type StarterPieceKey } from "@/core/starter-kit";
import type { OutingView, PieceView, WearingView } from "../outing/outing-view";
import { kitOf } from "../outing/view-to-outing";
import { genericPiece } from "./generic-outfit";

const piecesOf = (kit: readonly PieceView[], isGeneric: boolean): DresserPiece[] =>
  kitOf({ kit }).map((piece, index) => ({
    ...piece,
    traits: kit[index]!.traits,
    isGeneric,
    priceMinor: kit[index]!.priceMinor,
  }));

/** Generic pieces that the kit has none of by that name, priced as such pieces usually are. */
export const genericsFor = (view: Pick<OutingView, "kit">): PieceView[] => {
  const owned = new Set(view.kit.map(({ name }) => name));
  return (Object.keys(STARTER_PIECES) as StarterPieceKey[])
    .map(starterPiece)
    .filter(({ name }) => !owned.has(name))
    .map((piece) => ({ ...genericPiece(piece), priceMinor: piece.priceMinor }));
};

/** What the dresser may choose from: the person's own, what others lend, and what they could get. */
export const dresserPieces = (
  view: Pick<OutingView, "kit">,
  lent: readonly PieceView[],
  generics: readonly PieceView[],
): DresserPiece[] => [...piecesOf(view.kit, false), ...piecesOf(lent, false), ...piecesOf(generics, true)];

/** What could be bought: every generic piece the kit has none of by that name. */
export const candidatePieces = (view: Pick<OutingView, "kit">): DresserPiece[] =>
  // Named alike whenever they are asked for: the same question is then known as such.
  piecesOf(genericsFor(view), true).map((piece, place) => ({ ...piece, id: `candidate ${place}` }));

/** An outfit that was found, as a sheet keeps it. */
export const wearingsFound = (problem: DresserProblem, code: OutfitCode): Omit<WearingView, "id">[] =>
  problem.outings.wearings(code).map(({ opened = [], withoutParts = [], heat = null, ...wearing }) => ({
    ...wearing,
    opened,
    withoutParts,
    heat,
    whenOff: "pack",
  }));
