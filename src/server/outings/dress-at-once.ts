import * as m from "@/messages";
import type { StarterKitKey } from "@/core/starter-kit";
import { createPieces, readOutfits, type Connection } from "@/db";
import { genericKitIn, wornUsually } from "@/formats/wire/kit/generic-outfit";
import { outfitOf, wornOutfit } from "@/formats/wire/kit/outfit";
import type { OutingFromPlace } from "@/formats/wire/outing/new-outing-schema";
import type { OutingView, WearingView } from "@/formats/wire/outing/outing-view";
import { AppError } from "../app-error";
import { readOutfitWearings } from "../stored/stored";
import { openOuting } from "./open-outing";

const UNKNOWN = { outing: m.noSuchOutingOfThis, outfit: m.noSuchOutfitOfThis } as const;
const unknownDress = (what: keyof typeof UNKNOWN): AppError =>
  new AppError("bad-input", UNKNOWN[what], {
    problems: [{ path: "dress", reason: m.isNotKnown }],
  });

/** What is wanted, with the generic kit that the cold asks for already chosen. */
export type ChosenDress =
  Exclude<OutingFromPlace["dress"], { kind: "generic" }> | { readonly kind: "generic"; readonly kit: StarterKitKey };

/**
 * What is put on in a new outing, each piece where it belongs on its time axis.
 * @throws {AppError} `bad-input` for an outfit that is not there, `not-found` for an outing
 */
export async function dressAtOnce(
  transaction: Connection,
  ownerId: string,
  view: OutingView,
  dress: ChosenDress,
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
      const { pieces, fresh } = genericKitIn(view.kit, dress.kit);
      const rows = fresh.map((piece) => ({ ...piece, personId: view.person.id, note: m.genericToBeginWith }));
      if (rows.length > 0) await createPieces(transaction, ownerId, rows);
      return wornUsually(pieces, view.phases);
    }
  }
}
