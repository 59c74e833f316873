import type { Sensor } from "./sensors";

export type DigitSensor = Exclude<Sensor, "air">;

/** One temperature of one logger, °C. */
export type Reading = {
  readonly sensor: Sensor;
  /** From the start of the outing, fractions allowed. */
  readonly minute: number;
  readonly valueC: number;
};

/** Temperatures a logger can tell of, °C; out of these it is broken (assumption). */
export const READING_RANGE_C = [-60, 60] as const;

/** By sensor in the order of time, one of each moment: whatever order readings arrive in, and however often, they are the same. */
export function inOrder(readings: readonly Reading[]): ReadonlyMap<Sensor, readonly Reading[]> {
  const bySensor = new Map<Sensor, Reading[]>();
  const sorted = [...readings].sort((one, other) => one.minute - other.minute || one.valueC - other.valueC);
  for (const reading of sorted) {
    const own = bySensor.get(reading.sensor) ?? [];
    if (own.at(-1)?.minute !== reading.minute) own.push(reading);
    bySensor.set(reading.sensor, own);
  }
  return bySensor;
}
