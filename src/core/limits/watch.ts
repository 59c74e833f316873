import { LIMIT_TABLE, RECOVERY_MINUTES, SHIVERING_LASTS_MINUTES, type Level, type Limit } from "./limit-table";

/** Where on the body a limit is watched. */
export const LIMIT_PARTS = ["toes", "fingers", "nose", "cheeks", "ears", "body"] as const;
export type LimitPart = (typeof LIMIT_PARTS)[number];
export type LimitPlace = { readonly part: LimitPart; readonly side: "left" | "right" | "both" | null };

/** One quantity watched against one limit through a sit, a value per minute from its start (index 0). */
export type Watch = {
  readonly limit: Limit;
  readonly place: LimitPlace;
  readonly values: ArrayLike<number>;
};

/** A limit passed and not come back from in time. */
export type Crossing = {
  readonly limit: Limit;
  readonly place: LimitPlace;
  readonly level: Level;
  /** Minutes from the start of the sit. */
  readonly minute: number;
};

/** Whether a minute belongs to a task that needs the fingers. */
export type InTask = (minute: number) => boolean;

/**
 * First minute at which a watched value passes its limit and is not back inside within 20 minutes.
 * Coming back is measured against the threshold that was passed.
 * @returns minutes from the start of the sit, or `null` when that never happens in the values given
 */
export function firstCrossing(watch: Watch, level: Level, inTask: InTask): number | null {
  const { values, limit } = watch;
  const { beyond, value } = LIMIT_TABLE[limit];
  const sign = beyond === "below" ? 1 : -1; // beyond the bound when sign·value < sign·bound
  const lasting = limit === "shivering" ? SHIVERING_LASTS_MINUTES : 0;
  const always = value[level];
  // Fingers at rest count only at the hard level, whatever the person accepts: cold fingers end a sit through the
  // tasks they no longer do.
  const atRest = limit === "fingers" ? value.hard : always;
  const byTask = atRest !== always;
  let run = 0;
  for (let minute = 0; minute < values.length; minute++) {
    const bound = byTask && inTask(minute) ? always : atRest;
    if (bound === null || sign * values[minute]! >= sign * bound) {
      run = 0;
      continue;
    }
    run += 1;
    if (run > lasting && !isBackInside(values, minute, sign, bound)) return minute;
  }
  return null;
}

/** Whether a value comes back over its bound soon enough after a minute. */
function isBackInside(values: ArrayLike<number>, minute: number, sign: number, bound: number): boolean {
  const last = Math.min(values.length - 1, minute + RECOVERY_MINUTES);
  for (let later = minute + 1; later <= last; later++) if (sign * values[later]! >= sign * bound) return true;
  return false;
}
