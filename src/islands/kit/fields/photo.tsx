import * as m from "@/messages";
import { useState } from "react";
import type { KitPiece } from "@/formats/wire/kit/kit-view";
import { keepPhoto, removePhoto } from "@/stores/kit-page";

/** A picture to know the piece by; nobody has to have one. */
export function Photo({ piece }: { readonly piece: KitPiece }) {
  const [problem, setProblem] = useState<string | null>(null);
  const run = async (work: Promise<void>): Promise<void> => {
    try {
      setProblem(null);
      await work;
    } catch (error) {
      setProblem((error as Error).message);
    }
  };
  return (
    <div className="flex flex-wrap items-end gap-3">
      {piece.hasPhoto && (
        <img
          src={`/api/pieces/${piece.id}/photo?version=${piece.version}`}
          alt={m.photoOf({ name: piece.name })}
          className="border-line max-h-40 max-w-full border"
        />
      )}
      <label className="flex flex-col gap-1">
        <span className="text-muted text-sm">{piece.hasPhoto ? m.anotherPhoto : m.photoIfYouLike}</span>
        <input
          type="file"
          accept="image/*"
          className="max-w-60 text-sm"
          onChange={(event) => {
            const [file] = event.target.files ?? [];
            if (file) void run(keepPhoto(piece.id, file));
          }}
        />
      </label>
      {piece.hasPhoto && (
        <button type="button" className="press press-small" onClick={() => void run(removePhoto(piece.id))}>
          {m.takeThePhotoAway}
        </button>
      )}
      {problem !== null && (
        <p role="alert" className="text-cranberry basis-full text-sm">
          {problem}
        </p>
      )}
    </div>
  );
}
