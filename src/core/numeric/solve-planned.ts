import { CoreError } from "../errors";
import type { EliminationPlan } from "./elimination-plan";

/**
 * Solves the planned system in place: `values` (one per slot) is destroyed, `vector` goes in as the right-hand side and
 * comes out as the solution. Allocates nothing.
 * @throws {CoreError} `singular-matrix` when a pivot is zero or not a number
 */
export function solvePlanned(plan: EliminationPlan, values: Float64Array, vector: Float64Array): void {
  const { order, pivotSlot, rowStart, rowNode, lowerSlot, columnStart, columnNode, upperSlot, targetSlot } = plan;
  const places = order.length;
  let target = 0;
  for (let place = 0; place < places; place++) {
    const pivot = values[pivotSlot[place]!]!;
    if (!(Math.abs(pivot) > 0)) throw new CoreError("singular-matrix", `no pivot at node ${order[place]}`);
    const perPivot = 1 / pivot;
    const knownValue = vector[order[place]!]!;
    const firstColumn = columnStart[place]!;
    const endColumn = columnStart[place + 1]!;
    const endRow = rowStart[place + 1]!;
    for (let row = rowStart[place]!; row < endRow; row++) {
      const factor = values[lowerSlot[row]!]! * perPivot;
      for (let column = firstColumn; column < endColumn; column++, target++) {
        const slot = targetSlot[target]!;
        values[slot] = values[slot]! - factor * values[upperSlot[column]!]!;
      }
      const node = rowNode[row]!;
      vector[node] = vector[node]! - factor * knownValue;
    }
  }
  for (let place = places - 1; place >= 0; place--) {
    const node = order[place]!;
    let sum = vector[node]!;
    const endColumn = columnStart[place + 1]!;
    for (let column = columnStart[place]!; column < endColumn; column++) {
      sum -= values[upperSlot[column]!]! * vector[columnNode[column]!]!;
    }
    vector[node] = sum / values[pivotSlot[place]!]!;
  }
}
