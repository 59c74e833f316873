import { z } from "zod";
import { SENSORS, type Sensor } from "@/core/loggers";
import { MS_PER_SECOND } from "@/core/units";

// Measurements as sensors send them: SenML, RFC 8428, in JSON. Of it is read what temperatures need: base name, time, unit
// and value, names, units, times and values. A record that is no temperature of a known place is left out and told.

/** More of one sit at once than a day of readings each ten seconds. */
const MOST_RECORDS = 10_000;
const MOST_NAME = 200;
/** Times below this are so many seconds from now (RFC 8428, 4.5.3). */
const ABSOLUTE_FROM_S = 2 ** 28;
const KELVIN_AT_0_C = 273.15;

const record = z.object({
  bn: z.string().max(MOST_NAME).optional(),
  bt: z.number().optional(),
  bu: z.string().max(MOST_NAME).optional(),
  bv: z.number().optional(),
  n: z.string().max(MOST_NAME).optional(),
  u: z.string().max(MOST_NAME).optional(),
  v: z.number().optional(),
  t: z.number().optional(),
});
export const senmlSchema = z.array(record).min(1).max(MOST_RECORDS);

/** A reading with its time, ms since 1970. */
export type TimedReading = { readonly sensor: Sensor; readonly atMs: number; readonly valueC: number };
export type SenmlRead = {
  readonly readings: readonly TimedReading[];
  /** Places of records that could not be used, and why. */
  readonly leftOut: readonly { readonly record: number; readonly why: "name" | "unit" | "value" | "time" }[];
};

const sensorOf = (name: string): Sensor | null =>
  SENSORS.find((sensor) => name === sensor || new RegExp(`[^A-Za-z0-9]${sensor}$`).test(name)) ?? null;

/** Longest ahead of now that a clock may go: further, it is wrong. */
const MOST_AHEAD_MS = 5 * 60 * MS_PER_SECOND;
const MOST_BACK_MS = 3 * 24 * 3600 * MS_PER_SECOND;

/**
 * Reads a pack of records.
 * @param nowMs ms since 1970, for times told from now
 */
export function readSenml(pack: z.output<typeof senmlSchema>, nowMs: number): SenmlRead {
  let base = { bn: "", bt: 0, bu: "", bv: 0 };
  const readings: TimedReading[] = [];
  const leftOut: SenmlRead["leftOut"][number][] = [];
  for (const [
    place,
    { bn = base.bn, bt = base.bt, bu = base.bu, bv = base.bv, n = "", u, v, t = 0 },
  ] of pack.entries()) {
    base = { bn, bt, bu, bv };
    const leave = (why: (typeof leftOut)[number]["why"]): number => leftOut.push({ record: place, why });
    if (v === undefined) {
      // A record that only sets what the next ones stand on is no reading.
      if (n !== "" || u !== undefined) leave("value");
      continue;
    }
    const sensor = sensorOf(bn + n);
    if (!sensor) {
      leave("name");
      continue;
    }
    const unit = u ?? bu;
    if (unit !== "Cel" && unit !== "K") {
      leave("unit");
      continue;
    }
    const seconds = bt + t;
    const atMs = seconds < ABSOLUTE_FROM_S ? nowMs + seconds * MS_PER_SECOND : seconds * MS_PER_SECOND;
    if (atMs > nowMs + MOST_AHEAD_MS || atMs < nowMs - MOST_BACK_MS) {
      leave("time");
      continue;
    }
    readings.push({ sensor, atMs: Math.round(atMs), valueC: bv + v - (unit === "K" ? KELVIN_AT_0_C : 0) });
  }
  return { readings, leftOut };
}

/** Readings as a pack. */
export const senmlOf = (readings: readonly TimedReading[]): z.input<typeof senmlSchema> =>
  readings.map(({ sensor, atMs, valueC }) => ({ n: `umiak:${sensor}`, u: "Cel", t: atMs / MS_PER_SECOND, v: valueC }));
