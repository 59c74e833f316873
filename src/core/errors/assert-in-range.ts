import * as m from "@/messages";
import { CoreError } from "./core-error";

/** A closed interval: lowest and highest value allowed. */
export type Range = readonly [low: number, high: number];

/** Whether a value lies in its range, bounds included; NaN lies in none. */
export const isInRange = (value: number, [low, high]: Range): boolean => value >= low && value <= high;

/**
 * Refuses a value outside its range; NaN is outside every range.
 * @throws {CoreError} `out-of-range` naming the quantity, the range and the value
 */
export function assertInRange(name: string, value: number, range: Range): void {
  if (isInRange(value, range)) return;
  const [low, high] = range;
  throw new CoreError("out-of-range", m.mustBeGot({ name, low, high, value }));
}
