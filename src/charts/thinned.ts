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
  for (let place = 1; place < length; place++) {
    const rise = values[place]! - values[from]!;
    const run = place - from;
    const slope = rise / run;
    if (slope < least || slope > most) {
      from = place - 1;
      kept.push(from);
      const next = values[place]! - values[from]!;
      [least, most] = [next - tolerance, next + tolerance];
    } else {
      least = Math.max(least, (rise - tolerance) / run);
      most = Math.min(most, (rise + tolerance) / run);
    }
  }
  if (length > 1) kept.push(length - 1);
  return kept;
}
