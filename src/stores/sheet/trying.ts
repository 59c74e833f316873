import * as m from "@/messages";
import { atom } from "nanostores";
import { v7 as uuid } from "uuid";
import type { Outing } from "@/core/outing";
import type { OutingResult } from "@/core/simulation";
import type { Piece } from "@/core/pieces";
import { contentOfOuting } from "@/formats/wire/outing/content-of-outing";
import type { OutingView } from "@/formats/wire/outing/outing-view";
import { kitOf, viewToOuting } from "@/formats/wire/outing/view-to-outing";
import { workerFor } from "@/workers/simulate-client";
import { $computed, $view } from "./day-sheet";
import { editContent } from "./edits";
import { addToKit, type NewPiece } from "./kit";

/** A change being tried: what would come of it, and what the plan would be. */
export type Trial = {
  readonly changeId: string;
  readonly result: OutingResult;
  readonly changed: Outing;
  /** Whether the sheet can hold it, with what it adds to the kit. */
  readonly canBeKept: boolean;
};

export const $trial = atom<Trial | null>(null);

// A trial belongs to the plan it was tried on.
$computed.listen(() => $trial.set(null));

/** Pieces of a changed plan that the kit does not have: generic ones, which join it when the change is kept. */
const newPieces = (view: OutingView, { pieces }: Outing): readonly Piece[] =>
  pieces.filter(({ id }) => !view.kit.some((own) => own.id === id));

const asNewPiece = ({ name, kind, label, fingersTogether, massG, dexterity, endsAt, seals }: Piece): NewPiece => ({
  name,
  kind,
  label,
  fingersTogether,
  traits: { dexterity, endsAt, seals },
  massG: massG ?? null,
  priceMinor: null,
  currency: null,
});

/** A changed plan with some pieces under other ids. */
function withIds(outing: Outing, ids: ReadonlyMap<string, string>): Outing {
  const own = (id: string): string => ids.get(id) ?? id;
  return {
    ...outing,
    pieces: outing.pieces.map((piece) => ({ ...piece, id: own(piece.id) })),
    wearings: outing.wearings.map((wearing) => ({ ...wearing, pieceId: own(wearing.pieceId) })),
  };
}

/** The view with a changed plan's new pieces as if they were in the kit. */
const withNewPieces = (view: OutingView, changed: Outing): OutingView => ({
  ...view,
  kit: [...view.kit, ...newPieces(view, changed).map((piece) => ({ ...asNewPiece(piece), id: piece.id }))],
});

/** Shows what a change would do, without making it; the same again puts it away. */
export async function tryChange(changeId: string): Promise<void> {
  const view = $view.get();
  if (!view || $trial.get()?.changeId === changeId) return $trial.set(null);
  const preview = await workerFor("answer").preview(viewToOuting(view), kitOf(view), changeId);
  if (!preview || $view.get() !== view) return;
  const { changed, result } = preview;
  const canBeKept = contentOfOuting(withNewPieces(view, changed), changed, uuid) !== null;
  $trial.set({ changeId, result, changed, canBeKept });
}

/**
 * Makes the change being tried; what it adds to the kit is added first.
 * @throws {Error} with a message to show
 */
export async function keepTrial(): Promise<void> {
  const view = $view.get();
  const trial = $trial.get();
  if (!view || !trial?.canBeKept) return;
  const fresh = newPieces(view, trial.changed);
  const added = fresh.length > 0 ? await addToKit(fresh.map(asNewPiece)) : [];
  const ids = new Map(fresh.map(({ id }, index) => [id, added[index]!.id]));
  const newest = $view.get();
  const content = newest && contentOfOuting(newest, withIds(trial.changed, ids), uuid);
  if (content) editContent(m.keepAChange, content);
}
