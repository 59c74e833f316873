import { normal, seededRandom } from "../numeric";
import { MINUTES_PER_HOUR } from "../units";
import type { LiveRun, LiveSit } from "./live-sit";
import { type Reading } from "../loggers";
import { SENSORS, type Sensor } from "../loggers";

/** What may go wrong with the stand-ins, one at a time. */
export const STAND_IN_FAULTS = ["none", "dropped", "flatBattery", "swapped", "stuck", "spikes", "drift"] as const;
export type StandInFault = (typeof STAND_IN_FAULTS)[number];

/** Errors of a cheap logger in a boot or a glove (assumptions). */
const OFFSET_K = 1;
const WANDERING_K = 0.5;
const NOISE_K = 0.2;
const ALIKE_MINUTES = 25;
const LAG_MINUTES = 3;
const RESOLUTION_C = 0.1;
const DRIFT_K_PER_HOUR = 0.7;
/** When what goes wrong begins, min of the sit. */
const FAULT_AFTER_MINUTES = 30;
const DROPPED_SHARE = 0.3;
const SPIKE_SHARE = 0.1;
const SPIKE_K = 25;

const OTHER_SIDE: Readonly<Record<Sensor, Sensor>> = {
  leftToes: "rightToes",
  rightToes: "leftToes",
  leftFingers: "rightFingers",
  rightFingers: "leftFingers",
  air: "air",
};

type Asked = {
  readonly seed: number;
  readonly fault?: StandInFault | undefined;
  readonly sensors?: readonly Sensor[] | undefined;
  readonly everyMinutes?: number | undefined;
  /** Last minute of the outing that is read. */
  readonly untilMinute: number;
  /** Air by minute of the outing as the member has it, °C. */
  readonly airC: (minute: number) => number;
};

/** What loggers on somebody would tell, from the start of the sit; the same seed tells the same. Invented throughout. */
export function standInReadings(sit: LiveSit, person: LiveRun, asked: Asked): Reading[] {
  const { seed, fault = "none", sensors = SENSORS, everyMinutes = 1, untilMinute, airC } = asked;
  const random = seededRandom(seed);
  const readings: Reading[] = [];
  for (const sensor of sensors) {
    const really = fault === "swapped" ? OTHER_SIDE[sensor] : sensor;
    const atC = (minute: number): number => (really === "air" ? airC(minute) : sit.digitC(person, really, minute));
    const offset = OFFSET_K * normal(random);
    let wandering = WANDERING_K * normal(random);
    let lagged = atC(sit.span.fromMinute);
    const driftKPerHour = DRIFT_K_PER_HOUR * (random() < 0.5 ? -1 : 1);
    let stuckAt: number | null = null;
    for (let minute = sit.span.fromMinute; minute <= untilMinute; minute += everyMinutes) {
      const keeps = Math.exp(-everyMinutes / ALIKE_MINUTES);
      wandering = keeps * wandering + Math.sqrt(1 - keeps ** 2) * WANDERING_K * normal(random);
      lagged += (atC(minute) - lagged) * (1 - Math.exp(-everyMinutes / LAG_MINUTES));
      const noise = NOISE_K * normal(random);
      const chance = random();
      const sat = minute - sit.span.fromMinute;
      const isBroken = sat >= FAULT_AFTER_MINUTES;
      if (fault === "dropped" && chance < DROPPED_SHARE) continue;
      if (fault === "flatBattery" && isBroken && sensor === sensors[0]) break;
      const drift = fault === "drift" ? (driftKPerHour * sat) / MINUTES_PER_HOUR : 0;
      const spike = fault === "spikes" && chance < SPIKE_SHARE ? SPIKE_K : 0;
      const told = Math.round((lagged + offset + wandering + noise + drift + spike) / RESOLUTION_C) * RESOLUTION_C;
      if (fault === "stuck" && isBroken) stuckAt ??= told;
      readings.push({ sensor, minute, valueC: stuckAt ?? told });
    }
  }
  return readings;
}
