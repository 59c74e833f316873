import type { LaneName } from "@/core/pieces";
import { outwards } from "@/core/dressing";
import type { TimeAxis } from "./time-axis";

export type Span = {
  readonly x: number;
  readonly width: number;
  readonly fromMinute: number;
  readonly toMinute: number;
};

const LEAST_WIDTH_PX = 3;

const span = (axis: TimeAxis, fromMinute: number, toMinute: number): Span => {
  const x = axis.x(fromMinute);
  const end = axis.x(Math.min(toMinute, axis.totalMinutes));
  return { x, width: Math.max(LEAST_WIDTH_PX, end - x), fromMinute, toMinute };
};

/** Phases one after the other. */
export function phaseSpans(axis: TimeAxis, phases: readonly { readonly minutes: number }[]): Span[] {
  let minute = 0;
  return phases.map(({ minutes }) => {
    const from = minute;
    minute += minutes;
    return span(axis, from, minute);
  });
}

export type LaneItem = {
  readonly id: string;
  readonly lane: LaneName;
  readonly rank: number;
  readonly fromMinute: number;
  readonly toMinute: number;
  readonly pieceId: string;
};
export type LaneBar<Item extends LaneItem> = Span & { readonly item: Item; readonly row: number };
export type Lane<Item extends LaneItem> = {
  readonly lane: LaneName;
  readonly rows: number;
  readonly bars: readonly LaneBar<Item>[];
};

type Placed = { row: number; toMinute: number; pieceId: string };

/** First row that is free at the bar's start; a piece put on again returns to its own row. */
function rowFor(placed: readonly Placed[], item: LaneItem): number {
  const own = placed.findLast(({ pieceId }) => pieceId === item.pieceId);
  if (own && own.toMinute <= item.fromMinute) return own.row;
  for (let row = 0; ; row++) {
    const busy = placed.some((bar) => bar.row === row && bar.toMinute > item.fromMinute);
    if (!busy) return row;
  }
}

/** Bars of a lane, layers from the skin out going down, in as few rows as they need. */
export function wearLanes<Item extends LaneItem>(
  axis: TimeAxis,
  items: readonly Item[],
  order: readonly LaneName[],
): Lane<Item>[] {
  return order.flatMap((lane): Lane<Item>[] => {
    const own = items.filter((item) => item.lane === lane).sort(outwards);
    if (own.length === 0) return [];
    const placed: Placed[] = [];
    const bars = own.map((item) => {
      const row = rowFor(placed, item);
      placed.push({ row, toMinute: item.toMinute, pieceId: item.pieceId });
      return { ...span(axis, item.fromMinute, item.toMinute), item, row };
    });
    return [{ lane, rows: 1 + Math.max(...bars.map(({ row }) => row)), bars }];
  });
}
