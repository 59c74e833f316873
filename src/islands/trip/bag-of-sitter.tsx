import * as m from "@/messages";
import { useState } from "react";
import { bagOf, type BagLimit, type LeftOut, type Loss } from "@/core/trip";
import { plainNumber } from "@/formats/display/numbers";
import { loadText } from "@/formats/display/quantities";
import { durationText } from "@/formats/display/time";
import type { TripView } from "@/formats/wire/trips/trip-view";
import { messageOf } from "@/stores/message-of";
import { askWhatToLeave, kitOfSitter, tripOf, type SitterDays } from "@/stores/trip/trip";
import { leaveAtHome } from "@/stores/trip/worn-otherwise";
import { Problem } from "../fields/problem";
import { nameIn } from "./name-in";

type Props = { readonly trip: TripView; readonly sitter: SitterDays };
type Found = { readonly of: TripView; readonly leftOut: LeftOut };
const isLimited = ({ mostKg, mostL, mostPieces }: BagLimit): boolean =>
  mostKg !== null || mostL !== null || mostPieces !== null;

/** What a sitter's bag weighs and holds against its limit, and what to leave. */
export function BagOfSitter({ trip, sitter: { places } }: Props) {
  const [found, setFound] = useState<Found | null>(null);
  const [tried, setTried] = useState<string | null>(null);
  const [problem, setProblem] = useState<string | null>(null);
  const limit = trip.content.bag;
  const bag = bagOf(tripOf(trip, places), kitOfSitter(trip, places), limit);
  const find = async (): Promise<void> => {
    setProblem(null);
    setTried(m.tripComputing);
    try {
      const leftOut = await askWhatToLeave(places, (done, of) => setTried(m.tripTried({ done, of })));
      if (leftOut) setFound({ of: trip, leftOut });
    } catch (error) {
      setProblem(messageOf(error));
    }
    setTried(null);
  };
  const isSame = found !== null && found.of.days === trip.days && found.of.content === trip.content;
  return (
    <div className="flex flex-col gap-2">
      <h3 className="font-semibold">{m.tripBag}</h3>
      <p data-testid="trip-bag">
        {m.tripBagIs({ mass: loadText(bag.massG), litres: plainNumber(bag.volumeL, 0), pieces: bag.pieces })}{" "}
        {isLimited(limit) && (
          <strong className={bag.fits ? "text-moss-text" : "text-rust-text"}>
            {bag.fits ? m.tripBagFits : m.tripBagTooMuch}
          </strong>
        )}
        {bag.unknownMass > 0 && (
          <span className="text-muted">{m.ofWithoutAKnownMass({ unknownMass: bag.unknownMass })}</span>
        )}
      </p>
      <p className="no-print flex flex-wrap items-center gap-3">
        <button type="button" className="press" disabled={tried !== null} onClick={() => void find()}>
          {m.tripFindLeave}
        </button>
        <span role="status" className="text-muted text-sm">
          {tried ?? ""}
        </span>
      </p>
      <Problem words={problem} />
      {isSame && <Left trip={trip} places={places} leftOut={found.leftOut} />}
    </div>
  );
}

function cost({ lostMinutes, lostSpareMinutes }: Loss): string {
  if (lostMinutes > 0) return m.tripLeaveCosts({ duration: durationText(lostMinutes) });
  if (lostSpareMinutes > 0) return m.tripLeaveCostsSpare({ duration: durationText(lostSpareMinutes) });
  return m.tripLeaveCostsNothing;
}

function Left({
  trip,
  places,
  leftOut: { left, together, fits, each },
}: {
  readonly trip: TripView;
  readonly places: readonly number[];
  readonly leftOut: LeftOut;
}) {
  return (
    <div data-testid="what-to-leave" className="flex flex-col gap-2 text-sm">
      {left.length > 0 && (
        <>
          <p>
            {m.tripLeaveThese({ names: left.map(({ pieceId }) => nameIn(trip, pieceId)).join(", ") })} {cost(together)}{" "}
            {!fits && m.tripStillTooMuch}
          </p>
          <button
            type="button"
            className="press no-print self-start"
            onClick={() =>
              leaveAtHome(
                places,
                left.map(({ pieceId }) => pieceId),
              )
            }
          >
            {m.tripLeaveNow}
          </button>
        </>
      )}
      <p>{m.tripEachAlone}</p>
      <ul>
        {[...each]
          .sort((one, other) => one.lostMinutes - other.lostMinutes || one.lostSpareMinutes - other.lostSpareMinutes)
          .map((leaving) => (
            <li key={leaving.pieceId}>
              {nameIn(trip, leaving.pieceId)}: <span className="text-muted">{cost(leaving)}</span>
            </li>
          ))}
      </ul>
    </div>
  );
}
