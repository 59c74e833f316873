import { expose } from "comlink";
import {
  crossChecked,
  expectedNarrowing,
  fitLogbook,
  learntFrom,
  learntInMinutes,
  oddNotes,
  type CheckedTime,
  type ExpectedNarrowing,
  type LearntPart,
  type LearntShare,
  type OddNote,
  type ToldSit,
} from "@/core/calibration";
import { CoreError } from "@/core/errors";
import { sitSpans, withSitMinutes, type Learnt, type Outing, type SitSpan } from "@/core/outing";
import { minutesRange, type RangeBounds } from "@/core/range";
import { simulateCurves } from "@/core/simulation";

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

/** Toes and fingers, the colder side, and the mean skin, °C. */
export type PastSitCurves = Readonly<Record<LearntPart, readonly number[]>>;
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
    refusing(() => {
      const { learnt: _learnt, ...person } = outing.person;
      const sat = withSitMinutes({ ...outing, person }, Math.max(1, minutes));
      const [{ fromMinute, toMinute }] = sitSpans(sat.phases) as [SitSpan];
      const { digitC, meanSkinC } = simulateCurves(sat);
      const part = (values: Float64Array): number[] => [...values.subarray(fromMinute, toMinute + 1)];
      const colder = (one: Float64Array, other: Float64Array): number[] => {
        const others = part(other);
        return part(one).map((value, minute) => Math.min(value, others[minute]!));
      };
      return {
        ok: true,
        curves: {
          toes: colder(digitC.leftToes, digitC.rightToes),
          fingers: colder(digitC.leftFingers, digitC.rightFingers),
          body: part(meanSkinC),
        },
      };
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
