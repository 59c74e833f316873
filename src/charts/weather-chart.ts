import { extent } from "d3-array";
import { scaleLinear } from "d3-scale";
import { area, line } from "d3-shape";
import type { TimeAxis } from "./time-axis";

export type ChartHour = {
  readonly minute: number;
  readonly airTemperatureC: number;
  readonly windMPerS: number;
  readonly cloudShare: number | null;
  readonly precipitationMm: number | null;
};
export type WindMark = { readonly x: number; readonly y: number };
export type HourMark = {
  /** Place of the hour in the weather given. */
  readonly index: number;
  readonly x: number;
  readonly temperatureY: number;
  /** Tips of the wind marks, forecast and at the seat: longer in more wind. */
  readonly wind: WindMark;
  readonly seatWind: WindMark;
};
/** A stretch of the strips above and below: cloud by its share, precipitation by its height. */
export type Strip = { readonly x: number; readonly width: number; readonly share: number };
export type WeatherChart = {
  readonly temperaturePath: string;
  readonly areaPath: string;
  readonly hours: readonly HourMark[];
  readonly clouds: readonly Strip[];
  readonly precipitation: readonly Strip[];
  readonly windBaseY: number;
  /** Where temperature ends and wind begins. */
  readonly windTopY: number;
  /** What a drag of a pixel upwards is worth. */
  readonly kelvinPerPx: number;
  readonly windPerPx: number;
};

const WIND_BAND_PX = 26;
const TOP_PX = 30;
const GAP_PX = 8;
const STRONG_WIND_M_PER_S = 15;
const HEAVY_MM_PER_H = 4;
const WIND_SLANT = 0.45;
const LEAST_SPAN_K = 4;

const windTip = (x: number, baseY: number, windMPerS: number): WindMark => {
  const length = (WIND_BAND_PX * Math.min(windMPerS, STRONG_WIND_M_PER_S)) / STRONG_WIND_M_PER_S;
  return { x: x + length * WIND_SLANT, y: baseY - length };
};

/**
 * Air temperature as a line, wind as marks, cloud and precipitation as strips, between `top` and `top + height`.
 * @param windShare share of the forecast's wind at the seat
 */
export function weatherChart(
  axis: TimeAxis,
  weather: readonly ChartHour[],
  windShare: number,
  top: number,
  height: number,
): WeatherChart {
  const windBaseY = top + height;
  const windTopY = windBaseY - WIND_BAND_PX;
  const [low = 0, high = 0] = extent(onAxis(axis, weather), ({ airTemperatureC }) => airTemperatureC) as [
    number,
    number,
  ];
  const middle = (low + high) / 2;
  const half = Math.max(LEAST_SPAN_K, high - low) / 2;
  const y = scaleLinear()
    .domain([middle - half, middle + half])
    .range([windTopY - GAP_PX, top + TOP_PX]);
  const within = (minute: number): number => axis.x(Math.min(axis.totalMinutes, Math.max(0, minute)));
  const held = heldToAxis(axis, weather);
  const path = line<ChartHour>(
    (hour) => within(hour.minute),
    ({ airTemperatureC }) => y(airTemperatureC),
  );
  const shade = area<ChartHour>(
    (hour) => within(hour.minute),
    () => windTopY,
    ({ airTemperatureC }) => y(airTemperatureC),
  );
  const hours = weather.flatMap((hour, index): HourMark[] => {
    if (hour.minute < 0 || hour.minute > axis.totalMinutes) return [];
    const x = axis.x(hour.minute);
    const wind = windTip(x, windBaseY, hour.windMPerS);
    const seatWind = windTip(x, windBaseY, hour.windMPerS * windShare);
    return [{ index, x, temperatureY: y(hour.airTemperatureC), wind, seatWind }];
  });
  const strips = (shareOf: (hour: ChartHour) => number | null): Strip[] =>
    weather.flatMap((hour, index): Strip[] => {
      const share = shareOf(hour);
      const x = within(hour.minute);
      const width = within(weather[index + 1]?.minute ?? axis.totalMinutes) - x;
      return share === null || share <= 0 || width <= 0 ? [] : [{ x, width, share: Math.min(1, share) }];
    });
  return {
    temperaturePath: path(held) ?? "",
    areaPath: shade(held) ?? "",
    hours,
    clouds: strips(({ cloudShare }) => cloudShare),
    precipitation: strips(({ precipitationMm }) => precipitationMm && precipitationMm / HEAVY_MM_PER_H),
    windBaseY,
    windTopY,
    kelvinPerPx: Math.abs(y.invert(0) - y.invert(1)),
    windPerPx: STRONG_WIND_M_PER_S / WIND_BAND_PX,
  };
}

/** Hours on the axis and the next on either side. */
const onAxis = (axis: TimeAxis, weather: readonly ChartHour[]): readonly ChartHour[] => {
  const inside = weather.filter(({ minute }) => minute >= -60 && minute <= axis.totalMinutes + 60);
  return inside.length > 0 ? inside : weather;
};

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
