import * as m from "@/messages";
import { dampnessOf, piecesOf, usuallyDried, type DriedHow, type PieceOnDay, type TripDay } from "@/core/trip";
import { LANES, laneOf } from "@/core/pieces";
import { plainNumber } from "@/formats/display/numbers";
import { dateText, durationText } from "@/formats/display/time";
import { DAMPNESS_WORDS, HOW_WORDS } from "@/formats/display/words/trip-words";
import type { TripView } from "@/formats/wire/trips/trip-view";
import { viewToOuting } from "@/formats/wire/outing/view-to-outing";
import { changeHow, type SitterDays } from "@/stores/trip/trip";

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
      <span className="text-muted block font-normal">{m.tripOfPlanned({ planned: durationText(plannedMinutes) })}</span>
    </>
  );
}

/** One sitter's days beside each other, and below them every piece that is ever damp. */
export function TripTable({ trip, sitter: { personName, places, days } }: Props) {
  const outings = places.map((place) => trip.days[place]!.outing);
  const all = piecesOf({ days: outings.map(viewToOuting) });
  const placeOf = (id: string): number => LANES.indexOf(laneOf(all.find((piece) => piece.id === id)!));
  const damp = all
    .filter(({ id }) => days.some(({ pieces }) => isEverDamp(pieces.find((own) => own.pieceId === id)!)))
    .sort((one, other) => placeOf(one.id) - placeOf(other.id));
  const weakest = days.reduce((least, day, place) => (spareOf(day) < spareOf(days[least]!) ? place : least), 0);
  return (
    <section aria-label={personName} className="flex flex-col gap-2">
      <h2 className="text-lg font-semibold">{personName}</h2>
      <p className="max-w-prose text-sm">
        {m.tripWeakest({ day: dateText(outings[weakest]!.startsAt, outings[weakest]!.place.timeZone) })}{" "}
        {damp.length === 0 ? m.tripAllDry : m.tripDampSays}
      </p>
      <div className="overflow-x-auto" tabIndex={0} role="region" aria-label={m.tripDaysOf({ name: personName })}>
        <table className="text-sm" data-testid="trip-table">
          <thead>
            <tr className="border-ink border-b text-left align-bottom">
              <th scope="col" className="p-1">
                {m.tripPiece}
              </th>
              {outings.map((outing, place) => (
                <th key={outing.id} scope="col" className="min-w-36 p-1">
                  <a className="block font-normal underline" href={`/outings/${outing.id}`}>
                    {dateText(outing.startsAt, outing.place.timeZone)}
                  </a>
                  <DayHead day={days[place]!} />
                </th>
              ))}
            </tr>
          </thead>
          <tbody>
            {damp.map((piece) => (
              <tr key={piece.id} className="border-line border-b align-top">
                <th scope="row" className="p-1 text-left font-normal">
                  {piece.name}
                </th>
                {places.map((place, own) => (
                  <td key={place} className="p-1">
                    <OnDay of={days[own]!.pieces.find(({ pieceId }) => pieceId === piece.id)!} />
                    {own < places.length - 1 && (
                      <How
                        label={m.tripHow({ name: piece.name, day: String(own + 1) })}
                        value={trip.days[place]!.night.how[piece.id] ?? null}
                        usual={usuallyDried(piece)}
                        onChange={(how) => changeHow(place, piece.id, how)}
                      />
                    )}
                  </td>
                ))}
              </tr>
            ))}
          </tbody>
        </table>
      </div>
    </section>
  );
}

const isEverDamp = ({ startG, endG }: PieceOnDay): boolean => dampnessOf(Math.max(startG, endG)) !== "dry";
/** Minutes a day has over its plan; what nothing ends has the most. */
const spareOf = ({ verdict, minutesStill, plannedMinutes }: TripDay): number =>
  verdict.kind === "longerThan" ? Infinity : minutesStill - plannedMinutes;

function OnDay({ of: { isWorn, startG, endG } }: { readonly of: PieceOnDay }) {
  const words = (grams: number): string =>
    m.tripWater({ dampness: DAMPNESS_WORDS[dampnessOf(grams)], grams: plainNumber(grams, 0) });
  return (
    <>
      <span className={dampnessOf(startG) === "dry" ? "text-muted block" : "text-rust-text block"}>
        {m.tripMorning({ words: words(startG) })}
      </span>
      <span className="block">{isWorn ? m.tripEvening({ words: words(endG) }) : m.tripNotWorn}</span>
    </>
  );
}

type HowProps = {
  readonly label: string;
  readonly value: DriedHow | null;
  readonly usual: DriedHow;
  readonly onChange: (how: DriedHow | null) => void;
};

/** How a piece spends the night. */
const How = ({ label, value, usual, onChange }: HowProps) => (
  <select
    aria-label={label}
    className="field no-print mt-1 text-sm"
    value={value ?? usual}
    onChange={(event) => {
      const how = event.target.value as DriedHow;
      onChange(how === usual ? null : how);
    }}
  >
    {(Object.keys(HOW_WORDS) as DriedHow[]).map((how) => (
      <option key={how} value={how}>
        {HOW_WORDS[how]}
      </option>
    ))}
  </select>
);
