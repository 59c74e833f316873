// Values that are nearly linear in what is unknown.

type Linear = { readonly value: number; readonly slopes: ReadonlyMap<number, number> };

/** The value at a point. @param from where the slopes were taken */
export function valueAt({ value, slopes }: Linear, from: readonly number[], at: readonly number[]): number {
  let sum = value;
  for (const [place, slope] of slopes) sum += slope * (at[place]! - from[place]!);
  return sum;
}

/** One standard deviation of the value. @param counts which unknowns move it; the others are as they are */
export function spreadOf(
  { slopes }: Linear,
  covariance: readonly (readonly number[])[],
  counts: (place: number) => boolean = () => true,
): number {
  let sum = 0;
  for (const [row, rowSlope] of slopes) {
    if (!counts(row)) continue;
    for (const [column, columnSlope] of slopes)
      if (counts(column)) sum += rowSlope * columnSlope * covariance[row]![column]!;
  }
  return Math.sqrt(Math.max(0, sum));
}

/** A covariance times slopes: how each unknown goes with the value. */
export const alongOf = (covariance: readonly (readonly number[])[], slopes: ReadonlyMap<number, number>): number[] =>
  covariance.map((row) => {
    let sum = 0;
    for (const [place, slope] of slopes) sum += row[place]! * slope;
    return sum;
  });

/**
 * A covariance after a value was observed with such a variance, or, where that is negative, as if it had not been.
 * @source linear and normal: any textbook, as the Kalman update
 */
export function afterObserving(
  covariance: readonly (readonly number[])[],
  slopes: ReadonlyMap<number, number>,
  variance: number,
): number[][] {
  const along = alongOf(covariance, slopes);
  let total = variance;
  for (const [place, slope] of slopes) total += slope * along[place]!;
  return covariance.map((row, at) => row.map((own, column) => own - (along[at]! * along[column]!) / total));
}
