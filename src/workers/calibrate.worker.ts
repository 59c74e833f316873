import { expose } from "comlink";
import { calibrate, learntInMinutes, oddNotes, type LearntShare, type OddNote, type ToldSit } from "@/core/calibration";
import { CoreError } from "@/core/errors";
import type { Learnt, Outing } from "@/core/outing";
import { minutesRange, type RangeBounds } from "@/core/range";

type Refused = { readonly ok: false; readonly message: string };
/** What notes teach, and what that comes to on the sit told of last. */
export type LearntReply =
  | {
      readonly ok: true;
      readonly learnt: Learnt;
      readonly shares: readonly LearntShare[];
      readonly odd: readonly OddNote[];
    }
  | Refused;
/** The first sit of an outing, for people in general and with what was learnt. */
export type RangeReply = { readonly ok: true; readonly before: RangeBounds; readonly range: RangeBounds } | Refused;

let learnt: Learnt | null = null;

/** Errors lose their class on the way out of a worker. */
function refusing<Reply>(work: () => Reply): Reply | Refused {
  try {
    return work();
  } catch (error) {
    if (error instanceof CoreError) return { ok: false, message: error.message };
    throw error;
  }
}

const api = {
  /** Learns from notes, the latest first, and keeps what it learnt. */
  learn: (sits: readonly ToldSit[]): LearntReply =>
    refusing(() => {
      learnt = calibrate(sits);
      const shares = sits[0] ? learntInMinutes(learnt, sits[0]) : [];
      return { ok: true, learnt, shares, odd: oddNotes(learnt, sits) };
    }),
  rangeOf: (outing: Outing): RangeReply =>
    refusing(() => ({
      ok: true,
      before: minutesRange({ ...outing, person: { ...outing.person, learnt: undefined } }, 0),
      range: minutesRange({ ...outing, person: { ...outing.person, learnt: learnt ?? undefined } }, 0),
    })),
};
export type CalibrateWorker = typeof api;

expose(api);
