import * as m from "@/messages";
import { useEffect, useState } from "react";
import { keepNotePhoto, notePhotoAddress, removeNotePhoto } from "@/stores/logbook/note-photo";
import { unsentPhoto } from "@/stores/logbook/unsent-photos";
import { messageOf } from "@/stores/message-of";
import { Problem } from "../fields/problem";

type Props = {
  readonly outingId: string;
  readonly hasPhoto: boolean;
  /** Whether the server has the note: else the picture waits with it. */
  readonly isNoteSent: boolean;
};
/** A picture as an address that pages may show: they load nothing from elsewhere. */
const asDataAddress = (photo: Blob): Promise<string> =>
  new Promise((resolve, reject) => {
    const reader = new FileReader();
    reader.onload = () => resolve(reader.result as string);
    reader.onerror = () => reject(reader.error ?? new Error());
    reader.readAsDataURL(photo);
  });

type Where = "nowhere" | "sent" | "kept";

/** A picture with a note: of the place, the ice, what was worn. */
export function NotePhoto({ outingId, hasPhoto, isNoteSent }: Props) {
  const [where, setWhere] = useState<Where>(hasPhoto ? "sent" : "nowhere");
  const [here, setHere] = useState<string | null>(null);
  const [change, setChange] = useState(0);
  const [problem, setProblem] = useState<string | null>(null);
  useEffect(() => {
    void unsentPhoto(outingId).then(async (photo) => {
      setHere(photo ? await asDataAddress(photo) : null);
      if (photo) setWhere("kept");
      else setWhere((before) => (before === "kept" ? "sent" : before)); // it went with its note
    });
  }, [outingId, change, isNoteSent]);
  const run = async (work: () => Promise<Where>): Promise<void> => {
    try {
      setProblem(null);
      setWhere(await work());
      setChange(change + 1);
    } catch (error) {
      setProblem(messageOf(error));
    }
  };
  const shown = where === "kept" ? here : where === "sent" ? notePhotoAddress(outingId, change) : null;
  return (
    <div className="mx-auto flex w-full max-w-[46rem] flex-wrap items-end gap-3 pt-4">
      {shown !== null && <img src={shown} alt={m.notePhotoOf} className="border-line max-h-72 max-w-full border" />}
      <label className="no-print flex flex-col gap-1">
        <span className="text-muted text-sm">{where === "nowhere" ? m.notePhoto : m.anotherPhoto}</span>
        <input
          type="file"
          accept="image/*"
          className="max-w-60 text-sm"
          onChange={(event) => {
            const [file] = event.target.files ?? [];
            if (file) void run(() => keepNotePhoto(outingId, file, isNoteSent));
          }}
        />
      </label>
      {where !== "nowhere" && (
        <button
          type="button"
          className="press press-small no-print"
          onClick={() => void run(() => removeNotePhoto(outingId, where === "sent").then(() => "nowhere" as const))}
        >
          {m.takeThePhotoAway}
        </button>
      )}
      {where === "kept" && <p role="status">{m.logbookKeptHere}</p>}
      <Problem words={problem} />
    </div>
  );
}
