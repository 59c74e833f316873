import { max, min } from "d3-array";
import { scaleLinear, type ScaleLinear } from "d3-scale";
import { line } from "d3-shape";
import type { TimeAxis } from "./time-axis";

export type Curve = { readonly key: string; readonly values: ArrayLike<number> };
export type CurvePath = { readonly key: string; readonly path: string };
export type Bound = { readonly key: string; readonly value: number; readonly y: number };
export type BodyChart = {
  readonly y: ScaleLinear<number, number>;
  readonly curves: readonly CurvePath[];
  readonly bounds: readonly Bound[];
};

const LEAST_STEP_PX = 1.5;

/** Curves over the time axis with the limits they are judged by. */
export function bodyChart(
  axis: TimeAxis,
  curves: readonly Curve[],
  bounds: readonly { readonly key: string; readonly value: number }[],
  frame: { readonly top: number; readonly height: number; readonly lowest: number; readonly highest: number },
): BodyChart {
  const values = curves.flatMap((curve) => Array.from(curve.values));
  const low = Math.min(frame.lowest, min(values) ?? frame.lowest);
  const high = Math.max(frame.highest, max(values) ?? frame.highest);
  const y = scaleLinear()
    .domain([low, high])
    .range([frame.top + frame.height, frame.top]);
  // More points than pixels draw the same line.
  const pxPerMinute = (axis.right - axis.left) / axis.totalMinutes;
  const step = Math.max(1, Math.floor(LEAST_STEP_PX / pxPerMinute));
  const pathOf = (curve: Curve): string => {
    const minutes = Array.from({ length: curve.values.length }, (_, minute) => minute);
    const kept = minutes.filter((minute) => minute % step === 0 || minute === curve.values.length - 1);
    return (
      line<number>(
        (minute) => axis.x(minute),
        (minute) => y(curve.values[minute]!),
      )(kept) ?? ""
    );
  };
  return {
    y,
    curves: curves.map((curve) => ({ key: curve.key, path: pathOf(curve) })),
    bounds: bounds.map((bound) => ({ ...bound, y: y(bound.value) })),
  };
}
