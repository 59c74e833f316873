import { v7 as uuid } from "uuid";
import type { OutingPreparation } from "@/core/evening";
import { createOuting, type Database } from "@/db";
import type { NewOuting, OutingCopy } from "@/formats/wire/outing/new-outing-schema";
import type { OutingContentView } from "@/formats/wire/outing/outing-view";
import type { Forecasts } from "../ports/forecasts";
import { makeAlong } from "./party/along";
import { contentRows } from "./content-rows";
import { makeFromPlace } from "./make-from-place";
import { openOuting } from "./open-outing";
import { refuseForeignPieces } from "./outings";
import { recompute, takeVerdictOver } from "./recompute";

/** Another day has a weather of its own and everything to be packed again; a copy of a page keeps all. */
const carriedOver = ({ forecast, ticks, ...kept }: OutingPreparation, isSamePage: boolean): OutingPreparation =>
  isSamePage ? { ...kept, forecast, ticks } : kept;

async function makeCopy(database: Database, ownerId: string, wanted: OutingCopy): Promise<void> {
  const view = await openOuting(database, ownerId, wanted.copyOf);
  const content: OutingContentView = { ...view, ...wanted.content, plan: wanted.content?.plan ?? view.plan };
  refuseForeignPieces(view.kit, content);
  const startsAt = wanted.startsAt ?? view.startsAt;
  const laterMs = Date.parse(startsAt) - Date.parse(view.startsAt);
  const rows = contentRows(content);
  const head = {
    id: wanted.id,
    name: wanted.name,
    personId: view.person.id,
    placeId: view.place.id,
    startsAt: new Date(startsAt),
    setting: content.setting,
    weatherShaped: content.weatherShaped,
    plan: carriedOver(content.plan, wanted.content !== undefined),
    invented: view.invented,
  };
  await database.transaction((transaction) =>
    createOuting(transaction, ownerId, head, {
      weather: rows.weather.map((hour) => ({ ...hour, at: new Date(hour.at.getTime() + laterMs) })),
      phases: rows.phases.map((phase) => ({ ...phase, id: uuid() })),
      wearings: rows.wearings.map((wearing) => ({ ...wearing, id: uuid() })),
    }),
  );
}

/**
 * Makes an outing, and has it judged in the background.
 * @throws {AppError} `not-found`, `bad-input`
 */
export async function makeOuting(
  database: Database,
  forecasts: Forecasts,
  ownerId: string,
  wanted: NewOuting,
): Promise<{ id: string }> {
  if (wanted.from === "place") await makeFromPlace(database, forecasts, ownerId, wanted);
  else if (wanted.from === "party") await makeAlong(database, ownerId, wanted);
  else await makeCopy(database, ownerId, wanted);
  const isJudged = wanted.from === "outing" && (await takeVerdictOver(database, ownerId, wanted.copyOf, wanted.id));
  if (!isJudged) recompute(database, ownerId, wanted.id);
  return { id: wanted.id };
}
