import * as m from "@/messages";
import { useStore } from "@nanostores/react";
import { packsWanted } from "@/core/trip";
import { PACK_GROUPS, packingOfTrip, sumOf, type TripPackLine } from "@/core/evening";
import { plainNumber } from "@/formats/display/numbers";
import type { Preferences } from "@/formats/display/preferences";
import { loadText } from "@/formats/display/quantities";
import { PACK_GROUP_WORDS } from "@/formats/display/words/pack-words";
import { plannedOfView, type CareById } from "@/formats/wire/outing/planned-of-view";
import { viewToOuting } from "@/formats/wire/outing/view-to-outing";
import type { TripView } from "@/formats/wire/trips/trip-view";
import { $preferences } from "@/stores/preferences";
import { tickOnDays } from "@/stores/trip/packing";
import { $trip, sittersOf, takeUpTrip } from "@/stores/trip/trip";
import { PackLine } from "../evening/pack-line";
import { guarded } from "../page/guarded";
import { OnceAlive } from "../page/once-alive";
import { useInitially } from "../page/use-initially";
import { TripSaved } from "./trip-saved";

type Props = { readonly initial: TripView; readonly careById: CareById; readonly preferences: Preferences };

/** A sum that rounds to nothing is not told. */
const LEAST_TOLD_G = 50;

/** What goes along on a trip, of every sitter each thing once, with ticks that are those of every day's own list. */
function TripPacking({ initial, careById, preferences }: Props) {
  useInitially(() => {
    $preferences.set(preferences);
    takeUpTrip(initial);
  });
  const trip = useStore($trip) ?? initial;
  const sitters = sittersOf(trip);
  return (
    <OnceAlive>
      <div className="flex flex-col gap-5 pt-5">
        <div className="flex flex-wrap items-end justify-between gap-3">
          <h1 className="text-2xl font-semibold">{m.tripPackOf({ name: trip.name })}</h1>
          <p className="no-print flex gap-2">
            <button type="button" className="press" onClick={() => window.print()}>
              {m.logbookPrint}
            </button>
            <a className="press" href={`/trips/${trip.id}`}>
              {m.tripBackToIt}
            </a>
          </p>
        </div>
        <p className="text-muted max-w-prose text-sm">{m.tripPackSay}</p>
        <TripSaved />
        {sitters.map(({ personId, personName, places }) => {
          const days = places.map((place) => trip.days[place]!.outing);
          const lines = packingOfTrip(
            days.map((view) => ({ planned: plannedOfView(view, careById), extras: view.plan.extras ?? [] })),
            sitters.length,
          );
          const packs = packsWanted(days.map(viewToOuting));
          const noteOf = ({ what, oneForAll }: TripPackLine): string => {
            const wanted = what.kind === "piece" ? packs.get(what.piece.id) : undefined;
            if (wanted !== undefined) return m.tripPacksInAll({ wanted });
            return oneForAll ? m.tripOneForAll : "";
          };
          const isPacked = ({ key, days: on }: TripPackLine): boolean =>
            on.every((day) => days[day]!.plan.ticks?.includes(key));
          return (
            <section key={personId} aria-label={personName}>
              <div className="flex flex-wrap items-baseline justify-between gap-3">
                <h2 className="text-lg font-semibold">{personName}</h2>
                <p role="status" data-testid="trip-packed">
                  {lines.filter(isPacked).length} {m.ofWords2} {lines.length} {m.packed2}
                </p>
              </div>
              <div className="gap-x-8 sm:columns-2">
                {PACK_GROUPS.map((group) => {
                  const own = lines.filter((line) => line.group === group);
                  const { massG, volumeL } = sumOf(own);
                  return (
                    own.length > 0 && (
                      <section key={group} className="break-inside-avoid pt-4">
                        <h3 className="border-ink flex justify-between border-b font-semibold">
                          <span>{PACK_GROUP_WORDS[group]}</span>
                          {massG >= LEAST_TOLD_G && (
                            <span className="text-muted text-sm font-normal">
                              {loadText(massG)}
                              {group !== "worn" && m.aboutLPart({ volumeL: plainNumber(volumeL, 0) })}
                            </span>
                          )}
                        </h3>
                        <ul>
                          {own.map((line) => (
                            <PackLine
                              key={line.key}
                              line={line}
                              isPacked={isPacked(line)}
                              note={noteOf(line)}
                              onTick={(isNow) =>
                                tickOnDays(
                                  line.key,
                                  line.days.map((day) => places[day]!),
                                  isNow,
                                )
                              }
                            />
                          ))}
                        </ul>
                      </section>
                    )
                  );
                })}
              </div>
            </section>
          );
        })}
      </div>
    </OnceAlive>
  );
}

export default guarded(TripPacking);
