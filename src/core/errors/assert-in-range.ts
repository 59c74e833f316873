import { CoreError } from "./core-error";

/** A closed interval: lowest and highest value allowed. */
export type Range = readonly [low: number, high: number];

/**
 * Refuses a value outside its range; NaN is outside every range.
 * @throws {CoreError} `out-of-range` naming the quantity, the range and the value
 */
export function assertInRange(name: string, value: number, [low, high]: Range): void {
  if (value >= low && value <= high) return;
  throw new CoreError("out-of-range", `${name} must be ${low}…${high}, got ${value}`);
}
