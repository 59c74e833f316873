/** Sums of a least-squares fit: products of terms, those under the diagonal, and of terms with what is fitted. */
export type Fit = { readonly count: number; readonly products: Float64Array; readonly sums: Float64Array };

export const emptyFit = (count: number): Fit => ({
  count,
  products: new Float64Array(count * count),
  sums: new Float64Array(count),
});

export const copied = ({ count, products, sums }: Fit): Fit => ({
  count,
  products: products.slice(),
  sums: sums.slice(),
});

/** Terms that are not 0, and their places, which grow. */
export type Row = { readonly places: Uint16Array; readonly values: Float64Array };

/** Adds what is fitted to a row of terms. */
export function addRow({ count, products, sums }: Fit, { places, values }: Row, fitted: number): void {
  for (let one = 0; one < places.length; one++) {
    const row = places[one]!;
    sums[row] = sums[row]! + values[one]! * fitted;
    for (let other = 0; other <= one; other++) {
      const index = row * count + places[other]!;
      products[index] = products[index]! + values[one]! * values[other]!;
    }
  }
}

/** Of the first so many; four sums beside each other, as one would wait for itself at every step. */
function scalarProduct(one: Float64Array, other: Float64Array, length: number): number {
  let first = 0;
  let second = 0;
  let third = 0;
  let fourth = 0;
  let place = 0;
  for (; place + 3 < length; place += 4) {
    first += one[place]! * other[place]!;
    second += one[place + 1]! * other[place + 1]!;
    third += one[place + 2]! * other[place + 2]!;
    fourth += one[place + 3]! * other[place + 3]!;
  }
  for (; place < length; place++) first += one[place]! * other[place]!;
  return first + second + third + fourth;
}

/**
 * Least squares with some weight on nothing (ridge), by Cholesky's factors.
 * @param weightOf how much evidence a term's coefficient takes to leave 0
 */
export function ridge({ count, products, sums }: Fit, weightOf: (term: number) => number): Float64Array {
  const factor = Array.from({ length: count }, (_, row) => products.slice(row * count, row * count + row + 1));
  factor.forEach((own, row) => {
    for (let column = 0; column < row; column++) {
      const other = factor[column]!;
      own[column] = (own[column]! - scalarProduct(own, other, column)) / other[column]!;
    }
    const left = own[row]! + weightOf(row) + Number.EPSILON * count - scalarProduct(own, own, row);
    own[row] = Math.sqrt(Math.max(left, Number.EPSILON));
  });
  const solution = Float64Array.from(sums);
  for (let row = 0; row < count; row++) {
    for (let inner = 0; inner < row; inner++) {
      solution[row] = solution[row]! - factor[row]![inner]! * solution[inner]!;
    }
    solution[row] = solution[row]! / factor[row]![row]!;
  }
  for (let row = count - 1; row >= 0; row--) {
    for (let inner = row + 1; inner < count; inner++) {
      solution[row] = solution[row]! - factor[inner]![row]! * solution[inner]!;
    }
    solution[row] = solution[row]! / factor[row]![row]!;
  }
  return solution;
}
