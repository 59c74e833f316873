import * as m from "@/messages";
import { useState } from "react";
import type { DaySwap, InTurns } from "@/core/trip";
import { dateText, durationText } from "@/formats/display/time";
import type { TripView } from "@/formats/wire/trips/trip-view";
import { messageOf } from "@/stores/message-of";
import { askInTurns, type SitterDays } from "@/stores/trip/trip";
import { applySwaps } from "@/stores/trip/worn-otherwise";
import { Problem } from "../fields/problem";
import { nameIn } from "./name-in";

type Props = { readonly trip: TripView; readonly sitter: SitterDays };
type Found = { readonly of: TripView["days"]; readonly inTurns: InTurns };

/** What to wear in turns: which pair on which day, and what one more would change. */
export function InTurnsOf({ trip, sitter }: Props) {
  const [found, setFound] = useState<Found | null>(null);
  const [isBusy, setIsBusy] = useState(false);
  const [problem, setProblem] = useState<string | null>(null);
  const find = async (): Promise<void> => {
    setIsBusy(true);
    setProblem(null);
    try {
      const inTurns = await askInTurns(sitter.places);
      if (inTurns) setFound({ of: trip.days, inTurns });
    } catch (error) {
      setProblem(messageOf(error));
    }
    setIsBusy(false);
  };
  // A plan of a trip that was edited since says nothing any more.
  const now = found?.of === trip.days ? found.inTurns : null;
  return (
    <div className={`flex flex-col gap-2 ${now ? "" : "no-print"}`}>
      <h3 className="font-semibold">{m.tripInTurns}</h3>
      <p className="text-muted max-w-prose text-sm">{m.tripInTurnsSay}</p>
      <p className="no-print flex flex-wrap items-center gap-3">
        <button type="button" className="press" disabled={isBusy} onClick={() => void find()}>
          {m.tripFindTurns}
        </button>
        <span role="status" className="text-muted text-sm">
          {isBusy ? m.tripComputing : ""}
        </span>
      </p>
      <Problem words={problem} />
      {now && <Plan trip={trip} sitter={sitter} inTurns={now} />}
    </div>
  );
}

function Plan({ trip, sitter, inTurns: { plan, days, oneMore } }: Props & { readonly inTurns: InTurns }) {
  const { places } = sitter;
  const words = ({ wornId, insteadId, fromMinute }: DaySwap): string => {
    const names = { instead: nameIn(trip, insteadId), worn: nameIn(trip, wornId) };
    return fromMinute === null ? m.tripInsteadOf(names) : m.tripInsteadAtSeat(names);
  };
  return (
    <div data-testid="in-turns" className="flex flex-col gap-2">
      {plan.swaps.length === 0 ? (
        <p>{m.tripNothingInTurns}</p>
      ) : (
        <>
          <div className="overflow-x-auto" tabIndex={0} role="region" aria-label={m.tripInTurns}>
            <table className="text-sm">
              <thead>
                <tr className="border-ink border-b text-left">
                  <th scope="col" className="p-1 pr-4">
                    {m.tripDayHead}
                  </th>
                  <th scope="col" className="p-1 pr-4">
                    {m.tripWornThen}
                  </th>
                  <th scope="col" className="p-1">
                    {m.tripLastsThen}
                  </th>
                </tr>
              </thead>
              <tbody>
                {places.map((place, day) => {
                  const { outing } = trip.days[place]!;
                  const swaps = plan.swaps.filter((own) => own.day === day);
                  const lasts = (of: SitterDays["days"]): string =>
                    of[day]!.verdict.kind === "longerThan" ? m.tripLonger : durationText(of[day]!.minutesStill);
                  return (
                    <tr key={place} className="border-line border-b align-top">
                      <th scope="row" className="p-1 pr-4 text-left font-normal">
                        {dateText(outing.startsAt, outing.place.timeZone)}
                      </th>
                      <td className="p-1 pr-4">
                        {swaps.length === 0 ? (
                          <span className="text-muted">{m.tripAsPlanned}</span>
                        ) : (
                          <ul>
                            {swaps.map((swap) => (
                              <li key={swap.wornId}>{words(swap)}</li>
                            ))}
                          </ul>
                        )}
                      </td>
                      <td className="p-1">{m.tripInsteadOfLasts({ now: lasts(sitter.days), then: lasts(days) })}</td>
                    </tr>
                  );
                })}
              </tbody>
            </table>
          </div>
          <button
            type="button"
            className="press border-accent no-print self-start border-2 font-semibold"
            onClick={() => applySwaps(places, plan.swaps)}
          >
            {m.tripWearSo}
          </button>
        </>
      )}
      {oneMore.length > 0 && (
        <>
          <h4 className="text-sm font-semibold">{m.tripOneMore}</h4>
          <ul className="text-sm">
            {oneMore.map(({ pieceId, gainedMinutes, drierMornings }) => (
              <li key={pieceId}>
                {m.tripOneMoreOf({
                  name: nameIn(trip, pieceId),
                  minutes: Math.round(gainedMinutes),
                  mornings: drierMornings,
                })}
              </li>
            ))}
          </ul>
        </>
      )}
    </div>
  );
}
