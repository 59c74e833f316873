import * as m from "@/messages";
import { useId, useRef, useState } from "react";
import { positionText, readPosition, type Position } from "@/formats/position/read-position";
import { readTextFile } from "../page/read-text-file";

type Props = {
  readonly position: Position | null;
  readonly onChange: (position: Position) => void;
};

/** The last point of a file's way, or its first waypoint: where one sits. */
async function positionOfGpx(text: string): Promise<Position | string> {
  const { readGpx } = await import("@/formats/track/read-gpx");
  const { waypointOfGpx } = await import("@/formats/track/waypoint");
  const document = new DOMParser().parseFromString(text, "text/xml");
  const waypoint = waypointOfGpx(document);
  if (waypoint) return waypoint;
  const track = readGpx(document);
  if (!track.ok) return track.reason;
  const [latitudeDeg, longitudeDeg] = track.points.at(-1)!;
  return { latitudeDeg, longitudeDeg };
}

/** Where on earth: typed, pasted from a link, or out of a GPX file. */
export function PositionField({ position, onChange }: Props) {
  const id = useId();
  const file = useRef<HTMLInputElement>(null);
  const [text, setText] = useState<string | null>(null);
  const [problem, setProblem] = useState<string | null>(null);
  const shown = text ?? (position ? positionText(position) : "");
  const take = (typed: string): void => {
    setText(typed);
    const read = readPosition(typed);
    setProblem(null);
    if (read) onChange(read);
  };
  const leave = (): void => {
    const isRead = shown.trim() === "" || readPosition(shown) !== null;
    if (isRead) setText(null);
    else setProblem(m.noPointOnEarthCanBe);
  };
  const takeFile = async (chosen: File | undefined): Promise<void> => {
    if (!chosen) return;
    const found = await positionOfGpx(await readTextFile(chosen));
    if (typeof found === "string") return setProblem(found);
    setProblem(null);
    setText(null);
    onChange(found);
  };
  return (
    <div className="flex flex-col gap-1">
      <label htmlFor={id} className="text-muted text-sm">
        {m.coordinatesOrALinkToA}
      </label>
      <div className="flex flex-wrap gap-2">
        <input
          id={id}
          type="text"
          className="field min-w-0 grow"
          placeholder="62.51, 11.32"
          autoComplete="off"
          value={shown}
          aria-invalid={problem !== null}
          aria-describedby={problem === null ? undefined : `${id}-problem`}
          onChange={(event) => take(event.target.value)}
          onBlur={leave}
        />
        <button type="button" className="press" onClick={() => file.current?.click()}>
          {m.fromAGpxFile}
        </button>
        <input
          ref={file}
          type="file"
          accept=".gpx"
          className="sr-only"
          tabIndex={-1}
          aria-label={m.gpxFileWithThePlace}
          onChange={(event) => void takeFile(event.target.files?.[0])}
        />
      </div>
      {problem && (
        <p id={`${id}-problem`} role="alert" className="text-cranberry text-sm">
          {problem}
        </p>
      )}
    </div>
  );
}
