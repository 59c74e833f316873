import { v7 as uuid } from "uuid";
import { sitSpans } from "@/core/outing";
import { usualWearing } from "@/core/dressing";
import type { OutingView, PieceView } from "@/formats/wire/outing/outing-view";
import { ask } from "../ask";
import { $selection, $view } from "./day-sheet";
import { wear } from "./edits";

/** A piece that is not in the kit yet; it may have an id already. */
export type NewPiece = Omit<PieceView, "id"> & { readonly id?: string };

/** Puts a piece on where such pieces usually go: layer, and from the start or for the sit. */
export function wearUsually(piece: PieceView): void {
  const view = $view.get();
  if (!view) return;
  const { rank, isForTheSit } = usualWearing(piece);
  const atSeat = sitSpans(view.phases)[0]?.fromMinute ?? 0;
  const id = wear(piece.id, freeRank(view, piece, rank), isForTheSit ? atSeat : 0);
  $selection.set({ kind: "wearing", id });
}

/** Over what is worn at the same place: the next free place in the order. */
function freeRank(view: OutingView, piece: PieceView, rank: number): number {
  const kinds = new Map(view.kit.map(({ id, kind }) => [id, kind]));
  const taken = new Set(
    view.wearings.filter(({ pieceId }) => kinds.get(pieceId) === piece.kind).map((wearing) => wearing.rank),
  );
  let free = rank;
  while (taken.has(free)) free++;
  return free;
}

/**
 * Adds pieces to the kit of the person on screen.
 * @returns the pieces as they are in the kit
 * @throws {Error} with a message to show
 */
export async function addToKit(pieces: readonly NewPiece[]): Promise<readonly PieceView[]> {
  const view = $view.get();
  if (!view || pieces.length === 0) return [];
  const added = pieces.map((piece): PieceView => ({ id: uuid(), ...piece }));
  await ask(`/api/people/${view.person.id}/pieces`, "POST", { pieces: added });
  const newest = $view.get();
  if (newest) $view.set({ ...newest, kit: [...newest.kit, ...added] });
  return added;
}
