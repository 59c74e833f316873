import {
  LEFT_WITHIN_MINUTES,
  LIMIT_TABLE,
  RECOVERY_MINUTES,
  type Bounds,
  type Level,
  type Limit,
  type LimitPart,
} from "./limit-table";

export type LimitPlace = { readonly part: LimitPart; readonly side: "left" | "right" | "both" | null };

/** One quantity watched against one limit through a sit, a value per minute from its start (index 0). */
export type Watch = {
  readonly limit: Limit;
  readonly place: LimitPlace;
  readonly values: ArrayLike<number>;
  /** Where the limit is told by another quantity than its table's. */
  readonly bounds?: Bounds | undefined;
};

/** A limit passed and not come back from in time. */
export type Crossing = {
  readonly limit: Limit;
  readonly place: LimitPlace;
  readonly level: Level;
  /** Minutes from the start of the sit. */
  readonly minute: number;
};

/** A limit that was passed as the sit began and is being left: told, and ends nothing. */
export type Recovery = Omit<Crossing, "minute"> & {
  /** Minutes from the start of the sit until it is back inside. */
  readonly backAfterMinutes: number;
};

/** Whether a minute belongs to a task that needs the fingers. */
export type InTask = (minute: number) => boolean;

/** What a watched value does against its limit. */
export type Passing = {
  /** Minute from the start of the sit at which it passes for good; `null` when it never does in the values given. */
  readonly crossedAt: number | null;
  /** Minute at which what was beyond as the sit began is back inside; `null` where it was not, or did not come back. */
  readonly backAfterMinutes: number | null;
};

/**
 * First minute at which a watched value passes its limit and is not back inside within 20 minutes; what was passed
 * before the sit began has 60 minutes from its start. Coming back is measured against the threshold that was passed.
 */
export function passing(watch: Watch, level: Level, inTask: InTask): Passing {
  const { values, limit } = watch;
  const row = LIMIT_TABLE[limit];
  const { beyond, value } = watch.bounds ?? row;
  const sign = beyond === "below" ? 1 : -1; // beyond the bound when sign·value < sign·bound
  const lasting = row.lastsMinutes;
  const always = value[level];
  // Fingers at rest count only at the hard level, whatever the person accepts: cold fingers end a sit through the
  // tasks they no longer do.
  const atRest = row.atRest === "hard" ? value.hard : always;
  const byTask = atRest !== always;
  let run = 0;
  let backAfterMinutes: number | null = null;
  for (let minute = firstBeyond(values, sign, byTask ? always : atRest); minute < values.length; minute++) {
    const bound = byTask && inTask(minute) ? always : atRest;
    if (sign * values[minute]! >= sign * bound) {
      run = 0;
      continue;
    }
    run += 1;
    if (run <= lasting) continue;
    const broughtAlong = isBeyondUntil(values, minute, sign, bound);
    const until = broughtAlong ? LEFT_WITHIN_MINUTES : minute + RECOVERY_MINUTES;
    const back = backInside(values, minute, until, sign, bound);
    // What a task asks more of was not beyond while nothing asked for it.
    if (back === null) return { crossedAt: broughtAlong && bound === atRest ? 0 : minute, backAfterMinutes };
    if (broughtAlong) backAfterMinutes = Math.max(backAfterMinutes ?? 0, back);
  }
  return { crossedAt: null, backAfterMinutes };
}

/** First minute at which a value is beyond its strictest bound: before it nothing need be asked. */
function firstBeyond(values: ArrayLike<number>, sign: number, bound: number): number {
  const least = sign * bound;
  let minute = 0;
  while (minute < values.length && sign * values[minute]! >= least) minute++;
  return minute;
}

/** Whether a value was beyond its bound from the start of the sit to a minute. */
function isBeyondUntil(values: ArrayLike<number>, minute: number, sign: number, bound: number): boolean {
  for (let earlier = minute; earlier >= 0; earlier--) if (sign * values[earlier]! >= sign * bound) return false;
  return true;
}

/** Minute, `until` at most, at which a value is back inside its bound after a minute. */
function backInside(
  values: ArrayLike<number>,
  minute: number,
  until: number,
  sign: number,
  bound: number,
): number | null {
  const last = Math.min(values.length - 1, until);
  for (let later = minute + 1; later <= last; later++) if (sign * values[later]! >= sign * bound) return later;
  return null;
}
