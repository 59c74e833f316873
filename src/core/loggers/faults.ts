import { READING_RANGE_C, type Reading } from "./reading";
import type { Sensor } from "./sensors";

/** What is wrong with a logger, by what it told. */
export type LoggerFault = {
  readonly sensor: Sensor;
  readonly kind: "impossible" | "jump" | "stuck" | "apart" | "swapped" | "silent";
  /** From when on. */
  readonly minute: number;
};

/** Skin in clothes, and air, change no faster, K a minute (assumption). */
const MOST_CHANGE_K_PER_MINUTE: Readonly<Record<"digit" | "air", number>> = { digit: 2.5, air: 4 };
/** What tells exactly the same for so long is stuck, min (assumption). */
const STUCK_MINUTES = 25;
const LEAST_STEP_MINUTES = 1;
/** Fingers that come out of a mitt jump and stay; what has jumped for so long is believed again, min (assumption). */
const JUMP_FORGIVEN_MINUTES = 15;

/** Readings of one logger that can be, and what is wrong with the others. @param readings in the order of time */
export function possibleReadings(
  sensor: Sensor,
  readings: readonly Reading[],
): { readonly readings: readonly Reading[]; readonly faults: readonly LoggerFault[] } {
  const [lowest, highest] = READING_RANGE_C;
  const most = MOST_CHANGE_K_PER_MINUTE[sensor === "air" ? "air" : "digit"];
  const faults: LoggerFault[] = [];
  const tell = (kind: LoggerFault["kind"], minute: number): void => {
    if (!faults.some((own) => own.kind === kind)) faults.push({ sensor, kind, minute });
  };
  const kept: Reading[] = [];
  let sameSince: Reading | null = null;
  for (const reading of readings) {
    const { minute, valueC } = reading;
    if (!(valueC >= lowest && valueC <= highest)) {
      tell("impossible", minute);
      continue;
    }
    const before = kept.at(-1);
    if (before) {
      const gap = Math.max(LEAST_STEP_MINUTES, minute - before.minute);
      if (gap < JUMP_FORGIVEN_MINUTES && Math.abs(valueC - before.valueC) > most * gap) {
        tell("jump", minute);
        continue;
      }
    }
    if (sameSince?.valueC !== valueC) sameSince = reading;
    kept.push(reading);
    if (minute - sameSince.minute < STUCK_MINUTES) continue;
    tell("stuck", sameSince.minute);
    const { minute: since } = sameSince;
    // Nothing it told since then counts, and nothing it tells until it moves again.
    while (kept.length > 0 && kept.at(-1)!.minute > since) kept.pop();
  }
  return { readings: kept, faults };
}

/** Sides are taken for swapped where they then lie nearer the plan by so much, K: more than two offsets explain (assumption). */
const SWAPPED_K = 3;

/** Whether two loggers tell what the other side's should. */
export function areSwapped(
  ofLeft: readonly Reading[],
  ofRight: readonly Reading[],
  leftC: (minute: number) => number,
  rightC: (minute: number) => number,
): boolean {
  const atMinute = new Map(ofRight.map(({ minute, valueC }) => [minute, valueC]));
  const both = ofLeft.flatMap(({ minute, valueC }) => {
    const other = atMinute.get(minute);
    return other === undefined ? [] : [{ minute, byK: valueC - other }];
  });
  if (both.length === 0) return false;
  const missed = (sign: 1 | -1): number =>
    both.reduce((sum, { minute, byK }) => sum + Math.abs(byK - sign * (leftC(minute) - rightC(minute))), 0) /
    both.length;
  return missed(1) > missed(-1) + SWAPPED_K;
}

/** Who is behind the others by so much has stopped telling, min (assumption). */
const SILENT_MINUTES = 15;

/** Loggers that told something, and then nothing while others went on. */
export function silentLoggers(heard: ReadonlyMap<Sensor, readonly Reading[]>): LoggerFault[] {
  const last = [...heard].map(([sensor, readings]) => ({ sensor, minute: readings.at(-1)!.minute }));
  const newest = Math.max(...last.map(({ minute }) => minute));
  return last
    .filter(({ minute }) => newest - minute > SILENT_MINUTES)
    .map(({ sensor, minute }) => ({ sensor, kind: "silent", minute }));
}
