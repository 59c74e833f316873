import * as m from "@/messages";
import { useStore } from "@nanostores/react";
import { useEffect } from "react";
import type { Preferences } from "@/formats/display/preferences";
import type { TripView } from "@/formats/wire/trips/trip-view";
import { $preferences } from "@/stores/preferences";
import { $canUndo, $lived, $saveProblem, $trip, computeTrip, undo } from "@/stores/trip/trip";
import { guarded } from "../page/guarded";
import { OnceAlive } from "../page/once-alive";
import { useInitially } from "../page/use-initially";
import { Nights } from "./nights";
import { TripTable } from "./trip-table";

type Props = { readonly initial: TripView; readonly preferences: Preferences };

/** Days in a row: how long each lasts, what is still damp in the morning, and the nights that dry it. */
function TripPage({ initial, preferences }: Props) {
  useInitially(() => {
    $preferences.set(preferences);
    $trip.set(initial);
  });
  useEffect(() => void computeTrip(), []);
  const trip = useStore($trip) ?? initial;
  const lived = useStore($lived);
  const canUndo = useStore($canUndo);
  const problem = useStore($saveProblem);
  return (
    <OnceAlive>
      <div className="flex flex-col gap-6 pt-5">
        <div className="flex flex-wrap items-end justify-between gap-3">
          <h1 className="text-2xl font-semibold">{trip.name}</h1>
          <p className="no-print flex gap-2">
            <button type="button" className="press" disabled={!canUndo} onClick={undo}>
              {m.undoTitle}
            </button>
            <button type="button" className="press" onClick={() => window.print()}>
              {m.logbookPrint}
            </button>
            <a className="press" href="/trips">
              {m.trips}
            </a>
          </p>
        </div>
        {problem !== null && (
          <p role="alert" className="text-cranberry">
            {problem}
          </p>
        )}
        {trip.days.length === 0 && <p>{m.tripIsEmpty}</p>}
        {lived.kind === "computing" && (
          <p role="status" className="text-muted text-sm">
            {m.tripComputing}
          </p>
        )}
        {lived.kind === "failed" && (
          <p role="alert" className="text-cranberry">
            {lived.message}
          </p>
        )}
        {lived.kind === "found" &&
          lived.sitters.map((sitter) => <TripTable key={sitter.personId} trip={trip} sitter={sitter} />)}
        <Nights trip={trip} />
        <p className="border-cranberry max-w-prose border-l-4 px-3 text-sm">{m.tripCaution}</p>
      </div>
    </OnceAlive>
  );
}

export default guarded(TripPage);
