import { CholeskyDecomposition, Matrix } from "ml-matrix";
import { valueAt } from "./linear";
import type { Loss } from "./losses";

/** Something observed: a value that depends nearly linearly on some unknowns, and how badly each value of it fits. */
export type Observed = {
  /** At the point the slopes were taken. */
  readonly value: number;
  /** Change of the value with each unknown it depends on, by place of the unknown. */
  readonly slopes: ReadonlyMap<number, number>;
  readonly loss: Loss;
};

/** Where the posterior is highest, and how wide it is there. */
export type Mode = { readonly at: readonly number[]; readonly covariance: readonly (readonly number[])[] };

const STEP = 1e-3;
const LEAST_CURVATURE = 1e-3;
const MOST_STEPS = 40;
const MOST_HALVINGS = 8;
const IS_THERE = 1e-4;

/**
 * The mode of unknowns that are normal about nought by themselves, given what was observed, and its Laplace covariance.
 * @param spreads one standard deviation of each unknown
 * @param from where the slopes were taken
 * @param observed values in their linear form about `from`
 */
export function laplaceMode(spreads: readonly number[], from: readonly number[], observed: readonly Observed[]): Mode {
  const valueOf = (own: Observed, at: readonly number[]): number => valueAt(own, from, at);
  const badness = (at: readonly number[]): number =>
    at.reduce((sum, own, place) => sum + (own / spreads[place]!) ** 2 / 2, 0) +
    observed.reduce((sum, own) => sum + own.loss(valueOf(own, at)), 0);
  let at = [...from];
  let bad = badness(at);
  for (let step = 0; step < MOST_STEPS; step++) {
    const { gradient, curvature } = derivatives(spreads, at, observed, valueOf);
    const move = new CholeskyDecomposition(curvature).solve(Matrix.columnVector(gradient)).to1DArray();
    let share = 1;
    let next = at.map((own, place) => own - share * move[place]!);
    for (let half = 0; half < MOST_HALVINGS && badness(next) > bad; half++) {
      share /= 2;
      next = at.map((own, place) => own - share * move[place]!);
    }
    if (badness(next) > bad) break;
    const moved = Math.max(...next.map((own, place) => Math.abs(own - at[place]!) / spreads[place]!));
    [at, bad] = [next, badness(next)];
    if (moved < IS_THERE) break;
  }
  const { curvature } = derivatives(spreads, at, observed, valueOf);
  const inverse = new CholeskyDecomposition(curvature).solve(Matrix.eye(spreads.length));
  return { at, covariance: Matrix.add(inverse, inverse.transpose()).div(2).to2DArray() }; // alike to the last digit
}

/** Lower triangle of a covariance: a draw is the mode and this times normals. */
export function rootOf(covariance: readonly (readonly number[])[]): number[][] {
  const { lowerTriangularMatrix } = new CholeskyDecomposition(new Matrix(covariance.map((row) => [...row])));
  return lowerTriangularMatrix.to2DArray().map((row, place) => row.slice(0, place + 1));
}

/** First and second derivative of a loss; what bends the other way is taken for flat (Gauss and Newton). */
export function bentAt(loss: Loss, value: number): { readonly first: number; readonly second: number } {
  const [less, here, more] = [loss(value - STEP), loss(value), loss(value + STEP)];
  return {
    first: (more - less) / (2 * STEP),
    second: Math.max(LEAST_CURVATURE, (more - 2 * here + less) / STEP ** 2),
  };
}

/** Slope and curvature of the badness. */
function derivatives(
  spreads: readonly number[],
  at: readonly number[],
  observed: readonly Observed[],
  valueOf: (own: Observed, at: readonly number[]) => number,
): { readonly gradient: number[]; readonly curvature: Matrix } {
  const gradient = at.map((own, place) => own / spreads[place]! ** 2);
  const curvature = Matrix.diag(spreads.map((spread) => 1 / spread ** 2));
  for (const own of observed) {
    const { first, second } = bentAt(own.loss, valueOf(own, at));
    for (const [row, rowSlope] of own.slopes) {
      gradient[row]! += first * rowSlope;
      for (const [column, columnSlope] of own.slopes)
        curvature.set(row, column, curvature.get(row, column) + second * (rowSlope * columnSlope));
    }
  }
  return { gradient, curvature };
}
