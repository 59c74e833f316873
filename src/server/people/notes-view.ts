import { MODEL_VERSION } from "@/core/outing";
import type { LearntRow } from "@/db";
import type { NotesView } from "@/formats/wire/people/person-view";
import { readLearntOf } from "../stored/stored-logbook";

/** Whether what is kept was learnt from the notes there are, by the model there is. */
export const isCurrent = ({ kept, stamp }: LearntRow): boolean =>
  kept?.stamp === stamp && kept.modelVersion === MODEL_VERSION;

/** What a person's notes come to. @param row `null` where they told of nothing */
export function notesViewOf(
  { name, usesNotes }: { readonly name: string; readonly usesNotes: boolean },
  row: LearntRow | null,
): NotesView | undefined {
  if (!row) return undefined;
  const current = isCurrent(row);
  const learnt = usesNotes && current && row.kept?.learnt ? readLearntOf(row.kept.learnt, name) : null;
  return { told: row.notes, learnt, isLearning: usesNotes && !current };
}
