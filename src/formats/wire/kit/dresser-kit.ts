import type { DresserPiece, DresserProblem, OutfitCode } from "@/core/dresser";
import type { Label } from "@/core/labels";
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

/** Another label than the generic one, for a piece by its place among what could be bought. */
export type CandidateLabel = { readonly place: number; readonly label: Label };

/** What could be bought: every generic piece the kit has none of by that name, with labels as they are said to be. */
export const candidatePieces = (
  view: Pick<OutingView, "kit">,
  labels: readonly CandidateLabel[] = [],
): DresserPiece[] => {
  const labelAt = new Map(labels.map(({ place, label }) => [place, label]));
  return piecesOf(genericsFor(view), true).map((piece, place) => ({
    ...piece,
    id: `candidate ${place}`, // named alike whenever they are asked for: the same question is then known as such
    label: labelAt.get(place) ?? piece.label,
  }));
};

/** An outfit that was found, as a sheet keeps it. */
export const wearingsFound = (problem: DresserProblem, code: OutfitCode): Omit<WearingView, "id">[] =>
  problem.outings.wearings(code).map(({ opened = [], withoutParts = [], heat = null, ...wearing }) => ({
    ...wearing,
    opened,
    withoutParts,
    heat,
    whenOff: "pack",
  }));
