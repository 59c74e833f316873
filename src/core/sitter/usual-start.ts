import type { Range } from "../errors";

/** Where a person comes from: an hour of rest before stepping out. */
export type IndoorStart = {
  readonly minutes: number;
  readonly airTemperatureC: number;
  readonly relativeHumidityPercent: number;
  readonly insulationClo: number;
  readonly activityRatio: number;
  readonly windMPerS: number;
};

/** 60 minutes at 22 °C, dressed for the room (assumption of the model; a cold night in a tent starts lower). */
export const USUAL_START: IndoorStart = {
  minutes: 60,
  airTemperatureC: 22,
  relativeHumidityPercent: 40,
  insulationClo: 0.8,
  activityRatio: 1.2,
  windMPerS: 0.1,
};

export const INDOOR_START_RANGE = {
  minutes: [0, 600],
  airTemperatureC: [-20, 35],
  insulationClo: [0, 8],
} as const satisfies Record<string, Range>;
