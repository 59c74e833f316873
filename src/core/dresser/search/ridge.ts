/** Sums of a least-squares fit: products of terms, and of terms with what is fitted. */
export type Fit = { readonly count: number; readonly products: Float64Array; readonly sums: Float64Array };

/**
 * Least squares with some weight on nothing (ridge), by Cholesky's factors.
 * @param weightOf how much evidence a term's coefficient takes to leave 0
 */
export function ridge({ count, products, sums }: Fit, weightOf: (term: number) => number): Float64Array {
  const factor = new Float64Array(count * count);
  for (let row = 0; row < count; row++) {
    for (let column = 0; column <= row; column++) {
      let sum = products[row * count + column]!;
      if (row === column) sum += weightOf(row) + Number.EPSILON * count;
      for (let inner = 0; inner < column; inner++)
        sum -= factor[row * count + inner]! * factor[column * count + inner]!;
      factor[row * count + column] =
        row === column ? Math.sqrt(Math.max(sum, Number.EPSILON)) : sum / factor[column * count + column]!;
    }
  }
  const solution = Float64Array.from(sums);
  for (let row = 0; row < count; row++) {
    for (let inner = 0; inner < row; inner++) {
      solution[row] = solution[row]! - factor[row * count + inner]! * solution[inner]!;
    }
    solution[row] = solution[row]! / factor[row * count + row]!;
  }
  for (let row = count - 1; row >= 0; row--) {
    for (let inner = row + 1; inner < count; inner++) {
      solution[row] = solution[row]! - factor[inner * count + row]! * solution[inner]!;
    }
    solution[row] = solution[row]! / factor[row * count + row]!;
  }
  return solution;
}
