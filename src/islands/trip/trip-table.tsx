import * as m from "@/messages";
import { useState } from "react";
import { isEverWashed } from "@/core/care";
import { LANES, laneOf } from "@/core/pieces";
import { dampnessOf, piecesOf, standsInFor, usuallyDried, type PieceOnDay, type TripDay } from "@/core/trip";
import { endsItWords } from "@/formats/display/words/limit-words";
import { dateText, durationText } from "@/formats/display/time";
import type { TripView } from "@/formats/wire/trips/trip-view";
import { viewToOuting } from "@/formats/wire/outing/view-to-outing";
import { changeHow, kitOfSitter, washPiece, type SitterDays } from "@/stores/trip/trip";
import { wearInstead } from "@/stores/trip/worn-otherwise";
import { CheckField } from "../fields/check-field";
import { How, Instead, OnDay } from "./piece-on-day";

type Props = { readonly trip: TripView; readonly sitter: SitterDays };

/** How long a day lasts, and whether that is as long as is planned. */
function DayHead({ day }: { readonly day: TripDay }) {
  const { verdict, minutesStill, plannedMinutes } = day;
  const lasts = verdict.kind === "longerThan" || minutesStill >= plannedMinutes;
  return (
    <>
      <span className={`block text-lg font-semibold ${lasts ? "text-moss-text" : "text-rust-text"}`}>
        {verdict.kind === "longerThan" ? m.tripLonger : durationText(minutesStill)}
      </span>
      {verdict.kind !== "longerThan" && (
        <span className="block font-normal">{endsItWords(verdict.crossing.limit, verdict.crossing.place)}</span>
      )}
      <span className="text-muted block font-normal">{m.tripOfPlanned({ planned: durationText(plannedMinutes) })}</span>
    </>
  );
}

const isEverDamp = ({ startG, endG }: PieceOnDay): boolean => dampnessOf(Math.max(startG, endG)) !== "dry";

/** One sitter's days beside each other, and below them their pieces as lanes: worn, drying, damp, dry. */
export function TripTable({ trip, sitter: { personName, places, days } }: Props) {
  const [isAll, setIsAll] = useState(false);
  /** The piece that is being drawn onto a day. */
  const [drawn, setDrawn] = useState<string | null>(null);
  const outings = places.map((place) => trip.days[place]!.outing);
  const kit = kitOfSitter(trip, places);
  const pieceOf = (id: string) => kit.find((piece) => piece.id === id);
  const onDay = (day: number, id: string): PieceOnDay => days[day]!.pieces.find(({ pieceId }) => pieceId === id)!;
  const all = piecesOf({ days: outings.map(viewToOuting) })
    .filter(({ id }) => days.every((_, day) => days[day]!.pieces.some(({ pieceId }) => pieceId === id)))
    .sort((one, other) => LANES.indexOf(laneOf(one)) - LANES.indexOf(laneOf(other)));
  const shown = isAll ? all : all.filter(({ id }) => days.some((_, day) => isEverDamp(onDay(day, id))));
  /** What could be worn on a day where a piece is: all of the kit like it that is not on already. */
  const insteads = (day: number, id: string) => {
    const worn = pieceOf(id);
    const on = new Set(outings[day]!.wearings.map(({ pieceId }) => pieceId));
    return worn ? kit.filter((other) => !on.has(other.id) && standsInFor(worn, other)) : [];
  };
  const drop = (day: number, id: string): void => {
    if (drawn !== null && insteads(day, id).some((other) => other.id === drawn)) wearInstead(places[day]!, id, drawn);
    setDrawn(null);
  };
  return (
    <div className="flex flex-col gap-2">
      <p className="max-w-prose text-sm">{shown.length === 0 ? m.tripAllDry : m.tripDampSays}</p>
      <div className="overflow-x-auto" tabIndex={0} role="region" aria-label={m.tripDaysOf({ name: personName })}>
        <table className="text-sm" data-testid="trip-table">
          <thead>
            <tr className="border-ink border-b text-left align-bottom">
              <th scope="col" className="p-1">
                {m.tripPiece}
              </th>
              {outings.map((outing, day) => (
                <th key={outing.id} scope="col" className="min-w-36 p-1">
                  <a className="block font-normal underline" href={`/outings/${outing.id}`}>
                    {dateText(outing.startsAt, outing.place.timeZone)}
                  </a>
                  <DayHead day={days[day]!} />
                  <a
                    className="link no-print block font-normal"
                    href={`/outings/${outing.id}/dress?trip=${trip.id}`}
                    aria-label={m.tripDressDay({ day: dateText(outing.startsAt, outing.place.timeZone) })}
                  >
                    {m.dressMe}
                  </a>
                </th>
              ))}
            </tr>
          </thead>
          <tbody>
            {shown.map(({ id, name, kind, label }) => (
              <tr key={id} className="border-line border-b align-top">
                <th
                  scope="row"
                  className="cursor-grab p-1 text-left font-normal"
                  draggable
                  onDragStart={() => setDrawn(id)}
                  onDragEnd={() => setDrawn(null)}
                >
                  {name}
                </th>
                {places.map((place, day) => (
                  <td
                    key={place}
                    className={`p-1 ${drawn !== null && insteads(day, id).some((own) => own.id === drawn) ? "bg-shade outline-accent outline-2" : ""}`}
                    onDragOver={(event) => event.preventDefault()}
                    onDrop={() => drop(day, id)}
                  >
                    <OnDay of={onDay(day, id)} isLast={day === places.length - 1} />
                    {day < places.length - 1 && (
                      <How
                        label={m.tripHow({ name, day: String(day + 1) })}
                        value={trip.days[place]!.night.how[id] ?? null}
                        usual={usuallyDried({ kind })}
                        onChange={(how) => changeHow(place, id, how)}
                      />
                    )}
                    {day < places.length - 1 && trip.days[place]!.night.hasWashing && isEverWashed({ kind, label }) && (
                      <span className="no-print block">
                        <CheckField
                          label={m.tripWash}
                          name={m.tripWashOf({ name, day: String(day + 1) })}
                          checked={trip.days[place]!.night.washed?.includes(id) ?? false}
                          onChange={(isWashed) => washPiece(place, id, isWashed)}
                        />
                      </span>
                    )}
                    {onDay(day, id).isWorn && (
                      <Instead
                        label={m.tripInsteadHow({ name, day: String(day + 1) })}
                        pieces={insteads(day, id)}
                        onChange={(instead) => wearInstead(place, id, instead)}
                      />
                    )}
                  </td>
                ))}
              </tr>
            ))}
          </tbody>
        </table>
      </div>
      <div className="no-print">
        <CheckField label={m.tripAllPieces} checked={isAll} onChange={setIsAll} />
      </div>
    </div>
  );
}
