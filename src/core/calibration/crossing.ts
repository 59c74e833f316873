/** Shorter times are taken for this: nobody tells them apart, min (assumption). */
const LEAST_MINUTES = 5;
/** Past the curve's end, and before its start, time goes on with distance so that a fit knows which way to go (assumption). */
const LN_PER_SPREAD = 0.5;

/**
 * Natural logarithm of the minutes from a curve's start until it is beyond a level for good, to fractions of a minute: of a
 * curve that is beyond from the start, or never, a value that goes on changing with how far off it is.
 * @param values one a minute
 * @param sign 1: beyond is below the level; -1: above
 * @param lastsMinutes it counts once it has lasted so long
 * @param spread how far off is much, in the curve's unit
 */
export function lnMinutesUntil(
  values: ArrayLike<number>,
  level: number,
  sign: 1 | -1,
  lastsMinutes: number,
  spread: number,
): number {
  const last = values.length - 1;
  const over = (minute: number): number => sign * (values[minute]! - level);
  let run = 0;
  for (let minute = 0; minute <= last; minute++) {
    run = over(minute) < 0 ? run + 1 : 0;
    if (run <= lastsMinutes) continue;
    const first = minute - run + 1;
    if (first === 0) return Math.log(LEAST_MINUTES) + (LN_PER_SPREAD * over(0)) / spread;
    const share = over(first - 1) / (over(first - 1) - over(first));
    return Math.log(Math.max(LEAST_MINUTES, first - 1 + share + lastsMinutes));
  }
  return Math.log(Math.max(LEAST_MINUTES, last)) + (LN_PER_SPREAD * Math.max(0, over(last))) / spread;
}
