import { max, min } from "d3-array";
import { scaleLog } from "d3-scale";
import { MINUTES_PER_HOUR } from "@/core/units";
import type { Frame } from "./front-chart";

/** A sit: what was predicted for it, with its range, and how long it really was. */
export type FeltPoint = {
  readonly predictedMinutes: number;
  readonly lowMinutes: number;
  /** Infinite where it is later than was looked at. */
  readonly highMinutes: number;
  readonly feltMinutes: number;
};

export type FeltChart = {
  readonly x: (feltMinutes: number) => number;
  readonly y: (predictedMinutes: number) => number;
  /** Ends of the line on which both are alike. */
  readonly diagonal: readonly [from: number, to: number];
  readonly ticks: readonly number[];
};

/** Twice as long is as far on paper. */
const TICKS = [15, 30, 60, 120, 240, 480, 960];
/** Shorter ones are drawn at it: the scale is of shares, and has no nought. */
const LEAST_MINUTES = 10;

/** Predicted minutes over felt ones: as far off in shares is as far off on paper. */
export function feltChart(points: readonly FeltPoint[], { left, right, top, bottom }: Frame): FeltChart {
  const all = points.flatMap(({ predictedMinutes, feltMinutes, lowMinutes, highMinutes }) => [
    predictedMinutes,
    feltMinutes,
    lowMinutes,
    ...(highMinutes === Infinity ? [] : [highMinutes]),
  ]);
  const least = Math.max(LEAST_MINUTES, (min(all) ?? MINUTES_PER_HOUR) * 0.9);
  const most = Math.max(least * 2, (max(all) ?? 4 * MINUTES_PER_HOUR) * 1.1);
  const bounded = (minutes: number): number => Math.min(most, Math.max(least, minutes));
  const x = scaleLog([least, most], [left, right]);
  const y = scaleLog([least, most], [bottom, top]);
  return {
    x: (minutes) => x(bounded(minutes)),
    y: (minutes) => y(bounded(minutes)),
    diagonal: [least, most],
    ticks: TICKS.filter((tick) => tick >= least && tick <= most),
  };
}
