import { scaleLinear } from "d3-scale";
import { line } from "d3-shape";

/** A small chart of fingers through a task and the warming after it; all of a row share one scale. */
export type HandChart = {
  readonly x: (minute: number) => number;
  readonly y: (temperatureC: number) => number;
  readonly path: (temperaturesC: readonly number[]) => string;
};

/** From freezing to warm skin: fingers do nothing outside it that could be told apart. */
export const HAND_CHART_C = [0, 36] as const;
const PAD_PX = 4;

/** @param minutes how long is shown */
export function handChart(
  minutes: number,
  frame: { readonly left: number; readonly width: number; readonly height: number },
): HandChart {
  const x = scaleLinear([0, minutes], [frame.left, frame.width - PAD_PX]);
  const y = scaleLinear([...HAND_CHART_C], [frame.height - PAD_PX, PAD_PX]).clamp(true);
  const draw = line<number>(
    (_, minute) => x(minute),
    (temperatureC) => y(temperatureC),
  );
  return { x, y, path: (temperaturesC) => draw(temperaturesC.slice(0, minutes + 1)) ?? "" };
}
