import * as m from "@/messages";
import { v7 as uuid } from "uuid";
import { totalMinutes } from "@/core/outing";
import { MS_PER_DAY, MS_PER_HOUR } from "@/core/units";
import { othersInParty, type Database } from "@/db";
import { hoursOfForecast } from "@/formats/wire/evening/forecast-view";
import { contentOfView } from "@/formats/wire/outing/content-of-view";
import type { OutingCopy } from "@/formats/wire/outing/new-outing-schema";
import type { OutingView } from "@/formats/wire/outing/outing-view";
import type { NewTrip } from "@/formats/wire/trips/trip-schema";
import { AppError } from "../app-error";
import { forecastAt, hoursToAsk } from "../forecast/forecast-at";
import { makeOuting } from "../outings/make-outing";
import { openOuting } from "../outings/open-outing";
import type { Forecasts } from "../ports/forecasts";

type Repeated = Extract<NewTrip, { from: "repeated" }>;
type Start = { readonly startMs: number; readonly name: (called: string) => string };

/** When each outing of a trip begins, and what it is called. */
function startsOf({ days, startsAt, againAfterHours }: Repeated, ownStart: string): Start[] {
  const firstMs = Date.parse(startsAt ?? ownStart);
  return Array.from({ length: days }, (_, day): Start[] => {
    const startMs = firstMs + day * MS_PER_DAY;
    const name = (called: string): string => m.tripDayOf({ name: called, day: day + 1 });
    if (againAfterHours === undefined) return [{ startMs, name }];
    const again = startMs + againAfterHours * MS_PER_HOUR;
    return [
      { startMs, name },
      { startMs: again, name: (called) => m.tripAgainOf({ name: name(called) }) },
    ];
  }).flat();
}

/**
 * An outing's content in the weather that is forecast for another start. A copy's hours move with its start: these are told
 * against the start of the outing that is copied. Another day has everything to be packed again.
 * @throws {AppError} `bad-input` where the place has no coordinates
 */
async function inForecast(forecasts: Forecasts, view: OutingView, startMs: number): Promise<OutingCopy["content"]> {
  const { latitudeDeg, longitudeDeg } = view.setting;
  if (latitudeDeg === undefined || longitudeDeg === undefined)
    throw new AppError("bad-input", m.thePlaceHasNoPointOn, {
      problems: [{ path: "byForecast", reason: m.needsCoordinatesOfThePlace }],
    });
  const startsAt = new Date(startMs).toISOString();
  const hours = hoursToAsk(totalMinutes(view.phases));
  const forecast = await forecastAt(forecasts, { latitudeDeg, longitudeDeg, startsAt, hours, asOfMs: Date.now() });
  const { service, issuedAt, invented } = forecast;
  const laterMs = startMs - Date.parse(view.startsAt);
  const { ticks: _ticks, ...plan } = view.plan;
  return {
    ...(contentOfView(view) as NonNullable<OutingCopy["content"]>),
    weather: hoursOfForecast(forecast).map((hour) => ({
      ...hour,
      at: new Date(Date.parse(hour.at) - laterMs).toISOString(),
    })),
    weatherShaped: false,
    plan: { ...plan, forecast: { service, issuedAt, invented } } as NonNullable<OutingCopy["content"]>["plan"],
  };
}

/**
 * One outing, and those of others who go along on it, again and again: a day later each time, or twice a day.
 * @returns ids of all; the outings themselves are the first unless another start is said
 * @throws {AppError} `bad-input`, `not-found`
 */
export async function repeatedOutings(
  database: Database,
  forecasts: Forecasts,
  ownerId: string,
  wanted: Repeated,
): Promise<string[]> {
  const first = await openOuting(database, ownerId, wanted.outingId);
  const others = first.partyId ? await othersInParty(database, ownerId, first.partyId, first.id) : [];
  const party = [first, ...(await Promise.all(others.map((id) => openOuting(database, ownerId, id))))];
  const ids: string[] = [];
  for (const { startMs, name } of startsOf(wanted, first.startsAt)) {
    for (const view of party) {
      if (startMs === Date.parse(view.startsAt)) {
        ids.push(view.id);
        continue;
      }
      const id = uuid();
      await makeOuting(database, forecasts, ownerId, {
        from: "outing",
        id,
        copyOf: view.id,
        name: name(view.name),
        startsAt: new Date(startMs).toISOString(),
        ...(wanted.byForecast && { content: await inForecast(forecasts, view, startMs) }),
      });
      ids.push(id);
    }
  }
  return ids;
}
