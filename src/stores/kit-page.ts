import * as m from "@/messages";
import { atom } from "nanostores";
import { v7 as uuid } from "uuid";
import type { Wear } from "@/core/labels";
import type { PieceStatus } from "@/core/pieces";
import { contentOf, type KitPiece, type KitView, type PieceContent } from "@/formats/wire/kit/kit-view";
import type { PieceView } from "@/formats/wire/outing/outing-view";
import { asPhoto } from "./as-photo";
import { ask } from "./ask";
import { tell } from "./told";

/** The kit on screen. */
export const $kit = atom<KitView | null>(null);
/** The piece being edited. */
export const $chosenPiece = atom<string | null>(null);

/** What was done to many pieces last, so that it can be taken back. */
export type StatusDone = { readonly words: string; readonly before: ReadonlyMap<string, PieceStatus> };
export const $statusDone = atom<StatusDone | null>(null);

/** A piece as it comes from a starter kit or a file: a note is not needed. */
export type FreshPiece = Omit<PieceView, "id"> & { readonly note?: string; readonly care?: KitPiece["care"] };

const inKit = (change: (pieces: readonly KitPiece[]) => readonly KitPiece[]): void => {
  const kit = $kit.get();
  if (kit) $kit.set({ ...kit, pieces: change(kit.pieces) });
};

/** Keeps an edited piece. @throws {Error} with a message to show */
export async function savePiece(pieceId: string, draft: PieceContent): Promise<void> {
  const piece = $kit.get()?.pieces.find(({ id }) => id === pieceId);
  if (!piece) return;
  const { version } = await ask<{ version: number }>(`/api/pieces/${pieceId}`, "PUT", {
    version: piece.version,
    ...draft,
  });
  inKit((pieces) => pieces.map((own) => (own.id === pieceId ? { ...own, ...draft, version } : own)));
}

/** Adds pieces to the kit on screen. @returns their ids @throws {Error} with a message to show */
export async function addPieces(fresh: readonly FreshPiece[]): Promise<readonly string[]> {
  const kit = $kit.get();
  if (!kit || fresh.length === 0) return [];
  const added = fresh.map((piece): KitPiece => ({
    note: "",
    care: {},
    ...piece,
    id: uuid(),
    version: 1,
    status: "inUse",
    outings: 0,
    wears: 0,
    hasPhoto: false,
  }));
  await ask(`/api/people/${kit.person.id}/pieces`, "POST", {
    pieces: added.map((piece) => ({ id: piece.id, ...contentOf(piece) })),
  });
  inKit((pieces) => [...pieces, ...added]);
  const ids = added.map(({ id }) => id);
  tell(
    added.length === 1 ? m.isInTheKit({ added: added[0]!.name }) : m.piecesAreInTheKit({ length: added.length }),
    () => {
      if (ids.includes($chosenPiece.get() ?? "")) $chosenPiece.set(null);
      return setStatus(ids, "deleted");
    },
  );
  return ids;
}

const DONE_WORDS: Readonly<Record<PieceStatus, string>> = {
  inUse: m.inUseAgain,
  retired: m.retiredKeptInOldOutingsNot,
  deleted: "deleted",
};

/** Retires, deletes or brings back pieces; can be taken back. @throws {Error} with a message to show */
export async function setStatus(ids: readonly string[], to: PieceStatus): Promise<void> {
  const kit = $kit.get();
  const changed = kit?.pieces.filter(({ id, status }) => ids.includes(id) && status !== to) ?? [];
  if (changed.length === 0) return;
  await ask(`/api/people/${kit!.person.id}/piece-status`, "POST", { ids: changed.map(({ id }) => id), to });
  const chosen = new Set(changed.map(({ id }) => id));
  inKit((pieces) => pieces.map((own) => (chosen.has(own.id) ? { ...own, status: to, version: own.version + 1 } : own)));
  const what = changed.length === 1 ? changed[0]!.name : m.ofPieces({ length: changed.length });
  $statusDone.set({
    words: `${what}: ${DONE_WORDS[to]}.`,
    before: new Map(changed.map(({ id, status }) => [id, status])),
  });
}

/** Says of many pieces how worn they are; those whose layers were given as they are have none. @throws {Error} to show */
export async function setWear(ids: readonly string[], wear: Wear): Promise<void> {
  const chosen = $kit.get()?.pieces.filter(({ id }) => ids.includes(id)) ?? [];
  for (const piece of chosen) {
    if (piece.label.kind === "panels") {
      await savePiece(piece.id, { ...contentOf(piece), label: { ...piece.label, wear } });
    }
  }
}

/** Takes the last change of many pieces back. @throws {Error} with a message to show */
export async function takeStatusBack(): Promise<void> {
  const done = $statusDone.get();
  if (!done) return;
  for (const status of new Set(done.before.values())) {
    await setStatus(
      [...done.before].filter(([, own]) => own === status).map(([id]) => id),
      status,
    );
  }
  $statusDone.set(null);
}

/** Another one like it. @throws {Error} with a message to show */
export async function duplicatePiece(piece: KitPiece): Promise<void> {
  const { care: _care, ...rest } = contentOf(piece);
  const [added] = await addPieces([{ ...rest, name: m.another({ name: piece.name }) }]);
  if (added) $chosenPiece.set(added);
}

/** Sends a photo of a piece, or that there is none, under the piece's version: a photo is a part of it. */
async function sendPhoto(pieceId: string, photo: Blob | null): Promise<void> {
  const piece = $kit.get()?.pieces.find(({ id }) => id === pieceId);
  if (!piece) return;
  const url = `/api/pieces/${pieceId}/photo?version=${piece.version}`;
  const { version } = await ask<{ version: number }>(url, photo ? "PUT" : "DELETE", photo ?? undefined);
  inKit((pieces) => pieces.map((own) => (own.id === pieceId ? { ...own, hasPhoto: photo !== null, version } : own)));
}

/** Keeps a photo of a piece. @throws {Error} with a message to show */
export const keepPhoto = async (pieceId: string, file: Blob): Promise<void> => sendPhoto(pieceId, await asPhoto(file));

/** @throws {Error} with a message to show */
export const removePhoto = (pieceId: string): Promise<void> => sendPhoto(pieceId, null);
