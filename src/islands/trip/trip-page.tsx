import * as m from "@/messages";
import { useStore } from "@nanostores/react";
import { useEffect } from "react";
import type { Preferences } from "@/formats/display/preferences";
import { dateText } from "@/formats/display/time";
import type { TripView } from "@/formats/wire/trips/trip-view";
import { $preferences } from "@/stores/preferences";
import { $canUndo, $lived, $trip, continueTrip, takeApart, takeUpTrip, undo } from "@/stores/trip/trip";
import { guarded } from "../page/guarded";
import { OnceAlive } from "../page/once-alive";
import { useInitially } from "../page/use-initially";
import { BagOfSitter } from "./bag-of-sitter";
import { BagLimits } from "./bag-limits";
import { InTurnsOf } from "./in-turns";
import { Nights } from "./nights";
import { SourcesTable } from "./sources-table";
import { SuppliesFields } from "./supplies-fields";
import { TripPastList } from "./trip-past";
import { TripSaved } from "./trip-saved";
import { TripTable } from "./trip-table";
import { WeakestDay } from "./weakest-day";

type Props = { readonly initial: TripView; readonly preferences: Preferences };

/** Days in a row: how long each lasts, what is still damp in the morning, what to wear in turns and what to bring. */
function TripPage({ initial, preferences }: Props) {
  useInitially(() => {
    $preferences.set(preferences);
    takeUpTrip(initial);
  });
  useEffect(() => void continueTrip(), []);
  const trip = useStore($trip) ?? initial;
  const lived = useStore($lived);
  const canUndo = useStore($canUndo);
  return (
    <OnceAlive>
      <div className="flex flex-col gap-6 pt-5">
        <div className="flex flex-wrap items-end justify-between gap-3">
          <h1 className="text-2xl font-semibold">{trip.name}</h1>
          <p className="no-print flex flex-wrap gap-2">
            <button type="button" className="press" disabled={!canUndo} onClick={undo}>
              {m.undoTitle}
            </button>
            <a className="press" href={`/trips/${trip.id}/pack`}>
              {m.packingList}
            </a>
            <a className="press" href={`/api/trips/${trip.id}/export`} download>
              {m.tripExport}
            </a>
            <button type="button" className="press" onClick={() => window.print()}>
              {m.logbookPrint}
            </button>
            <button
              type="button"
              className="press"
              onClick={() => window.confirm(m.tripTakeApartOf({ name: trip.name })) && void takeApart()}
            >
              {m.tripTakeApart}
            </button>
            <a className="press" href="/trips">
              {m.trips}
            </a>
          </p>
        </div>
        <TripSaved />
        <p className="no-print flex flex-wrap gap-3 text-sm">
          {m.tripCards}
          {trip.days.map(({ outing: { id, startsAt, place, person } }) => (
            <a key={id} className="link" href={`/outings/${id}/card`} data-kept-along>
              {m.tripCardOf({ day: dateText(startsAt, place.timeZone), name: person.name })}
            </a>
          ))}
        </p>
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
          lived.sitters.map((sitter) => (
            <section key={sitter.personId} aria-label={sitter.personName} className="flex flex-col gap-4">
              <h2 className="text-lg font-semibold">{sitter.personName}</h2>
              <WeakestDay trip={trip} sitter={sitter} />
              <TripTable trip={trip} sitter={sitter} />
              <InTurnsOf trip={trip} sitter={sitter} />
              <SourcesTable trip={trip} sitter={sitter} />
              <BagOfSitter trip={trip} sitter={sitter} />
            </section>
          ))}
        <Nights trip={trip} />
        <SuppliesFields trip={trip} />
        <BagLimits trip={trip} />
        <TripPastList trip={trip} />
        <p className="border-cranberry max-w-prose border-l-4 px-3 text-sm">{m.tripCaution}</p>
      </div>
    </OnceAlive>
  );
}

export default guarded(TripPage);
