import * as m from "@/messages";
import { upgradeOutingFile } from "@/formats/outing-file/upgrade";
import { outingFileSchema } from "@/formats/outing-file/schema/outing-schema";
import { feltSchema } from "@/formats/wire/logbook/felt-schema";
import { reader } from "./stored";

/** What was felt, as it is kept. */
export const readFelt = reader(m.logbookNoteWord, feltSchema);
/** An outing as it was when it was first told of; files of older versions are upgraded. */
export const readOutingFile = reader(m.outingTitle, outingFileSchema, (value) => {
  const upgraded = upgradeOutingFile(value);
  return upgraded.ok ? upgraded.value : value; // one of a newer program is refused by the schema
});
