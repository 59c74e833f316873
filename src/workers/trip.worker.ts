import { expose } from "comlink";
import { CoreError } from "@/core/errors";
import type { Outing } from "@/core/outing";
import { dayLived, liveTrip, type DayLived, type Trip, type TripDay } from "@/core/trip";

export type TripReply =
  { readonly ok: true; readonly days: readonly TripDay[] } | { readonly ok: false; readonly message: string };

/** Days that were simulated, by all they follow from: an edited night leaves the days before it as they are. */
const known = new Map<string, DayLived>();
const MOST_KNOWN = 200;

function lived(outing: Outing): DayLived {
  const key = JSON.stringify(outing);
  const before = known.get(key);
  if (before) return before;
  const own = dayLived(outing);
  if (known.size >= MOST_KNOWN) known.clear();
  known.set(key, own);
  return own;
}

const api = {
  live: (trip: Trip): TripReply => {
    try {
      return { ok: true, days: liveTrip(trip, lived) };
    } catch (error) {
      if (error instanceof CoreError) return { ok: false, message: error.message };
      throw error;
    }
  },
};
export type TripWorker = typeof api;

expose(api);
