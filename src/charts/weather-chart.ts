import { extent } from "d3-array";
import { scaleLinear } from "d3-scale";
import { area, line } from "d3-shape";
import type { TimeAxis } from "./time-axis";

export type ChartHour = { readonly minute: number; readonly airTemperatureC: number; readonly windMPerS: number };
export type HourMark = {
  /** Place of the hour in the weather given. */
  readonly index: number;
  readonly x: number;
  readonly temperatureY: number;
  /** Tip of the wind mark: longer and steeper in more wind. */
  readonly windX: number;
  readonly windY: number;
};
export type WeatherChart = {
  readonly temperaturePath: string;
  readonly areaPath: string;
  readonly hours: readonly HourMark[];
  readonly windBaseY: number;
};

const WIND_BAND_PX = 30;
const TOP_PX = 24;
const GAP_PX = 16;
const STRONG_WIND_M_PER_S = 15;
const WIND_SLANT = 0.45;
const LEAST_SPAN_K = 4;

/** Air temperature as a line and wind as marks, between `top` and `top + height`. */
export function weatherChart(axis: TimeAxis, weather: readonly ChartHour[], top: number, height: number): WeatherChart {
  const windBaseY = top + height;
  const temperatureBottom = windBaseY - WIND_BAND_PX - GAP_PX;
  const [low = 0, high = 0] = extent(weather, ({ airTemperatureC }) => airTemperatureC) as [number, number];
  const middle = (low + high) / 2;
  const half = Math.max(LEAST_SPAN_K, high - low) / 2;
  const y = scaleLinear()
    .domain([middle - half, middle + half])
    .range([temperatureBottom, top + TOP_PX]);
  const within = (minute: number): number => axis.x(Math.min(axis.totalMinutes, Math.max(0, minute)));
  const held = heldToAxis(axis, weather);
  const path = line<ChartHour>(
    (hour) => within(hour.minute),
    ({ airTemperatureC }) => y(airTemperatureC),
  );
  const shade = area<ChartHour>(
    (hour) => within(hour.minute),
    () => windBaseY - WIND_BAND_PX,
    ({ airTemperatureC }) => y(airTemperatureC),
  );
  const hours = weather.flatMap((hour, index): HourMark[] => {
    if (hour.minute < 0 || hour.minute > axis.totalMinutes) return [];
    const x = axis.x(hour.minute);
    const length = (WIND_BAND_PX * Math.min(hour.windMPerS, STRONG_WIND_M_PER_S)) / STRONG_WIND_M_PER_S;
    return [
      { index, x, temperatureY: y(hour.airTemperatureC), windX: x + length * WIND_SLANT, windY: windBaseY - length },
    ];
  });
  return { temperaturePath: path(held) ?? "", areaPath: shade(held) ?? "", hours, windBaseY };
}

/** The hours with values at both ends of the axis, as the computation holds and interpolates them. */
function heldToAxis(axis: TimeAxis, weather: readonly ChartHour[]): ChartHour[] {
  const at = (minute: number): ChartHour => {
    const later = weather.find((hour) => hour.minute >= minute) ?? weather.at(-1)!;
    const earlier = weather.findLast((hour) => hour.minute <= minute) ?? later;
    const span = later.minute - earlier.minute;
    const share = span > 0 ? (minute - earlier.minute) / span : 0;
    return {
      ...earlier,
      minute,
      airTemperatureC: earlier.airTemperatureC + (later.airTemperatureC - earlier.airTemperatureC) * share,
    };
  };
  const inside = weather.filter(({ minute }) => minute > 0 && minute < axis.totalMinutes);
  return weather.length === 0 ? [] : [at(0), ...inside, at(axis.totalMinutes)];
}
