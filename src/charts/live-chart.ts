import { extent } from "d3-array";
import { scaleLinear } from "d3-scale";
import { area, line } from "d3-shape";

/** One value a minute from the start of the outing. */
type Band = { readonly low: readonly number[]; readonly middle: readonly number[]; readonly high: readonly number[] };
type Dot = { readonly minute: number; readonly valueC: number };

export const LIVE_CHART = { width: 640, height: 200, left: 36, right: 8, top: 8, bottom: 22 } as const;

/** A curve that bends as it goes: band, middle, what was read, and now. @param fromMinute where the sit begins */
export function liveChart(
  band: Band,
  dots: readonly Dot[],
  {
    fromMinute,
    toMinute,
    nowMinute,
  }: { readonly fromMinute: number; readonly toMinute: number; readonly nowMinute: number },
) {
  const { width, height, left, right, top, bottom } = LIVE_CHART;
  const minutes = Array.from({ length: Math.max(0, toMinute - fromMinute) + 1 }, (_, index) => fromMinute + index);
  const shown = minutes.filter((minute) => band.low[minute] !== undefined);
  const [lowest = 0, highest = 35] = extent([
    ...shown.flatMap((minute) => [band.low[minute]!, band.high[minute]!]),
    ...dots.map(({ valueC }) => valueC),
  ]);
  const x = scaleLinear([fromMinute, toMinute], [left, width - right]);
  const y = scaleLinear([lowest, highest], [height - bottom, top]).nice();
  return {
    band:
      area<number>()
        .x((minute) => x(minute))
        .y0((minute) => y(band.low[minute]!))
        .y1((minute) => y(band.high[minute]!))(shown) ?? "",
    middle:
      line<number>()
        .x((minute) => x(minute))
        .y((minute) => y(band.middle[minute]!))(shown) ?? "",
    dots: dots.map(({ minute, valueC }) => ({ x: x(minute), y: y(valueC) })),
    nowX: Math.min(width - right, Math.max(left, x(nowMinute))),
    temperatures: y.ticks(5).map((value) => ({ value, y: y(value) })),
    hours: x.ticks(6).map((minute) => ({ minute, x: x(minute) })),
  };
}
