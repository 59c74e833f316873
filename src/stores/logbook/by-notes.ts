import { atom } from "nanostores";
import type { Learnt } from "@/core/outing";
import type { NotesView } from "@/formats/wire/people/person-view";
import type { OutingView } from "@/formats/wire/outing/outing-view";
import { ask } from "../ask";
import { $view, show } from "../sheet/day-sheet";

/** Whether the sheet is of its person as notes taught, or for now of nobody in particular. */
export const $isByNotes = atom(true);

const LOOK_EVERY_MS = 700;
/** After so long a page leaves it to its reader to look again. */
const LONGEST_MS = 120_000;

let kept: Learnt | null = null;

function put(notes: NotesView): void {
  const view = $view.get();
  if (view) show({ ...view, person: { ...view.person, notes } });
}

/** Shows the sheet as notes taught, or as of nobody in particular; on this page only. */
export function setByNotes(isByNotes: boolean): void {
  const notes = $view.get()?.person.notes;
  if (!notes || $isByNotes.get() === isByNotes) return;
  if (!isByNotes) kept = notes.learnt;
  $isByNotes.set(isByNotes);
  put({ ...notes, learnt: isByNotes ? kept : null });
}

/** Waits until a sheet's person is learnt of, and puts it on screen. @returns stops waiting */
export function waitForLearnt(outingId: string): () => void {
  let isOver = false;
  const wait = async (): Promise<void> => {
    for (const end = Date.now() + LONGEST_MS; Date.now() < end && !isOver;) {
      await new Promise((resolve) => setTimeout(resolve, LOOK_EVERY_MS));
      // What cannot be asked now, without a network for one, may be asked later.
      const notes = (await ask<OutingView>(`/api/outings/${outingId}`).catch(() => null))?.person.notes;
      if (isOver || !notes || notes.isLearning) continue;
      put(notes);
      return;
    }
  };
  void wait();
  return () => {
    isOver = true;
  };
}
