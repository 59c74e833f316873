import { EFFORT_CLASS } from "@/core/effort";
import { v7 as uuid } from "uuid";
import { usualLevels, type Phase, totalMinutes } from "@/core/outing";
import type { OutingPreparation } from "@/core/evening";
import { createOuting, createPerson, createPlace, readPeopleAndPlaces, type Database } from "@/db";
import { shapedHours } from "@/formats/outing-file/shaped-weather";
import type { NewOuting, OutingCopy, OutingFromPlace } from "@/formats/wire/outing/new-outing-schema";
import type { OutingContentView } from "@/formats/wire/outing/outing-view";
import { AppError } from "../app-error";
import { makeAlong } from "./party";
import { contentRows } from "./content-rows";
import { openOuting } from "./open-outing";
import { refuseForeignPieces } from "./outings";
import { readSetting } from "../stored/stored";
import { recompute } from "./recompute";

/** What an outing is planned with until its phases are edited (assumptions). */
const SET_UP_MINUTES = 15;
const WALK_MINUTES = 20;
const USUAL_HUMIDITY_PERCENT = 80;

const STILL = {
  posture: "sitting",
  activityRatio: EFFORT_CLASS.sittingStill.activityRatio,
  walkSpeedMPerS: 0,
} as const;
const WALKING = { posture: "standing", activityRatio: 4, walkSpeedMPerS: 1 } as const;
const usualPhases = (sitMinutes: number): Phase[] => [
  { kind: "walkIn", minutes: WALK_MINUTES, ...WALKING },
  { kind: "setUp", minutes: SET_UP_MINUTES, posture: "standing", activityRatio: 2, walkSpeedMPerS: 0 },
  { kind: "sit", minutes: sitMinutes, ...STILL },
  { kind: "walkOut", minutes: WALK_MINUTES, ...WALKING },
];

const unknown = (what: string): AppError =>
  new AppError("bad-input", `There is no such ${what}. Choose another or make a new one.`, {
    problems: [{ path: what, reason: "is not known" }],
  });

async function makeFromPlace(database: Database, ownerId: string, wanted: OutingFromPlace): Promise<void> {
  const { people, places } = await readPeopleAndPlaces(database, ownerId);
  const { person, place } = wanted;
  const where = place.kind === "new" ? place : places.find(({ id }) => id === place.id);
  if (!where) throw unknown("place");
  if (person.kind === "known" && !people.some(({ id }) => id === person.id)) throw unknown("person");
  const phases = usualPhases(wanted.sitMinutes);
  const total = totalMinutes(phases);
  const day = { ...wanted.day, relativeHumidityPercent: USUAL_HUMIDITY_PERCENT };
  const setting = readSetting(where.setting, where.name);
  const { latitudeDeg, longitudeDeg } = setting;
  const hours = shapedHours(
    day,
    { startsAt: wanted.startsAt, timeZone: where.timeZone, latitudeDeg, longitudeDeg },
    total,
  );
  await database.transaction(async (transaction) => {
    if (person.kind === "new") {
      const { kind: _kind, ...row } = person;
      await createPerson(transaction, ownerId, { ...row, accepted: usualLevels(row) });
    }
    if (place.kind === "new") {
      const { kind: _kind, ...row } = place;
      await createPlace(transaction, ownerId, row);
    }
    const head = {
      id: wanted.id,
      name: wanted.name,
      personId: person.id,
      placeId: place.id,
      startsAt: new Date(wanted.startsAt),
      setting,
      weatherShaped: true,
    };
    await createOuting(transaction, ownerId, head, {
      weather: hours.map(({ at, ...hour }) => ({ at: new Date(at), ...hour })),
      phases: phases.map(({ wetBy = [], ...phase }, position) => ({
        id: uuid(),
        position,
        ...phase,
        wetBy: [...wetBy],
      })),
      wearings: [],
    });
  });
}

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
export async function makeOuting(database: Database, ownerId: string, wanted: NewOuting): Promise<{ id: string }> {
  if (wanted.from === "place") await makeFromPlace(database, ownerId, wanted);
  else if (wanted.from === "party") await makeAlong(database, ownerId, wanted);
  else await makeCopy(database, ownerId, wanted);
  recompute(database, ownerId, wanted.id);
  return { id: wanted.id };
}
