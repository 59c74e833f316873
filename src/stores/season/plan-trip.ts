import * as m from "@/messages";
import { v7 as uuid } from "uuid";
import type { SeasonDay } from "@/core/season";
import { USUAL_NIGHT } from "@/core/trip";
import { calendarDateText } from "@/formats/display/calendar-words";
import type { OutingView } from "@/formats/wire/outing/outing-view";
import { ask } from "../ask";
import type { DressedKit } from "../wardrobe/dressed-kit";
import { planDay } from "./plan-day";
import type { Found } from "./season";

/**
 * Makes a trip of days of a season that follow each other, each in its own weather.
 * @param outfitOn what a day is dressed in, where a kit was asked for
 * @returns its id @throws {Error} with a message to show
 */
export async function planTrip(
  view: OutingView,
  days: readonly SeasonDay[],
  found: Found,
  outfitOn: (day: SeasonDay) => DressedKit | null,
): Promise<string> {
  const id = uuid();
  const night = { ...USUAL_NIGHT.heatedHut, how: {} };
  const outings: string[] = [];
  for (const day of days) outings.push(await planDay(view, day, found, outfitOn(day)));
  const name = m.seasonPlanned({ name: view.name, date: calendarDateText(days[0]!.date) });
  await ask("/api/trips", "POST", {
    from: "outings",
    id,
    name,
    days: outings.map((outingId) => ({ outingId, night })),
  });
  return id;
}
