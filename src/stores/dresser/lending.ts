import * as m from "@/messages";
import type { PieceKind } from "@/core/pieces";
import type { OutingView, PieceView } from "@/formats/wire/outing/outing-view";
import { ask } from "../ask";

/** Another sitter of the same outing. */
export type Companion = { readonly id: string; readonly personName: string };

/** What fits one foot does not fit another: it is not lent. */
const FITS_ONE_FOOT: readonly PieceKind[] = ["footwear", "liner", "footbed"];

/** What a companion owns and does not wear on this outing, called by its owner too. */
export function lentBy({ kit, wearings, person }: Pick<OutingView, "kit" | "wearings" | "person">): PieceView[] {
  const worn = new Set(wearings.map(({ pieceId }) => pieceId));
  return kit
    .filter(({ id, kind }) => !worn.has(id) && !FITS_ONE_FOOT.includes(kind))
    .map((piece) => ({ ...piece, name: m.lentPiece({ piece: piece.name, owner: person.name }) }));
}

/** All that companions could lend, as their sheets stand. @throws {Error} with a message to show */
export async function lentByAll(companions: readonly Companion[]): Promise<PieceView[]> {
  const views = await Promise.all(companions.map(({ id }) => ask<OutingView>(`/api/outings/${id}`)));
  return views.flatMap(lentBy);
}
