import { MINUTES_PER_HOUR } from "@/core/units";
import { scaleLinear } from "d3-scale";
import { line } from "d3-shape";

type Point = { readonly airTemperatureC: number; readonly minutes: number | null };

/** A small chart of minutes over the air's temperature; all of a row share one scale. */
export type ToeMinutesChart = {
  readonly x: (airTemperatureC: number) => number;
  readonly y: (minutes: number) => number;
  readonly path: (points: readonly Point[]) => string;
  readonly hours: readonly { readonly hour: number; readonly y: number }[];
};

const PAD_PX = 6;

/**
 * @param airC the temperatures at both ends
 * @param mostMinutes the longest that was looked at: where nothing ends it the curve runs along the top
 */
export function toeMinutesChart(
  airC: readonly [number, number],
  mostMinutes: number,
  frame: { readonly left: number; readonly width: number; readonly height: number },
): ToeMinutesChart {
  const x = scaleLinear([...airC], [frame.left, frame.width - PAD_PX]);
  const y = scaleLinear([0, mostMinutes], [frame.height - PAD_PX, PAD_PX]);
  const draw = line<Point>(
    ({ airTemperatureC }) => x(airTemperatureC),
    ({ minutes }) => y(minutes ?? mostMinutes),
  );
  const whole = Math.floor(mostMinutes / MINUTES_PER_HOUR);
  const every = Math.max(1, Math.ceil(whole / 4));
  return {
    x,
    y,
    path: (points) => draw(points) ?? "",
    hours: Array.from({ length: Math.floor(whole / every) + 1 }, (_, step) => step * every).map((hour) => ({
      hour,
      y: y(hour * MINUTES_PER_HOUR),
    })),
  };
}
