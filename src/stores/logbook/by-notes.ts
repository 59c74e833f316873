import { atom } from "nanostores";
import type { LearntRange } from "@/core/calibration";
import type { OutingView } from "@/formats/wire/outing/outing-view";
import { viewToOuting } from "@/formats/wire/outing/view-to-outing";
import { $range } from "../answer/derived-results";
import { messageOf } from "../message-of";
import { $view } from "../sheet/day-sheet";
import { calibrateWorker, toldSits } from "./told-sits";

/** What a person's notes make of the sheet that is open. */
export type ByNotesState =
  | { readonly kind: "computing" }
  | { readonly kind: "failed"; readonly message: string }
  | { readonly kind: "found"; readonly notes: number; readonly range: LearntRange };

export const $byNotes = atom<ByNotesState>({ kind: "computing" });

/**
 * Learns from a person's notes once, and follows the sheet: whenever its own range stands, that of the notes is computed.
 * @returns stops following
 */
export function keepByNotes(personId: string): () => void {
  let isOver = false;
  let turn = 0;
  $byNotes.set({ kind: "computing" });
  const learnt = (async () => {
    const sits = await toldSits(personId);
    const reply = await calibrateWorker().learn(sits);
    if (!reply.ok) throw new Error(reply.message);
    return sits.length;
  })();
  const follow = async (view: OutingView): Promise<void> => {
    const own = ++turn;
    const say = (state: ByNotesState): void => {
      if (!isOver && own === turn) $byNotes.set(state);
    };
    try {
      const notes = await learnt;
      const reply = await calibrateWorker().rangeOf(viewToOuting(view));
      say(reply.ok ? { kind: "found", notes, range: reply.range } : { kind: "failed", message: reply.message });
    } catch (error) {
      say({ kind: "failed", message: messageOf(error) });
    }
  };
  const stop = $range.subscribe((range) => {
    const view = $view.get();
    // While it is being recomputed what is said is of another plan: it stands, as the range itself does, until then.
    if (range && view) void follow(view);
  });
  return () => {
    isOver = true;
    stop();
  };
}
