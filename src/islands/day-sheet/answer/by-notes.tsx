import * as m from "@/messages";
import { useStore } from "@nanostores/react";
import { useEffect } from "react";
import type { NotesView } from "@/formats/wire/people/person-view";
import { $isByNotes, setByNotes, waitForLearnt } from "@/stores/logbook/by-notes";

/** Whose minutes they are: of people in general, or of this person as notes taught, with a switch between both. */
export function ByNotes({ outingId, notes }: { readonly outingId: string; readonly notes: NotesView }) {
  const isByNotes = useStore($isByNotes);
  useEffect(() => (notes.isLearning ? waitForLearnt(outingId) : undefined), [outingId, notes.isLearning]);
  if (notes.isLearning) return <p className="text-muted">{m.learntComputing}</p>;
  if (!notes.learnt && isByNotes) return <p className="text-muted">{m.eightCasesOfTenAsFar}</p>;
  return (
    <p className="text-muted">
      {isByNotes ? m.byNotesOf({ notes: notes.told }) : m.byNobodyInParticular}{" "}
      <button type="button" className="link" onClick={() => setByNotes(!isByNotes)}>
        {isByNotes ? m.asNobodyInParticular : m.asNotesTaught}
      </button>
    </p>
  );
}
