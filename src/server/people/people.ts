import {
  createPerson,
  inTransaction,
  readLearnt,
  readPeople,
  replacePerson,
  type Connection,
  type Database,
} from "@/db";
import { usualLevels } from "@/core/outing";
import type { NewPerson, SavedPerson } from "@/formats/wire/people/person-schema";
import type { PersonView } from "@/formats/wire/people/person-view";
import { savedOrRefused } from "../saved-or-refused";
import { readPracticePreferences } from "../stored/stored";
import { notesViewOf } from "./notes-view";
import { personContentOf } from "./person-content";

/** Everybody of an owner, also who is retired, by name. */
export async function peopleOf(database: Database, ownerId: string): Promise<PersonView[]> {
  const rows = await readPeople(database, ownerId);
  const learnt = await readLearnt(
    database,
    ownerId,
    rows.map(({ person }) => person.id),
  );
  return rows.map(({ person, outings }) => ({
    id: person.id,
    version: person.version,
    ...personContentOf(person),
    practicePreferences: readPracticePreferences(person.practicePreferences, person.name),
    notes: notesViewOf(person, learnt.get(person.id) ?? null),
    retired: person.retired,
    outings,
  }));
}

/** Levels nobody has chosen are those usual at the person's age. */
export const addPerson = async (
  connection: Connection,
  ownerId: string,
  wanted: NewPerson,
): Promise<{ id: string }> => {
  await createPerson(connection, ownerId, { ...wanted, accepted: wanted.accepted ?? usualLevels(wanted) });
  return { id: wanted.id };
};

/** Keeps a person as they were edited; verdicts of their outings no longer hold. @throws {AppError} `not-found`, `version-conflict` */
export const savePerson = (
  database: Database,
  ownerId: string,
  personId: string,
  { version, ...content }: SavedPerson,
): Promise<{ version: number }> =>
  savedOrRefused("person", personId, () =>
    inTransaction(database, (transaction) => replacePerson(transaction, ownerId, personId, version, content)),
  );
