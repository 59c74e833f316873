import * as m from "@/messages";
import { useStore } from "@nanostores/react";
import { useEffect } from "react";
import { learntRangeWords } from "@/formats/display/words/logbook-words";
import { $byNotes, keepByNotes } from "@/stores/logbook/by-notes";

/** Under the verdict of people in general: what this person's notes make of it. */
export function ByNotes({ personId }: { readonly personId: string }) {
  const state = useStore($byNotes);
  useEffect(() => keepByNotes(personId), [personId]);
  return (
    <p className="text-sm" data-testid="by-notes">
      {state.kind === "computing" && m.learntComputing}
      {state.kind === "failed" && m.learntFailed({ message: state.message })}
      {state.kind === "found" && (
        <>
          <strong>{m.byNotesOf({ notes: state.notes })}</strong> {learntRangeWords(state.range)}{" "}
          <span className="text-muted">{m.byNotesSays}</span>{" "}
          <a className="underline" href="/logbook">
            {m.logbookTitle}
          </a>
        </>
      )}
    </p>
  );
}
