import { v7 as uuid } from "uuid";
import { usualWearings } from "@/core/dressing";
import { STARTER_KITS, type StarterKitKey, type StarterPiece } from "@/core/starter-kit";
import type { OutingView, PieceView, WearingView } from "../outing/outing-view";

/** A generic piece as a kit keeps it: nothing was paid for it. */
export const genericPiece = ({
  name,
  kind,
  label,
  fingersTogether = false,
  traits = {},
  massG,
}: StarterPiece): PieceView => ({
  id: uuid(),
  name,
  kind,
  label,
  fingersTogether,
  traits,
  massG,
  priceMinor: null,
  currency: null,
});

/** A whole generic kit in a person's own: pieces of the same name are theirs already, the rest has to be added. */
export function genericKitIn(
  kit: readonly PieceView[],
  key: StarterKitKey,
): { readonly pieces: readonly PieceView[]; readonly fresh: readonly PieceView[] } {
  const known = new Map(kit.map((piece) => [piece.name, piece]));
  const fresh = STARTER_KITS[key].pieces.filter(({ name }) => !known.has(name)).map(genericPiece);
  for (const piece of fresh) known.set(piece.name, piece);
  return { pieces: STARTER_KITS[key].pieces.map(({ name }) => known.get(name)!), fresh };
}

/** A sheet in the clothes of a generic kit: what everybody's pieces can be compared in. */
export function inStandardDress(view: OutingView, key: StarterKitKey = "middle"): OutingView {
  const { pieces, fresh } = genericKitIn(view.kit, key);
  return {
    ...view,
    kit: [...view.kit, ...fresh.map((piece) => ({ ...piece, isRetired: false }))],
    wearings: wornUsually(pieces, view.phases),
  };
}

/** Pieces put on as they usually are, as a sheet keeps it. */
export const wornUsually = (pieces: readonly PieceView[], phases: OutingView["phases"]): WearingView[] =>
  usualWearings(pieces, phases).map(({ pieceId, side, rank, fromMinute, toMinute }) => ({
    id: uuid(),
    pieceId,
    side,
    rank,
    fromMinute,
    toMinute,
    opened: [],
    withoutParts: [],
    whenOff: "pack",
  }));
