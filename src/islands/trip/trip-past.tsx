import * as m from "@/messages";
import { useState } from "react";
import { same } from "@/formats/same";
import { clockText, dateText } from "@/formats/display/time";
import type { TripPast, TripView } from "@/formats/wire/trips/trip-view";
import { ask } from "@/stores/ask";
import { messageOf } from "@/stores/message-of";
import { backTo } from "@/stores/trip/trip";

/** On the clock of whoever looks. */
function whenText(instant: string): string {
  const { timeZone } = Intl.DateTimeFormat().resolvedOptions();
  return `${dateText(instant, timeZone)} ${clockText(instant, timeZone)}`;
}

/** What of a trip is other than what came after it, in words. */
function changedIn(past: Omit<TripPast, "savedAt">, after: Omit<TripPast, "savedAt" | "version">): string {
  const nights = (days: TripPast["days"]) => Object.fromEntries(days.map(({ outingId, night }) => [outingId, night]));
  const parts = [
    past.name !== after.name && m.tripName,
    !same(nights(past.days), nights(after.days)) && m.tripNights,
    !same(past.content.supplies, after.content.supplies) && m.tripSupplies,
    !same(past.content.bag, after.content.bag) && m.tripBag,
  ].filter((part) => part !== false);
  return parts.length > 0 ? m.tripBeforeOther({ parts: parts.join(", ") }) : m.tripBeforeSame;
}

type Known = { readonly past: readonly TripPast[] } | { readonly problem: string } | null;

/** Earlier states of a trip, to look at what was changed when and to go back to one. */
export function TripPastList({ trip }: { readonly trip: TripView }) {
  const [known, setKnown] = useState<Known>(null);
  const load = async (): Promise<void> => {
    try {
      setKnown({ past: await ask<TripPast[]>(`/api/trips/${trip.id}/past`) });
    } catch (error) {
      setKnown({ problem: messageOf(error) });
    }
  };
  const now = { ...trip, days: trip.days.map(({ outing, night }) => ({ outingId: outing.id, night })) };
  return (
    <details className="no-print" onToggle={(event) => event.currentTarget.open && void load()}>
      <summary className="cursor-pointer font-semibold">{m.tripPast}</summary>
      {known && "problem" in known && (
        <p role="alert" className="text-cranberry">
          {known.problem}
        </p>
      )}
      {known && "past" in known && (
        <>
          <p className="text-muted text-sm">{known.past.length === 0 ? m.tripNoPast : m.tripPastSays}</p>
          <ol className="flex flex-col gap-1 pt-2 text-sm" data-testid="trip-past">
            {known.past.map((past, place) => (
              <li key={past.version} className="flex flex-wrap items-center gap-3">
                <span>{whenText(past.savedAt)}</span>
                <span className="text-muted">{changedIn(past, known.past[place - 1] ?? now)}</span>
                <button
                  type="button"
                  className="press"
                  aria-label={m.tripBackToOf({ time: whenText(past.savedAt), version: String(past.version) })}
                  onClick={() => backTo(past)}
                >
                  {m.tripBackTo}
                </button>
              </li>
            ))}
          </ol>
        </>
      )}
    </details>
  );
}
