import * as m from "@/messages";
import { atom } from "nanostores";
import type { OutingResult } from "@/core/simulation";
import type { OutingView } from "@/formats/wire/outing/outing-view";
import { viewToOuting } from "@/formats/wire/outing/view-to-outing";
import { workerFor } from "@/workers/simulate-client";

/** What of the sheet is chosen for editing. */
export type Selection =
  | { readonly kind: "place" }
  | { readonly kind: "hour"; readonly index: number }
  | { readonly kind: "phase"; readonly index: number }
  | { readonly kind: "wearing"; readonly id: string }
  | null;

export type Computed =
  | { readonly kind: "computing"; readonly result: OutingResult | null }
  | {
      readonly kind: "ready";
      readonly result: OutingResult;
      /** When the first edit that this answers was made, ms of `performance.now()`: what measures reads it. */
      readonly askedAtMs: number;
      /** Stepped as far as members of the range are, because a hand waits for it; the answer itself follows. */
      readonly isDraft: boolean;
    }
  | { readonly kind: "impossible"; readonly message: string; readonly result: OutingResult | null };

/** The outing on screen, with edits. */
export const $view = atom<OutingView | null>(null);
export const $selection = atom<Selection>(null);
export const $computed = atom<Computed>({ kind: "computing", result: null });
/** Minute whose state is read out; `null` follows the verdict. */
export const $readMinute = atom<number | null>(null);

/** Minutes the axis spans while something on it is held, so that it does not move away under the hand. */
export const $heldMinutes = atom<number | null>(null);

const isDraftOnScreen = (): boolean => {
  const computed = $computed.get();
  return computed.kind === "ready" && computed.isDraft;
};

let wanted: OutingView | null = null;
let running = false;
let askedAtMs: number | null = null;

/**
 * Computes the newest state and shows its answer; states that are out of date while the worker is busy are skipped. An answer is
 * shown though a newer one is wanted: under a hand that moves faster than answers come, there would be none at all.
 */
async function compute(): Promise<void> {
  if (running) return;
  running = true;
  while (wanted) {
    const view = wanted;
    const since = askedAtMs ?? performance.now();
    wanted = null;
    askedAtMs = null;
    const isDraft = $heldMinutes.get() !== null;
    const before = $computed.get().result;
    try {
      const answer = await workerFor("answer").simulate(viewToOuting(view), isDraft ? "doubled" : "paced");
      $computed.set(
        answer.ok
          ? { kind: "ready", result: answer.result, askedAtMs: since, isDraft }
          : { kind: "impossible", message: answer.message, result: before },
      );
    } catch {
      $computed.set({
        kind: "impossible",
        message: m.theComputationStoppedReloadThePage,
        result: before,
      });
    }
  }
  running = false;
}

function ask(view: OutingView): void {
  wanted = view;
  askedAtMs ??= performance.now();
  void compute();
}

// What is let go is answered in full.
$heldMinutes.listen((held) => {
  const view = $view.get();
  if (held === null && view && (running || isDraftOnScreen())) ask(view);
});

/** Starts the worker while the page still starts: its first answer comes that much sooner. */
export const wakeWorker = (): void => void workerFor("answer");

/** Puts a state on screen and computes it. */
export function show(view: OutingView): void {
  $view.set(view);
  ask(view);
}
