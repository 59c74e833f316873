import type { KnownPiece } from "@/core/dressing";
import type { Outing } from "@/core/outing";
import { dayLived, liveTrip, foundInTurns, USUAL_NIGHT, type DayLived, type Trip } from "@/core/trip";
import { MS_PER_DAY } from "@/core/units";
import { toOuting } from "@/formats/outing-file/to-outing";
import { demoByName, demoFile } from "@/server/demo/demo-file";

const DAYS = 10;
const PEOPLE = ["Char through the ice", "Grouse lek before dawn"] as const;
const EDITS = 5;

/** How long a trip of ten days and two people takes in one thread. */
export type TripTimes = {
  readonly days: number;
  readonly people: number;
  /** All of it for the first time. */
  readonly wholeMs: number;
  /** After another night in the middle of it: days before it are known. The median of a few. */
  readonly editMs: number;
  /** What to wear in turns on all days. */
  readonly planMs: number;
};

/** As a page's worker does: what was simulated is kept, by all it follows from. */
function keeping(): (outing: Outing) => DayLived {
  const known = new Map<string, DayLived>();
  return (outing) => {
    const key = JSON.stringify(outing);
    const own = known.get(key) ?? dayLived(outing);
    known.set(key, own);
    return own;
  };
}

function tripOf(name: string): Trip {
  const first = toOuting(demoFile(demoByName(name)));
  return {
    days: Array.from({ length: DAYS }, (_, day) => ({
      ...first,
      startsAtMs: (first.startsAtMs ?? 0) + day * MS_PER_DAY,
    })),
    nights: Array.from({ length: DAYS - 1 }, () => ({ ...USUAL_NIGHT.tent, how: {} })),
  };
}

function timed(run: () => void): number {
  const began = performance.now();
  run();
  return performance.now() - began;
}

/** Spares of what is worn in turns: a second of every sock, glove and hat. */
const withSpares = ({ days }: Trip): KnownPiece[] =>
  days[0]!.pieces.flatMap((piece) => [
    { ...piece, traits: {} },
    { ...piece, id: `${piece.id} spare`, traits: {} },
  ]);

export function tripTimes(): TripTimes {
  const trips = PEOPLE.map(tripOf);
  liveTrip(trips[0]!); // warms the engine
  const simulate = keeping();
  const wholeMs = timed(() => trips.forEach((trip) => liveTrip(trip, simulate)));
  const middle = DAYS / 2;
  const edits = Array.from({ length: EDITS }, (_, edit) =>
    timed(() =>
      trips.forEach((trip) => {
        const nights = trip.nights.map((night, place) =>
          place === middle ? { ...night, air: { ...night.air, airC: -1 - edit } } : night,
        );
        liveTrip({ ...trip, nights }, simulate);
      }),
    ),
  ).sort((one, other) => one - other);
  const planMs = timed(() => trips.forEach((trip) => foundInTurns(trip, withSpares(trip), simulate)));
  return { days: DAYS, people: PEOPLE.length, wholeMs, editMs: edits[Math.floor(EDITS / 2)]!, planMs };
}
