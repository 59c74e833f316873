import * as m from "@/messages";
import { CoreError } from "../errors";

const STEPS_AT_MOST = 200;

/**
 * Root of a function that changes sign once between two bounds.
 * @param tolerance width of the interval at which the root is good enough
 * @throws {CoreError} `not-converged` when the bounds do not enclose a root
 */
export function bisect(residual: (x: number) => number, low: number, high: number, tolerance: number): number {
  let [from, to] = [low, high];
  const signAtLow = Math.sign(residual(low));
  if (signAtLow === 0) return low;
  if (signAtLow * residual(high) > 0) throw new CoreError("not-converged", m.noRootBetweenAnd({ low, high }));
  for (let step = 0; step < STEPS_AT_MOST && to - from > tolerance; step++) {
    const middle = (from + to) / 2;
    if (Math.sign(residual(middle)) === signAtLow) from = middle;
    else to = middle;
  }
  return (from + to) / 2;
}
