import type { LiveAnswer } from "./live-answer";

type Minutes = Pick<LiveAnswer, "low" | "middle" | "high">;

/** What has no end counts as this long, min: twelve hours are more than anybody sits. */
const NO_END_MINUTES = 720;
const width = ({ low, high }: Minutes): number =>
  Math.log((high ?? NO_END_MINUTES) / Math.max(1, low ?? NO_END_MINUTES));

/**
 * A live answer that starts from what the plan's sheet told. The sheet's range has more in it than a sit can teach (gaps, how
 * a warm trunk opens the digits), and its middle is not the live one's before anything is heard. So much of that difference
 * is kept as is still open: all of it at first, none once the end is sure.
 * @param before the live answer before anything was heard
 * @param sheet middle of the sheet's range, min; `null` where it has no end or is not known
 */
export function toldFromPlan(now: Minutes, before: Minutes | null, sheet: number | null): Minutes {
  if (!before?.middle || sheet === null || sheet <= 0) return { low: now.low, middle: now.middle, high: now.high };
  const open = Math.min(1, Math.max(0, width(now) / Math.max(Number.EPSILON, width(before))));
  const factor = (sheet / before.middle) ** open;
  const told = (minutes: number | null): number | null => (minutes === null ? null : Math.round(minutes * factor));
  return { low: told(now.low), middle: told(now.middle), high: told(now.high) };
}
