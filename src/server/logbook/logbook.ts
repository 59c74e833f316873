import * as m from "@/messages";
import type { z } from "zod";
import { MODEL_VERSION, sitSpans, type Outing } from "@/core/outing";
import { WeatherCourse } from "@/core/weather";
import { forgetNote, keepNote, listNotes, oneSnapshot, readNote, readOuting, type Database } from "@/db";
import { fileOfOuting } from "@/formats/outing-file/file-of-outing";
import { toOuting } from "@/formats/outing-file/to-outing";
import type { feltSchema } from "@/formats/wire/logbook/felt-schema";
import type { OutingFile } from "@/formats/outing-file/schema/outing-schema";
import type { LogbookEntry } from "@/formats/wire/logbook/logbook-view";
import { viewToOuting } from "@/formats/wire/outing/view-to-outing";
import { AppError } from "../app-error";
import { missingOuting, openOuting } from "../outings/open-outing";
import { holdsFor, judgeNow } from "../outings/recompute";
import { learntUpToDate } from "./learn";
import { wornInFile } from "./worn-in-file";
import { readFelt, readOutingFile } from "../stored/stored-logbook";
import { readVerdict } from "../stored/stored-figures";

type Note = Awaited<ReturnType<typeof listNotes>>[number];

function entryOf({ note, hasPhoto, outing, person, place }: Note): LogbookEntry {
  const file = readOutingFile(note.file, outing.name);
  const frozen = toOuting(file);
  const { airTemperatureC, windMPerS } = new WeatherCourse(frozen.weather).at(sitSpans(frozen.phases)[0]!.fromMinute);
  return {
    outingId: note.outingId,
    name: outing.name,
    invented: outing.invented,
    startsAt: outing.startsAt.toISOString(),
    timeZone: place.timeZone,
    personId: person.id,
    personName: person.name,
    placeName: place.name,
    airTemperatureC,
    windMPerS,
    pieces: wornInFile(file),
    predicted: readVerdict(note.verdict),
    today: note.todayModelVersion === MODEL_VERSION ? { verdict: readVerdict(note.todayVerdict) } : null,
    hasPhoto,
    felt: readFelt(note.felt, outing.name),
  };
}

/** Every sit that was told of, the latest first. */
export const logbookOf = async (database: Database, ownerId: string): Promise<LogbookEntry[]> =>
  (await listNotes(database, ownerId)).map(entryOf);

/** One sit that was told of, with the outing as it was; `null` where nobody has told. */
export async function entryWithFile(
  database: Database,
  ownerId: string,
  outingId: string,
): Promise<{ readonly entry: LogbookEntry; readonly file: OutingFile } | null> {
  const [found] = await listNotes(database, ownerId, outingId);
  return found ? { entry: entryOf(found), file: readOutingFile(found.note.file, found.outing.name) } : null;
}

/** What was felt on an outing; `null` where nobody has told yet. @throws {AppError} `not-found` */
export async function noteOf(
  database: Database,
  ownerId: string,
  outingId: string,
): Promise<LogbookEntry["felt"] | null> {
  const view = await openOuting(database, ownerId, outingId);
  const row = await readNote(database, ownerId, outingId);
  return row && readFelt(row.felt, view.name);
}

/** What is learnt from an outing must not be learnt in turn from what was learnt before. */
export const asIfNothingWereLearnt = (outing: Outing): Outing => {
  const { learnt: _learnt, ...person } = outing.person;
  return { ...outing, person };
};

/**
 * Keeps what was felt; the first time with the outing and its prediction as they are now.
 * @throws {AppError} `not-found`
 */
export async function tellFelt(
  database: Database,
  ownerId: string,
  outingId: string,
  felt: z.output<typeof feltSchema>,
): Promise<{ id: string }> {
  const view = await openOuting(database, ownerId, outingId);
  const kept = await oneSnapshot(database, (transaction) => readOuting(transaction, ownerId, outingId));
  if (!kept) throw missingOuting();
  const isCurrent = holdsFor(kept.outing, view);
  const verdict = isCurrent ? kept.outing.verdict : ((await judgeNow(database, ownerId, outingId))?.verdict ?? null);
  const { name, startsAt, place } = view;
  await keepNote(database, {
    ownerId,
    outingId,
    felt,
    file: fileOfOuting(asIfNothingWereLearnt(viewToOuting(view)), { name, startsAt, timeZone: place.timeZone }),
    verdict,
    modelVersion: verdict ? MODEL_VERSION : null,
  });
  if (view.person.usesNotes) void learntUpToDate(database, ownerId, view.person.id);
  return { id: outingId };
}

/** Forgets what was felt, and all that was learnt from it. @throws {AppError} `not-found` */
export async function forgetFelt(database: Database, ownerId: string, outingId: string): Promise<{ id: string }> {
  const { person } = await openOuting(database, ownerId, outingId);
  if (!(await forgetNote(database, ownerId, outingId))) throw new AppError("not-found", m.logbookNoNote);
  if (person.usesNotes) void learntUpToDate(database, ownerId, person.id);
  return { id: outingId };
}
