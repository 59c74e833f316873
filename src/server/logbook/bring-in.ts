import * as m from "@/messages";
import { v7 as uuid } from "uuid";
import { usualPhases } from "@/core/morning";
import { totalMinutes } from "@/core/outing";
import {
  createOuting,
  insertContent,
  keepNote,
  readPeopleAndPlaces,
  startsOfPerson,
  type Connection,
  type Database,
} from "@/db";
import { fileOfOuting } from "@/formats/outing-file/file-of-outing";
import { wornUsually } from "@/formats/wire/kit/generic-outfit";
import type { BroughtIn, PastSits } from "@/formats/wire/logbook/past-sits-schema";
import type { OutingContentView } from "@/formats/wire/outing/outing-view";
import { viewToOuting } from "@/formats/wire/outing/view-to-outing";
import { AppError } from "../app-error";
import { contentRows } from "../outings/content-rows";
import { openOuting } from "../outings/open-outing";
import { hoursOfShapedDay } from "../outings/shaped-day";
import { readSetting } from "../stored/stored";
import { learntUpToDate } from "./learn";
import { asIfNothingWereLearnt } from "./logbook";

type PastSit = PastSits["sits"][number];
type Place = Awaited<ReturnType<typeof readPeopleAndPlaces>>["places"][number];

const unknown = (path: string, message: string): AppError =>
  new AppError("bad-input", message, { problems: [{ path, reason: m.isNotKnown }] });

/** A day as a table tells it: one temperature, one wind. */
function contentOf(sit: PastSit, place: Place): OutingContentView {
  const setting = readSetting(place.setting, place.name);
  const phases = usualPhases(Math.max(1, sit.felt.minutes)).map((phase) => ({
    ...phase,
    ...(phase.kind === "walkIn" && sit.walkMinutes ? { minutes: sit.walkMinutes } : {}),
    id: uuid(),
  }));
  const { airTemperatureC, windMPerS, startsAt } = sit;
  const { latitudeDeg, longitudeDeg } = setting;
  const day = { lowC: airTemperatureC, highC: airTemperatureC, windMPerS, cloudShare: null };
  const where = { startsAt, timeZone: place.timeZone, latitudeDeg, longitudeDeg };
  return {
    setting,
    weatherShaped: true,
    plan: {},
    weather: hoursOfShapedDay(day, where, totalMinutes(phases)),
    phases: sit.walkMinutes === 0 ? phases.filter(({ kind }) => kind !== "walkIn" && kind !== "walkOut") : phases,
    wearings: [],
  };
}

/** Makes the outing of one sit and keeps its note, with the outing as it is now. */
async function keepSit(transaction: Connection, ownerId: string, personId: string, sit: PastSit, place: Place) {
  const { id, name, startsAt } = sit;
  const content = contentOf(sit, place);
  const { setting, weatherShaped, plan } = content;
  const head = { id, name, personId, placeId: place.id, startsAt: new Date(startsAt), setting, weatherShaped, plan };
  await createOuting(transaction, ownerId, head, contentRows(content));
  const bare = await openOuting(transaction, ownerId, id);
  const worn = bare.kit.filter((piece) => sit.pieceIds.includes(piece.id));
  if (worn.length < new Set(sit.pieceIds).size) throw unknown("pieceIds", m.sitsNoSuchPiece);
  const view = { ...bare, wearings: wornUsually(worn, bare.phases) };
  if (view.wearings.length > 0)
    await insertContent(transaction, ownerId, id, contentRows({ ...content, wearings: view.wearings }));
  await keepNote(transaction, {
    ownerId,
    outingId: id,
    felt: sit.felt,
    file: fileOfOuting(asIfNothingWereLearnt(viewToOuting(view)), { name, startsAt, timeZone: place.timeZone }),
    verdict: null, // nothing was predicted then
    modelVersion: null,
  });
}

/**
 * Brings in sits of the past: each becomes an outing with its note. What is here already, by person and start, stays as it
 * is; all of them or none.
 * @throws {AppError} `bad-input`
 */
export async function bringIn(database: Database, ownerId: string, { personId, sits }: PastSits): Promise<BroughtIn> {
  const { people, places } = await readPeopleAndPlaces(database, ownerId);
  const person = people.find(({ id }) => id === personId);
  if (!person) throw unknown("personId", m.noSuchPersonChoose);
  const kept = await database.transaction(async (transaction) => {
    const starts = new Set((await startsOfPerson(transaction, ownerId, personId)).map((start) => start.getTime()));
    let count = 0;
    for (const sit of sits) {
      const place = places.find(({ id }) => id === sit.placeId);
      if (!place) throw unknown("placeId", m.noSuchPlaceChoose);
      const start = Date.parse(sit.startsAt);
      if (starts.has(start)) continue;
      starts.add(start);
      await keepSit(transaction, ownerId, personId, sit, place);
      count += 1;
    }
    return count;
  });
  if (person.usesNotes && kept > 0) void learntUpToDate(database, ownerId, personId);
  return { kept, known: sits.length - kept };
}
