import * as m from "@/messages";
import { anyOutingFileSchema } from "@/formats/outing-file/parse";
import { liveVotesSchema } from "@/formats/wire/live/live-schema";
import { feltSchema } from "@/formats/wire/logbook/felt-schema";
import { reader } from "./stored";

/** What was felt, as it is kept. */
export const readFelt = reader(m.logbookNoteWord, feltSchema);
/** What was said during a sit. */
export const readLiveVotes = reader(m.liveTitle, liveVotesSchema);
/** An outing as it was when it was first told of; files of older versions are upgraded. */
export const readOutingFile = reader(m.outingTitle, anyOutingFileSchema);
