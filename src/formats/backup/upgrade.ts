import { BACKUP_FORMAT_VERSION } from "./backup-schema";

type Fields = Readonly<Record<string, unknown>>;
const isFields = (value: unknown): value is Fields =>
  typeof value === "object" && value !== null && !Array.isArray(value);

/** The first version had practice preferences under another name. */
function renamedPreferences(person: unknown): unknown {
  if (!isFields(person) || !isFields(person.heldTo)) return person;
  const { heldTo, ...rest } = person;
  const { schools, ...kept } = heldTo as Fields;
  return { ...rest, practicePreferences: { ...kept, practices: schools } };
}

/** Step from each older version to the next; version 1 is the first. */
const UPGRADERS: Readonly<Record<number, (file: Fields) => Fields>> = {
  1: (file) => ({
    ...file,
    formatVersion: 2,
    people: Array.isArray(file.people) ? file.people.map(renamedPreferences) : file.people,
  }),
  // The third only added what may be left out.
  2: (file) => ({ ...file, formatVersion: 3 }),
};

/** Brings a backup of any known version to the newest; what is none is left as it is. */
export function upgradeBackup(value: unknown): unknown {
  let file = value;
  for (let version = 1; version < BACKUP_FORMAT_VERSION; version++) {
    if (isFields(file) && file.formatVersion === version) file = UPGRADERS[version]!(file);
  }
  return file;
}
