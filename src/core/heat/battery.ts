import { clamp } from "../numeric";

/** Share of its capacity that a lithium cell gives at its own temperature (typical of the kind, assumption). */
const CAPACITY_BY_C: readonly (readonly [temperatureC: number, share: number])[] = [
  [-40, 0.2],
  [-30, 0.35],
  [-20, 0.5],
  [-10, 0.7],
  [0, 0.85],
  [20, 1],
];

/** A cell carried in a pocket or in what it heats lies between body and air: so far towards the body (assumption). */
const TOWARDS_BODY = 0.6;
const BODY_SIDE_C = 30;

/**
 * Share of its printed capacity that a battery gives.
 * @param cellC temperature of the cell itself, °C
 * @source assumption, typical of lithium cells
 */
export function capacityShare(cellC: number): number {
  const first = CAPACITY_BY_C[0]!;
  const last = CAPACITY_BY_C.at(-1)!;
  const at = clamp(cellC, first[0], last[0]);
  const above = CAPACITY_BY_C.findIndex(([temperatureC]) => temperatureC >= at);
  const [highC, high] = CAPACITY_BY_C[Math.max(1, above)]!;
  const [lowC, low] = CAPACITY_BY_C[Math.max(1, above) - 1]!;
  return low + ((high - low) * (at - lowC)) / (highC - lowC);
}

/** Temperature of a cell carried against the body, °C. */
export const pocketC = (airTemperatureC: number): number =>
  airTemperatureC + TOWARDS_BODY * (BODY_SIDE_C - airTemperatureC);
