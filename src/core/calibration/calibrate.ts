import type { Learnt } from "../outing";
import { crossChecked } from "./cross-check";
import { fitLogbook, type FittedLogbook, type ToldSit } from "./fit-logbook";
import { rootOf } from "./laplace";

/** What a fitted logbook teaches, as it goes on to the next outing; the single outings' unknowns are left out. */
export function learntFrom(fitted: FittedLogbook): Learnt {
  const { mode, modelSpread } = crossChecked(fitted);
  const lasting = fitted.unknowns.length;
  return {
    unknowns: fitted.unknowns,
    mode: mode.at.slice(0, lasting),
    root: rootOf(mode.covariance.slice(0, lasting).map((row) => row.slice(0, lasting))),
    notes: fitted.notes,
    ...(modelSpread !== null && { modelSpread }),
  };
}

/**
 * What a logbook teaches of one person. The order of the notes does not matter, and a note that is left out has taught nothing.
 * @throws {CoreError} as `simulateOuting` does
 */
export const calibrate = (sits: readonly ToldSit[]): Learnt => learntFrom(fitLogbook(sits));
