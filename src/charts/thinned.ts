/**
 * Places of a curve that have to be kept so that straight lines between them pass everywhere within a tolerance of what
 * is left out: first and last always. One walk along the curve, narrowing what slopes the next line may have.
 * @param values a value per place
 * @param tolerance in the unit of the values, above 0
 */
export function thinned(values: ArrayLike<number>, tolerance: number): number[] {
  const { length } = values;
  if (length === 0) return [];
  const kept = [0];
  let from = 0;
  let [least, most] = [-Infinity, Infinity];
  for (let index = 1; index < length; index++) {
    const rise = values[index]! - values[from]!;
    const run = index - from;
    const slope = rise / run;
    if (slope < least || slope > most) {
      from = index - 1;
      kept.push(from);
      const next = values[index]! - values[from]!;
      [least, most] = [next - tolerance, next + tolerance];
    } else {
      least = Math.max(least, (rise - tolerance) / run);
      most = Math.min(most, (rise + tolerance) / run);
    }
  }
  if (length > 1) kept.push(length - 1);
  return kept;
}
