import { atom } from "nanostores";
import { withPhaseMinutes, type OutingResult } from "@/core/outing";
import type { OutingView, PhaseView, WearingView, WeatherHourView } from "@/formats/wire/outing-view";
import { viewToOuting } from "@/formats/wire/view-to-outing";
import type { MinutesRange } from "@/core/range";
import { rangeInWorker, simulateInWorker } from "@/workers/simulate-client";

/** What of the sheet is chosen for editing. */
export type Selection =
  | { readonly kind: "hour"; readonly index: number }
  | { readonly kind: "phase"; readonly index: number }
  | { readonly kind: "wearing"; readonly id: string }
  | null;

export type Computed =
  | { readonly kind: "computing"; readonly result: OutingResult | null }
  | { readonly kind: "ready"; readonly result: OutingResult }
  | { readonly kind: "impossible"; readonly message: string; readonly result: OutingResult | null };

/** The outing on screen, with edits. */
export const $view = atom<OutingView | null>(null);
export const $selection = atom<Selection>(null);
export const $computed = atom<Computed>({ kind: "computing", result: null });
/** Minute whose state is read out; `null` follows the verdict. */
export const $readMinute = atom<number | null>(null);
/** Raised with every edit of the content; what saves listens to it. */
export const $edits = atom(0);

/** Range of the answer on screen; `null` until it is worked out. */
export const $range = atom<MinutesRange | null>(null);

const QUIET_BEFORE_RANGE_MS = 250;
let rangeTimer: ReturnType<typeof setTimeout> | undefined;
let ranging = false;

/** Works out the range once edits have paused; a range overtaken by an edit is not shown. */
function scheduleRange(): void {
  clearTimeout(rangeTimer);
  rangeTimer = setTimeout(() => void computeRange(), QUIET_BEFORE_RANGE_MS);
}

async function computeRange(): Promise<void> {
  const view = $view.get();
  const computed = $computed.get();
  if (!view || computed.kind !== "ready") return;
  if (ranging) return scheduleRange();
  ranging = true;
  const range = await rangeInWorker(viewToOuting(view), computed.result.decidingSit).catch(() => null);
  ranging = false;
  if (
    $view.get()?.weather === view.weather &&
    $view.get()?.phases === view.phases &&
    $view.get()?.wearings === view.wearings
  ) {
    $range.set(range);
  } else {
    scheduleRange();
  }
}

let wanted: OutingView | null = null;
let running = false;

/** Computes the newest state; states overtaken while the worker is busy are skipped. */
async function compute(): Promise<void> {
  if (running) return;
  running = true;
  while (wanted) {
    const view = wanted;
    wanted = null;
    const before = $computed.get().result;
    try {
      const answer = await simulateInWorker(viewToOuting(view));
      if (wanted) continue;
      $range.set(null);
      $computed.set(
        answer.ok
          ? { kind: "ready", result: answer.result }
          : { kind: "impossible", message: answer.message, result: before },
      );
    } catch {
      $computed.set({
        kind: "impossible",
        message: "The computation stopped. Reload the page; what you changed is kept.",
        result: before,
      });
    }
  }
  running = false;
  scheduleRange();
}

/** Puts an outing on screen and computes it. */
export function openSheet(view: OutingView): void {
  $view.set(view);
  wanted = view;
  void compute();
}

function edit(change: (view: OutingView) => OutingView): void {
  const view = $view.get();
  if (!view) return;
  const next = change(view);
  $view.set(next);
  wanted = next;
  void compute();
  $edits.set($edits.get() + 1);
}

export const editHour = (index: number, change: Partial<WeatherHourView>): void =>
  edit((view) => ({
    ...view,
    weather: view.weather.map((hour, place) => (place === index ? { ...hour, ...change } : hour)),
  }));

export const editPhase = (index: number, change: Partial<Pick<PhaseView, "posture" | "activityRatio">>): void =>
  edit((view) => ({
    ...view,
    phases: view.phases.map((phase, place) => (place === index ? { ...phase, ...change } : phase)),
  }));

/** Gives a phase another length; what is worn moves with the phases. */
export const editPhaseMinutes = (index: number, minutes: number): void =>
  edit((view) => ({ ...view, ...withPhaseMinutes(view.phases, view.wearings, index, minutes) }));

export const editWearing = (id: string, change: Partial<Omit<WearingView, "id">>): void =>
  edit((view) => ({
    ...view,
    wearings: view.wearings.map((wearing) => (wearing.id === id ? { ...wearing, ...change } : wearing)),
  }));

/** Swaps a piece for another wherever this one is worn in the outing. */
export const swapPiece = (fromId: string, toId: string): void =>
  edit((view) => ({
    ...view,
    wearings: view.wearings.map((wearing) => (wearing.pieceId === fromId ? { ...wearing, pieceId: toId } : wearing)),
  }));
