import { v7 as uuid } from "uuid";
import { usualWearings } from "@/core/dressing";
import { STARTER_KITS, type StarterKitKey, type StarterPiece } from "@/core/starter-kit";
import { createPieces, readOutfits, type Connection } from "@/db";
import { outfitOf, wornOutfit } from "@/formats/wire/kit/outfit";
import type { OutingFromPlace } from "@/formats/wire/outing/new-outing-schema";
import type { OutingView, PieceView, WearingView } from "@/formats/wire/outing/outing-view";
import { AppError } from "../app-error";
import { readOutfitWearings } from "../stored/stored";
import { openOuting } from "./open-outing";

const unknownDress = (what: string): AppError =>
  new AppError("bad-input", `There is no such ${what} of this person. Choose other clothes.`, {
    problems: [{ path: "dress", reason: "is not known" }],
  });

/** A generic piece as the kit keeps it: nothing was paid for it. */
const asPiece = ({ name, kind, label, fingersTogether = false, traits = {}, massG }: StarterPiece): PieceView => ({
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

/** Pieces of a generic kit in a person's own: those of the same name are theirs already, the rest is added. */
async function withGeneric(
  transaction: Connection,
  ownerId: string,
  view: OutingView,
  kit: StarterKitKey,
): Promise<PieceView[]> {
  const known = new Map(view.kit.map((piece) => [piece.name, piece]));
  const wanted = STARTER_KITS[kit].pieces.map((piece) => known.get(piece.name) ?? asPiece(piece));
  const fresh = wanted.filter(({ name }) => !known.has(name));
  if (fresh.length > 0) {
    const rows = fresh.map((piece) => ({ ...piece, personId: view.person.id, note: "generic, to begin with" }));
    await createPieces(transaction, ownerId, rows);
  }
  return wanted;
}

/**
 * What is put on in a new outing, each piece where it belongs on its time axis.
 * @param kit the generic kit chosen, where one is wanted
 * @throws {AppError} `bad-input` for an outfit that is not there, `not-found` for an outing
 */
export async function dressAtOnce(
  transaction: Connection,
  ownerId: string,
  view: OutingView,
  dress: OutingFromPlace["dress"],
  kit: StarterKitKey | null,
): Promise<readonly WearingView[]> {
  switch (dress.kind) {
    case "nothing":
      return [];
    case "outing": {
      const other = await openOuting(transaction, ownerId, dress.id);
      if (other.person.id !== view.person.id) throw unknownDress("outing");
      return wornOutfit(view, outfitOf(other)).wearings;
    }
    case "outfit": {
      const outfit = (await readOutfits(transaction, ownerId, view.person.id)).find(({ id }) => id === dress.id);
      if (!outfit) throw unknownDress("outfit");
      return wornOutfit(view, readOutfitWearings(outfit.wearings, outfit.name)).wearings;
    }
    case "generic": {
      const pieces = await withGeneric(transaction, ownerId, view, kit ?? "best");
      return usualWearings(pieces, view.phases).map((wearing): WearingView => ({
        id: uuid(),
        opened: [],
        withoutParts: [],
        whenOff: "pack",
        ...withoutUndefined(wearing),
      }));
    }
  }
}

const withoutUndefined = ({ pieceId, side, rank, fromMinute, toMinute }: ReturnType<typeof usualWearings>[number]) => ({
  pieceId,
  side,
  rank,
  fromMinute,
  toMinute,
});
