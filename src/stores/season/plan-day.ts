import * as m from "@/messages";
import { v7 as uuid } from "uuid";
import { withSitMinutes } from "@/core/outing";
import { daysOf, type SeasonDay } from "@/core/season";
import { MS_PER_MINUTE } from "@/core/units";
import { dateText } from "@/formats/display/time";
import type { OutingView } from "@/formats/wire/outing/outing-view";
import { viewToOuting } from "@/formats/wire/outing/view-to-outing";
import { ask } from "../ask";
import { wearingsOf, type DressedKit } from "../wardrobe/dressed-kit";
import type { Found } from "./season";

/**
 * Makes an outing like another on a day of a season, in that day's weather; with a kit, in what the day is best for.
 * @returns its id @throws {Error} with a message to show
 */
export async function planDay(
  view: OutingView,
  day: SeasonDay,
  { habit, weather }: Found,
  dressed: DressedKit | null,
): Promise<string> {
  const { days } = daysOf(viewToOuting(view), weather, habit);
  const outing = days.find(({ seatAtMs }) => seatAtMs === day.seatAtMs)?.outing;
  if (!outing) throw new Error(m.seasonDayHasNoWeather);
  const { phases, wearings } = withSitMinutes(view, habit.wantedMinutes);
  const { forecast: _forecast, ...plan } = view.plan; // it told another weather
  const startsAtMs = Date.parse(view.startsAt);
  const id = uuid();
  await ask("/api/outings", "POST", {
    from: "outing",
    id,
    copyOf: view.id,
    name: m.seasonPlanned({ name: view.name, date: dateText(outing.startsAtMs!, view.place.timeZone) }),
    startsAt: new Date(outing.startsAtMs!).toISOString(),
    content: {
      setting: view.setting,
      phases,
      wearings: dressed ? wearingsOf(dressed, outing) : wearings,
      plan,
      // Hours are told against the start of the outing that is copied, and move with it.
      weather: outing.weather.map(({ minute, ...hour }) => ({
        at: new Date(startsAtMs + minute * MS_PER_MINUTE).toISOString(),
        ...hour,
        cloudShare: hour.cloudShare ?? null,
        precipitationMm: hour.precipitationMm ?? null,
        radiantTemperatureC: null,
        airTemperatureTyped: null,
        windTyped: null,
      })),
      weatherShaped: false,
    },
  });
  return id;
}
