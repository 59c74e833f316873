import * as m from "@/messages";
import { useState } from "react";
import { profileChart } from "@/charts/profile-chart";
import { walkMinutes, type WalkIn } from "@/core/outing";
import { PREPARATION_RANGE } from "@/core/evening";
import { wayOf } from "@/core/track";
import { quantityText } from "@/formats/display/quantities";
import { durationText } from "@/formats/display/time";
import type { OutingView } from "@/formats/wire/outing/outing-view";
import { editWalkMinutes, takeTrack } from "@/stores/sheet/track";
import { saveFile } from "../../page/save-file";
import { Problem } from "../../fields/problem";

const WIDTH = 300;
const HEIGHT = 64;

function Profile({ track }: { readonly track: NonNullable<OutingView["plan"]["track"]> }) {
  const way = wayOf(track);
  const chart = profileChart(way, WIDTH, HEIGHT);
  const words = m.upDown({
    quantity: quantityText("distance", way.distanceM),
    quantity2: quantityText("height", way.upM, 0),
    quantity3: quantityText("height", way.downM, 0),
  });
  return (
    <figure>
      {chart && (
        <svg
          viewBox={`0 0 ${WIDTH} ${HEIGHT}`}
          role="img"
          aria-label={m.heightsAlongTheWay({ words })}
          className="w-full"
        >
          <path d={chart.path} className="fill-sea-pale stroke-sea" strokeWidth="1.5" />
        </svg>
      )}
      <figcaption className="text-muted text-sm">
        {words}
        {chart &&
          m.betweenAndAboveTheSea({
            quantity: quantityText("height", chart.lowM, 0),
            quantity2: quantityText("height", chart.highM, 0),
          })}
      </figcaption>
    </figure>
  );
}

const PACE_TOLD = { easy: m.easyPace, brisk: m.briskPace } as const;

/** How long the way takes by load, climb and snow, and taking that over. */
function Minutes({ view, walkIn }: { readonly view: OutingView; readonly walkIn: WalkIn }) {
  const minutes = (pace: "easy" | "brisk"): readonly [number, number] => [
    walkMinutes(walkIn, view.person, pace, "in"),
    walkMinutes(walkIn, view.person, pace, "out"),
  ];
  return (
    <div className="flex flex-wrap gap-2" role="group" aria-label={m.minutesTheWayTakes}>
      {(["easy", "brisk"] as const).map((pace) => {
        const [there, back] = minutes(pace);
        return (
          <button key={pace} type="button" className="press press-small" onClick={() => editWalkMinutes(there, back)}>
            {PACE_TOLD[pace]({ there: durationText(there), back: durationText(back) })}
          </button>
        );
      })}
    </div>
  );
}

/** The way in from a GPX file: distance, climb, heights, minutes; and place and way as a file. */
export function TrackFields({ view }: { readonly view: OutingView }) {
  const [problem, setProblem] = useState<string | null>(null);
  const [notes, setNotes] = useState<readonly string[]>([]);
  const { track, tellsPlace } = view.plan;
  const { walkIn, latitudeDeg, longitudeDeg } = view.setting;
  const read = async (text: string): Promise<void> => {
    const [{ readGpx }, { thinned }] = await Promise.all([
      import("@/formats/track/read-gpx"),
      import("@/formats/track/thinned"),
    ]);
    setNotes([]);
    const found = readGpx(new DOMParser().parseFromString(text, "text/xml"));
    if (!found.ok) return setProblem(m.thisFile({ reason: found.reason }));
    setNotes(found.notes);
    setProblem(takeTrack(thinned(found.points, PREPARATION_RANGE.trackPoints[1]), wayOf(found.points)));
  };
  const save = async (): Promise<void> => {
    const { writeGpx } = await import("@/formats/track/write-gpx");
    const place =
      latitudeDeg === undefined || longitudeDeg === undefined ? null : ([latitudeDeg, longitudeDeg] as const);
    const { name } = view.place;
    saveFile("place-and-track.gpx", "application/gpx+xml", writeGpx({ name, place, track: track ?? [] }));
  };
  return (
    <div className="flex flex-col gap-2">
      <label className="flex flex-col gap-1">
        <span className="text-muted text-sm">{m.takeTheWayFromAGpx}</span>
        <input
          type="file"
          accept=".gpx,application/gpx+xml"
          className="field w-full"
          onChange={(event) => void event.target.files?.[0]?.text().then(read)}
        />
      </label>
      <Problem words={problem} />
      {notes.length > 0 && (
        <ul role="status" className="text-rust-text list-disc pl-5 text-sm">
          {notes.map((note) => (
            <li key={note}>{note}</li>
          ))}
        </ul>
      )}
      {track && <Profile track={track} />}
      {walkIn && <Minutes view={view} walkIn={walkIn} />}
      <button type="button" className="press press-small self-start" disabled={!tellsPlace} onClick={() => void save()}>
        {m.savePlaceAndWayAsGpx}
      </button>
      {!tellsPlace && <p className="text-muted text-sm">{m.thePlaceIsSecretTickOn}</p>}
    </div>
  );
}
