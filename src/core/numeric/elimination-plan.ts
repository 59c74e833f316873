import { CoreError } from "../errors";

/** An entry of a matrix that may differ from zero. */
export type Entry = readonly [row: number, column: number];

/**
 * The order and the places of a sparse elimination whose pattern never changes: planned once, replayed each step
 * without a search or an allocation. Pivots are taken on the diagonal, which is safe for the diagonally dominant
 * matrices of implicit heat balances. The pattern need not be symmetric: blood flows one way.
 */
export type EliminationPlan = {
  readonly nodeCount: number;
  readonly slotCount: number;
  /** Node eliminated at each place of the order, and the slot of its diagonal. */
  readonly order: Int32Array;
  readonly pivotSlot: Int32Array;
  /** Rows below each pivot: `rowStart[place]` to `rowStart[place + 1]` of node and slot (row, pivot). */
  readonly rowStart: Int32Array;
  readonly rowNode: Int32Array;
  readonly lowerSlot: Int32Array;
  /** Columns right of each pivot, likewise: node and slot (pivot, column). */
  readonly columnStart: Int32Array;
  readonly columnNode: Int32Array;
  readonly upperSlot: Int32Array;
  /** Slots (row, column) in the order in which the elimination visits them. */
  readonly targetSlot: Int32Array;
  /** Slot of an entry that stands in the pattern or fills in; −1 for one that stays zero. */
  slotOf(row: number, column: number): number;
};

/**
 * Plans the elimination of a sparse matrix.
 * @param nodeCount rows of the matrix
 * @param entries entries off the diagonal that may differ from zero
 * @param order every node once, in the order of elimination; leaves of a tree first keeps fill-in small
 * @throws {CoreError} `ambiguous-order` when the order does not name every node once
 */
export function planElimination(
  nodeCount: number,
  entries: readonly Entry[],
  order: readonly number[],
): EliminationPlan {
  if (new Set(order).size !== nodeCount || order.length !== nodeCount) {
    throw new CoreError("ambiguous-order", `the elimination order must name each of ${nodeCount} nodes once`);
  }
  const rowsIn = Array.from({ length: nodeCount }, () => new Set<number>());
  const columnsIn = Array.from({ length: nodeCount }, () => new Set<number>());
  const slots = new Map<number, number>();
  const slotFor = (row: number, column: number): number => {
    const key = row * nodeCount + column;
    const slot = slots.get(key) ?? slots.size;
    slots.set(key, slot);
    if (row !== column) {
      rowsIn[column]!.add(row);
      columnsIn[row]!.add(column);
    }
    return slot;
  };
  const diagonal = Array.from({ length: nodeCount }, (_, node) => slotFor(node, node));
  for (const [row, column] of entries) slotFor(row, column);

  const eliminated = new Set<number>();
  const remaining = (nodes: ReadonlySet<number>): number[] => [...nodes].filter((node) => !eliminated.has(node));
  const rowStart = [0];
  const rowNode: number[] = [];
  const lowerSlot: number[] = [];
  const columnStart = [0];
  const columnNode: number[] = [];
  const upperSlot: number[] = [];
  const targetSlot: number[] = [];
  for (const pivot of order) {
    eliminated.add(pivot);
    const columns = remaining(columnsIn[pivot]!);
    for (const row of remaining(rowsIn[pivot]!)) {
      rowNode.push(row);
      lowerSlot.push(slotFor(row, pivot));
      for (const column of columns) targetSlot.push(slotFor(row, column));
    }
    for (const column of columns) {
      columnNode.push(column);
      upperSlot.push(slotFor(pivot, column));
    }
    rowStart.push(rowNode.length);
    columnStart.push(columnNode.length);
  }
  return {
    nodeCount,
    slotCount: slots.size,
    order: Int32Array.from(order),
    pivotSlot: Int32Array.from(order, (node) => diagonal[node]!),
    rowStart: Int32Array.from(rowStart),
    rowNode: Int32Array.from(rowNode),
    lowerSlot: Int32Array.from(lowerSlot),
    columnStart: Int32Array.from(columnStart),
    columnNode: Int32Array.from(columnNode),
    upperSlot: Int32Array.from(upperSlot),
    targetSlot: Int32Array.from(targetSlot),
    slotOf: (row, column) => slots.get(row * nodeCount + column) ?? -1,
  };
}
