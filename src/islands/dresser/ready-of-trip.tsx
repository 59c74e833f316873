import * as m from "@/messages";
import { useStore } from "@nanostores/react";
import { DAMP_FROM_G, waterG } from "@/core/trip";
import { plainNumber } from "@/formats/display/numbers";
import type { OutingView } from "@/formats/wire/outing/outing-view";
import type { TripView } from "@/formats/wire/trips/trip-view";
import { $ready } from "@/stores/dresser/dresser";

/** What the days before leave: pieces that are still damp, packs that are used up. */
export function ReadyOfTrip({ trip, view }: { readonly trip: TripView; readonly view: OutingView }) {
  const ready = useStore($ready);
  const nameOf = (id: string): string => view.kit.find((piece) => piece.id === id)?.name ?? "";
  const damp = (ready?.water ?? [])
    .map(({ pieceId, gPerM2 }) => ({ pieceId, grams: waterG(view.person, gPerM2) }))
    .filter(({ grams }) => grams >= DAMP_FROM_G);
  return (
    <div className="text-sm" data-testid="ready-of-trip">
      <p>
        <a className="link" href={`/trips/${trip.id}`}>
          {trip.name}
        </a>
        . {m.dresserOfTrip}
      </p>
      {ready && damp.length === 0 && ready.usedUp.length === 0 && <p>{m.tripAllReady}</p>}
      <ul>
        {damp.map(({ pieceId, grams }) => (
          <li key={pieceId}>{m.tripStillHolds({ name: nameOf(pieceId), grams: plainNumber(grams, 0) })}</li>
        ))}
        {(ready?.usedUp ?? []).map((id) => (
          <li key={id}>{m.tripUsedUp({ name: nameOf(id) })}</li>
        ))}
      </ul>
    </div>
  );
}
