import type { TimeAxis } from "./time-axis";

/** Steps of a drag and of a key press, min. */
export const SNAP_MINUTES = 5;
export const FINE_MINUTES = 1;

/** Which part of a bar is held. */
export type Grip = "start" | "end" | "whole";

/** How near to its edge a bar is held by the edge, px. */
const EDGE_PX = 9;
const EDGE_SHARE = 0.3;

/** The part of a bar at a place along it; a short bar keeps a middle to hold. */
export function gripAt(x: number, from: number, width: number): Grip {
  const edge = Math.min(EDGE_PX, width * EDGE_SHARE);
  if (x - from <= edge) return "start";
  return from + width - x <= edge ? "end" : "whole";
}

export const snapped = (minute: number, step: number): number => Math.round(minute / step) * step;

/** Minutes that a movement along the axis is worth. */
export const minutesOf = ({ x }: TimeAxis, movedPx: number): number => x.invert(movedPx) - x.invert(0);

type Span = { readonly fromMinute: number; readonly toMinute: number };

/** A span after one of its parts was moved: it keeps at least a minute and stays within the outing. */
export function movedSpan(
  { fromMinute, toMinute }: Span,
  grip: Grip,
  byMinutes: number,
  step: number,
  end: number,
): Span {
  const place = (minute: number, low: number, high: number): number =>
    Math.min(high, Math.max(low, snapped(minute, step)));
  if (grip === "start") return { fromMinute: place(fromMinute + byMinutes, 0, toMinute - 1), toMinute };
  if (grip === "end") return { fromMinute, toMinute: place(toMinute + byMinutes, fromMinute + 1, end) };
  const length = toMinute - fromMinute;
  const from = place(fromMinute + byMinutes, 0, Math.max(0, end - length));
  return { fromMinute: from, toMinute: from + length };
}
