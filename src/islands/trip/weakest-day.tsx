import * as m from "@/messages";
import { dateText, durationText } from "@/formats/display/time";
import { HOW_WORDS } from "@/formats/display/words/trip-words";
import type { TripView } from "@/formats/wire/trips/trip-view";
import { changeHow, type SitterDays } from "@/stores/trip/trip";
import { nameIn } from "./name-in";

/** The day with the least to spare, and what would mend it. */
export function WeakestDay({
  trip,
  sitter: { places, days, weakest },
}: {
  readonly trip: TripView;
  readonly sitter: SitterDays;
}) {
  const place = places[weakest.day]!;
  const { outing } = trip.days[place]!;
  const { verdict, minutesStill, plannedMinutes } = days[weakest.day]!;
  const short = verdict.kind === "longerThan" ? 0 : plannedMinutes - minutesStill;
  const day = dateText(outing.startsAt, outing.place.timeZone);
  return (
    <div className="flex max-w-prose flex-col gap-1" data-testid="weakest-day">
      <p>
        {m.tripWeakest({ day })} {short > 0 ? m.tripShortOf({ duration: durationText(short) }) : m.tripLastsAsPlanned}
      </p>
      {weakest.mends.length > 0 && (
        <ul className="flex flex-col gap-1">
          {weakest.mends.map(({ pieceId, how, gainedMinutes }) => (
            <li key={pieceId} className="flex flex-wrap items-center gap-2 text-sm">
              <span>
                {m.tripMend({
                  name: nameIn(trip, pieceId),
                  how: HOW_WORDS[how],
                  minutes: Math.round(gainedMinutes),
                })}
              </span>
              <button
                type="button"
                className="press press-small no-print"
                aria-label={m.tripDoMendOf({ name: nameIn(trip, pieceId) })}
                onClick={() => changeHow(places[weakest.day - 1]!, pieceId, how)}
              >
                {m.tripDoMend}
              </button>
            </li>
          ))}
        </ul>
      )}
      {short > 0 && (
        <p className="no-print flex flex-wrap gap-3 text-sm">
          <a className="link" href={`/outings/${outing.id}`}>
            {m.tripWhatBuys}
          </a>
          <a className="link" href={`/outings/${outing.id}/dress?trip=${trip.id}`}>
            {m.dressMe}
          </a>
        </p>
      )}
    </div>
  );
}
