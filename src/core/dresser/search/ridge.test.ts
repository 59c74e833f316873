import { describe, expect, it } from "vitest";
import { addRow, emptyFit, ridge, type Fit } from "./ridge";

/** Sums of rows of terms with what is fitted to each. */
function fitOf(rows: readonly (readonly number[])[], values: readonly number[]): Fit {
  const fit = emptyFit(rows[0]!.length);
  rows.forEach((row, index) =>
    addRow(fit, { places: Uint16Array.from(row.keys()), values: Float64Array.from(row) }, values[index]!),
  );
  return fit;
}

describe("least squares with a weight on nothing", () => {
  it("without the weight goes through points on a plane", () => {
    const rows = [
      [1, 0, 1],
      [1, 2, 0],
      [1, 1, 3],
      [1, 4, 2],
    ];
    const plane = [3, -1, 0.5];
    const values = rows.map((row) => row.reduce((sum, term, at) => sum + term * plane[at]!, 0));
    const found = ridge(fitOf(rows, values), () => 0);
    plane.forEach((own, at) => expect(found[at]).toBeCloseTo(own, 9));
  });

  // One term: the minimum of sum (y - bx)² + w·b² lies at Σxy / (Σx² + w), by hand.
  it("with it shrinks as by hand, and what has no evidence stays at nothing", () => {
    const [slope, none] = ridge(
      fitOf(
        [
          [1, 0],
          [2, 0],
          [3, 0],
        ],
        [2, 4, 6],
      ),
      () => 7,
    );
    expect(slope).toBeCloseTo(28 / (14 + 7), 12);
    expect(none).toBe(0);
  });
});
