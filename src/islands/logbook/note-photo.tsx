import * as m from "@/messages";
import { useState } from "react";
import { keepNotePhoto, notePhotoAddress, removeNotePhoto } from "@/stores/logbook/note-photo";
import { messageOf } from "@/stores/message-of";
import { Problem } from "../fields/problem";

type Props = { readonly outingId: string; readonly hasPhoto: boolean };

/** A picture with a note: of the place, the ice, what was worn. */
export function NotePhoto({ outingId, hasPhoto: before }: Props) {
  const [hasPhoto, setHasPhoto] = useState(before);
  const [change, setChange] = useState(0);
  const [problem, setProblem] = useState<string | null>(null);
  const run = async (work: Promise<unknown>, has: boolean): Promise<void> => {
    try {
      setProblem(null);
      await work;
      setHasPhoto(has);
      setChange(change + 1);
    } catch (error) {
      setProblem(messageOf(error));
    }
  };
  return (
    <div className="mx-auto flex w-full max-w-[46rem] flex-wrap items-end gap-3 pt-4">
      {hasPhoto && (
        <img
          src={notePhotoAddress(outingId, change)}
          alt={m.notePhotoOf}
          className="border-line max-h-72 max-w-full border"
        />
      )}
      <label className="no-print flex flex-col gap-1">
        <span className="text-muted text-sm">{hasPhoto ? m.anotherPhoto : m.notePhoto}</span>
        <input
          type="file"
          accept="image/*"
          className="max-w-60 text-sm"
          onChange={(event) => {
            const [file] = event.target.files ?? [];
            if (file) void run(keepNotePhoto(outingId, file), true);
          }}
        />
      </label>
      {hasPhoto && (
        <button
          type="button"
          className="press press-small no-print"
          onClick={() => void run(removeNotePhoto(outingId), false)}
        >
          {m.takeThePhotoAway}
        </button>
      )}
      <Problem words={problem} />
    </div>
  );
}
