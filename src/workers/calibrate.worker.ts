import { expose } from "comlink";
import {
  calibrate,
  learntInMinutes,
  learntRange,
  type Learnt,
  type LearntRange,
  type LearntShare,
  type ToldSit,
} from "@/core/calibration";
import { CoreError } from "@/core/errors";
import type { Outing } from "@/core/outing";

/** What notes teach, and what that makes of outings to come. */
export type CalibrationReply =
  | {
      readonly ok: true;
      readonly learnt: Learnt;
      /** On the sit told of last. */
      readonly shares: readonly LearntShare[];
      readonly next: readonly { readonly before: LearntRange; readonly after: LearntRange }[];
    }
  | { readonly ok: false; readonly message: string };

const api = {
  calibrated: (sits: readonly ToldSit[], next: readonly Outing[]): CalibrationReply => {
    try {
      const learnt = calibrate(sits);
      return {
        ok: true,
        learnt,
        shares: learntInMinutes(learnt, sits[0]!),
        next: next.map((outing) => ({ before: learntRange(outing, null), after: learntRange(outing, learnt) })),
      };
    } catch (error) {
      if (error instanceof CoreError) return { ok: false, message: error.message };
      throw error;
    }
  },
};
export type CalibrateWorker = typeof api;

expose(api);
