import type { Lasting } from "../limits";

/** Where the wind of a cell is measured: at the seat, past the body; or at 10 m over open ground, as forecasts give it. */
export const WIND_PLACES = ["seat", "tenMetres"] as const;
export type WindPlace = (typeof WIND_PLACES)[number];

/** Air temperatures and winds of a map, from the mildest to the coldest, from calm to the windiest. */
export type ReachAxes = { readonly airTemperaturesC: readonly number[]; readonly windsMPerS: readonly number[] };

const steps = (from: number, step: number, count: number): number[] =>
  Array.from({ length: count }, (_, index) => Number((from + step * index).toFixed(1)));

/** +10 to −40 °C by 2 K, 0 to 12 m/s by 0.8 m/s: the weather of the trade. */
export const REACH_AXES: ReachAxes = { airTemperaturesC: steps(10, -2, 26), windsMPerS: steps(0, 0.8, 16) };

/** How long one lasts in one weather. */
export type ReachCell = ReachWeather & Lasting;

/** Weather of a cell. */
export type ReachWeather = { readonly airTemperatureC: number; readonly windMPerS: number };

/** Cells of a map in rows of one temperature, each from calm to the windiest. */
export const cellsOf = ({ airTemperaturesC, windsMPerS }: ReachAxes): ReachWeather[] =>
  airTemperaturesC.flatMap((airTemperatureC) => windsMPerS.map((windMPerS) => ({ airTemperatureC, windMPerS })));

/**
 * Colder air or more wind may add so much: what is worn dries or opens otherwise on a colder way (assumption; a law tries it,
 * docs/reach.md tells where it is met).
 */
export const MOST_GAIN_OF_COLDER = { share: 0.05, minutes: 5 } as const;
