import { expose } from "comlink";
import {
  crossChecked,
  expectedNarrowing,
  fitLogbook,
  learntFrom,
  learntInMinutes,
  oddNotes,
  pastSitCurves,
  type CheckedTime,
  type ExpectedNarrowing,
  type LearntShare,
  type OddNote,
  type PastSitCurves,
  type ToldSit,
} from "@/core/calibration";
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
      /** Told times, each against what the other notes say of it. */
      readonly times: readonly CheckedTime[];
      readonly narrowing: ExpectedNarrowing | null;
    }
  | Refused;
/** The first sit of an outing, for people in general and with what was learnt. */
export type RangeReply = { readonly ok: true; readonly before: RangeBounds; readonly range: RangeBounds } | Refused;

type PastSitReply = { readonly ok: true; readonly curves: PastSitCurves } | Refused;

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
      const fitted = fitLogbook(sits);
      learnt = learntFrom(fitted);
      return {
        ok: true,
        learnt,
        shares: sits[0] ? learntInMinutes(learnt, sits[0]) : [],
        odd: oddNotes(learnt, sits),
        times: crossChecked(fitted).times,
        narrowing: expectedNarrowing(fitted, learnt.modelSpread),
      };
    }),
  /** A past sit as it was, minute by minute from its start until it really ended, for people in general. */
  pastSit: (outing: Outing, minutes: number): PastSitReply =>
    refusing(() => ({ ok: true, curves: pastSitCurves(outing, minutes) })),
  rangeOf: (outing: Outing): RangeReply =>
    refusing(() => ({
      ok: true,
      before: minutesRange({ ...outing, person: { ...outing.person, learnt: undefined } }, 0),
      range: minutesRange({ ...outing, person: { ...outing.person, learnt: learnt ?? undefined } }, 0),
    })),
};
export type CalibrateWorker = typeof api;

expose(api);
