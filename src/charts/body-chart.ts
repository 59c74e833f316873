import { range } from "d3-array";
import { scaleLinear, type ScaleLinear } from "d3-scale";
import { area, line } from "d3-shape";
import { thinned } from "./thinned";
import type { TimeAxis } from "./time-axis";

export type Curve = { readonly key: string; readonly values: ArrayLike<number> };
export type CurvePath = { readonly key: string; readonly path: string };
export type Bound = { readonly key: string; readonly value: number; readonly y: number };
export type BodyChart = {
  readonly y: ScaleLinear<number, number>;
  readonly curves: readonly CurvePath[];
  readonly bounds: readonly Bound[];
  /** Outline of what lies between two curves. */
  readonly band: (low: ArrayLike<number>, high: ArrayLike<number>) => string;
};

const LEAST_STEP_PX = 1.5;
/** By so much a line may pass beside the curve it draws. */
const UNSEEN_PX = 0.2;

/** Curves over the time axis with the limits they are judged by. */
export function bodyChart(
  axis: TimeAxis,
  curves: readonly Curve[],
  bounds: readonly { readonly key: string; readonly value: number }[],
  frame: { readonly top: number; readonly height: number; readonly lowest: number; readonly highest: number },
): BodyChart {
  let { lowest: low, highest: high } = frame;
  for (const { values } of curves) {
    for (let minute = 0; minute < values.length; minute++) {
      low = Math.min(low, values[minute]!);
      high = Math.max(high, values[minute]!);
    }
  }
  const y = scaleLinear()
    .domain([low, high])
    .range([frame.top + frame.height, frame.top]);
  // More points than pixels draw the same line.
  const pxPerMinute = (axis.right - axis.left) / axis.totalMinutes;
  const step = Math.max(1, Math.floor(LEAST_STEP_PX / pxPerMinute));
  const keptByLength = new Map<number, number[]>();
  const keptOf = ({ length }: ArrayLike<number>): number[] => {
    const known = keptByLength.get(length);
    if (known) return known;
    const kept = range(0, length - 1, step);
    if (length > 0) kept.push(length - 1);
    keptByLength.set(length, kept);
    return kept;
  };
  const pathOf = ({ values: own }: Curve): string =>
    line<number>(
      (minute) => axis.x(minute),
      (minute) => y(own[minute]!),
    )(thinned(own, (UNSEEN_PX * (high - low)) / frame.height)) ?? "";
  const band: BodyChart["band"] = (lowest, highest) =>
    area<number>(
      (minute) => axis.x(minute),
      (minute) => y(lowest[minute]!),
      (minute) => y(highest[minute]!),
    )(keptOf(lowest)) ?? "";
  return {
    y,
    curves: curves.map((curve) => ({ key: curve.key, path: pathOf(curve) })),
    bounds: bounds.map((bound) => ({ ...bound, y: y(bound.value) })),
    band,
  };
}
