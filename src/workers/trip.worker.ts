import { expose } from "comlink";
import { CoreError } from "@/core/errors";
import type { DresserPiece } from "@/core/dresser";
import type { KnownPiece } from "@/core/dressing";
import type { Outing } from "@/core/outing";
import {
  dayLived,
  foundInTurns,
  liveTrip,
  readyOnDay,
  weakestOf,
  whatToLeave,
  type BagLimit,
  type DayLived,
  type InTurns,
  type LeftOut,
  type ReadyOnDay,
  type Trip,
  type TripDay,
  type Weakest,
} from "@/core/trip";

/** An answer, or why there is none: errors lose their class on the way out of a worker. */
export type TripReply<Answer> =
  { readonly ok: true; readonly answer: Answer } | { readonly ok: false; readonly message: string };

/** Days that were simulated, by all they follow from: an edited night leaves the days before it as they are. */
const known = new Map<string, DayLived>();
const MOST_KNOWN = 2000;

function lived(outing: Outing): DayLived {
  const key = JSON.stringify(outing);
  const before = known.get(key);
  if (before) return before;
  const own = dayLived(outing);
  if (known.size >= MOST_KNOWN) known.clear();
  known.set(key, own);
  return own;
}

function replied<Answer>(answer: () => Answer): TripReply<Answer> {
  try {
    return { ok: true, answer: answer() };
  } catch (error) {
    if (error instanceof CoreError) return { ok: false, message: error.message };
    throw error;
  }
}

const api = {
  live: (trip: Trip): TripReply<readonly TripDay[]> => replied(() => liveTrip(trip, lived)),
  weakest: (trip: Trip, days: readonly TripDay[]): TripReply<Weakest> => replied(() => weakestOf(trip, days, lived)),
  inTurns: (trip: Trip, kit: readonly KnownPiece[]): TripReply<InTurns> =>
    replied(() => foundInTurns(trip, kit, lived)),
  readyOnDay: (trip: Trip, day: number, kit: readonly DresserPiece[]): TripReply<ReadyOnDay<DresserPiece>> =>
    replied(() => readyOnDay(trip, day, kit, lived)),
  whatToLeave: (
    trip: Trip,
    kit: readonly KnownPiece[],
    limit: BagLimit,
    onPiece: (done: number, of: number) => void,
  ): TripReply<LeftOut> => replied(() => whatToLeave(trip, kit, limit, lived, onPiece)),
};
export type TripWorker = typeof api;

expose(api);
