import { MODEL_VERSION } from "@/core/outing";
import type { LearntRow } from "@/db";
import { learntSchema } from "@/formats/outing-file/schema/learnt-schema";
import type { NotesView } from "@/formats/wire/people/person-view";

const keptSchema = learntSchema.nullable();

/** Whether what is kept was learnt from the notes there are, by the model there is; in a form of another version it was not. */
export const isCurrent = ({ kept, stamp }: LearntRow): boolean =>
  kept?.stamp === stamp && kept.modelVersion === MODEL_VERSION && keptSchema.safeParse(kept.learnt).success;

/** What a person's notes come to. @param row `null` where they told of nothing */
export function notesViewOf(
  { usesNotes }: { readonly usesNotes: boolean },
  row: LearntRow | null,
): NotesView | undefined {
  if (!row) return undefined;
  const current = isCurrent(row);
  const learnt = usesNotes && current ? row.kept!.learnt : null;
  return { told: row.notes, learnt, isLearning: usesNotes && !current };
}
