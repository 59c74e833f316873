import * as m from "@/messages";
import { atom } from "nanostores";
import { hoursOfForecast, type ForecastView } from "@/formats/wire/evening/forecast-view";
import { estimatedLine } from "@/formats/wire/outing/verdict-line";
import type { OutingView, VerdictLine } from "@/formats/wire/outing/outing-view";
import { viewToOuting } from "@/formats/wire/outing/view-to-outing";
import { workerFor } from "@/workers/simulate-client";
import { ask } from "../ask";
import { $view } from "./day-sheet";
import { tell } from "../told";
import { undo } from "./editing";
import { editContent } from "./edits";
import { $ratio } from "../answer/headline";

/** The newest run, as far as it was asked for. */
export type NewestForecast =
  | { readonly kind: "none" }
  | { readonly kind: "asking" }
  | { readonly kind: "known"; readonly forecast: ForecastView }
  | { readonly kind: "failed"; readonly message: string };
export const $forecast = atom<NewestForecast>({ kind: "none" });
/** What the plan's verdict would be in the newest run; `null` until it is computed, or where nothing has changed. */
export const $inNewest = atom<VerdictLine | null>(null);

/** Asks for the newest run. */
export async function askForecast(): Promise<void> {
  const view = $view.get();
  if (!view) return;
  const before = $forecast.get();
  if (before.kind !== "known") $forecast.set({ kind: "asking" });
  try {
    const forecast = await ask<ForecastView>(`/api/outings/${view.id}/forecast`);
    $forecast.set({ kind: "known", forecast });
  } catch (error) {
    // What was known before still stands; without a network there is no newer one.
    if (before.kind !== "known") $forecast.set({ kind: "failed", message: (error as Error).message });
  }
}

/** The plan in the hours of a run. */
const withForecast = (view: OutingView, forecast: ForecastView): OutingView => ({
  ...view,
  weather: hoursOfForecast(forecast),
  weatherShaped: false,
});

/** Works out what the newest run does to the verdict. */
export async function judgeInNewest(view: OutingView, forecast: ForecastView): Promise<void> {
  const answer = await workerFor("derived").simulate(viewToOuting(withForecast(view, forecast)));
  if ($view.get() === view) $inNewest.set(answer.ok ? estimatedLine(answer.result, $ratio.get()) : null);
}

/** Takes the hours of a run into the plan. */
export function takeForecast(forecast: ForecastView): void {
  const view = $view.get();
  if (!view) return;
  const { service, issuedAt, invented } = forecast;
  editContent(m.takeTheForecastOver, {
    weather: hoursOfForecast(forecast),
    weatherShaped: false,
    plan: { ...view.plan, forecast: { service, issuedAt, invented } },
  });
  tell(m.theForecastIsTakenOver, undo);
  $inNewest.set(null);
}

const AGAIN_MS = 10 * 60_000;

/** Looks for newer runs as long as a plan stands on a forecast. @returns stops looking */
export function watchForecast(): () => void {
  const look = (): void => {
    if ($view.get()?.plan.forecast) void askForecast();
  };
  look();
  const timer = setInterval(look, AGAIN_MS);
  window.addEventListener("online", look);
  return () => {
    clearInterval(timer);
    window.removeEventListener("online", look);
  };
}
