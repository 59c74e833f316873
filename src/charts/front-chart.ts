import { MINUTES_PER_HOUR } from "@/core/units";
import { max, min } from "d3-array";
import { scaleLinear } from "d3-scale";
import { curveStepAfter, line } from "d3-shape";

/** An outfit as a point: what is carried, how long it lasts, and the ends of its range. */
export type FrontPoint = {
  readonly carriedG: number;
  readonly minutes: number;
  readonly lowMinutes: number;
  readonly highMinutes: number;
};

/** Minutes over grams carried. */
export type FrontChart = {
  readonly x: (grams: number) => number;
  readonly y: (minutes: number) => number;
  /** The front as a staircase: from each mass on its minutes can be had. */
  readonly path: string;
  readonly hours: readonly { readonly hour: number; readonly y: number }[];
  readonly massTicksG: readonly number[];
};

export type Frame = { readonly left: number; readonly right: number; readonly top: number; readonly bottom: number };

const MASS_TICKS = 6;
const MOST_HOUR_LINES = 6;

/**
 * @param points outfits shown
 * @param front all of the front, for the staircase
 * @param wantedMinutes a line of its own; `null` where there is none
 */
export function frontChart(
  points: readonly FrontPoint[],
  front: readonly { readonly massG: number; readonly minutes: number }[],
  wantedMinutes: number | null,
  { left, right, top, bottom }: Frame,
): FrontChart {
  const masses = [...points.map(({ carriedG }) => carriedG), ...front.map(({ massG }) => massG)];
  const mostMinutes = max([
    MINUTES_PER_HOUR,
    wantedMinutes ?? 0,
    ...points.map(({ highMinutes }) => highMinutes),
    ...front.map(({ minutes }) => minutes),
  ])!;
  const x = scaleLinear([min(masses) ?? 0, max(masses) ?? 1], [left, right]).nice(MASS_TICKS);
  const y = scaleLinear([0, mostMinutes * 1.05], [bottom, top]);
  const stairs = line<{ readonly massG: number; readonly minutes: number }>(
    ({ massG }) => x(massG),
    ({ minutes }) => y(minutes),
  ).curve(curveStepAfter);
  const hours = Math.floor(y.domain()[1]! / MINUTES_PER_HOUR);
  const every = Math.max(1, Math.ceil(hours / MOST_HOUR_LINES));
  return {
    x,
    y,
    path: stairs(front) ?? "",
    hours: Array.from({ length: Math.floor(hours / every) + 1 }, (_, step) => step * every).map((hour) => ({
      hour,
      y: y(hour * MINUTES_PER_HOUR),
    })),
    massTicksG: x.ticks(MASS_TICKS),
  };
}
