/** Sums of a least-squares fit: products of terms, and of terms with what is fitted. */
export type Fit = { readonly count: number; readonly products: Float64Array; readonly sums: Float64Array };

export const emptyFit = (count: number): Fit => ({
  count,
  products: new Float64Array(count * count),
  sums: new Float64Array(count),
});

/** Terms that are not 0, and their places. */
export type Row = { readonly places: Uint16Array; readonly values: Float64Array };

/** Adds what is fitted to a row of terms. */
export function addRow({ count, products, sums }: Fit, { places, values }: Row, fitted: number): void {
  for (let one = 0; one < places.length; one++) {
    const row = places[one]!;
    sums[row] = sums[row]! + values[one]! * fitted;
    for (let other = 0; other < places.length; other++) {
      const index = row * count + places[other]!;
      products[index] = products[index]! + values[one]! * values[other]!;
    }
  }
}

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
