import { OUTING_RANGE } from "@/core/outing";
import { CONDITION_RANGE } from "@/core/sitter";
import { TEMPERATURE, WIND } from "../display/units";

/** What an imported hour may hold, in the units of the core. */
export type ImportedField =
  "airTemperatureC" | "windMPerS" | "relativeHumidityPercent" | "cloudShare" | "precipitationMm";

type Column = {
  readonly field: ImportedField;
  readonly toSi: (value: number) => number;
  readonly range: readonly [number, number];
};

const PERCENT = 100;
const itself = (value: number): number => value;
const column = (field: ImportedField, toSi: Column["toSi"], range: Column["range"]): Column => ({ field, toSi, range });

/** Columns by the name in the head of the file; a name says its unit. */
export const COLUMNS: Readonly<Record<string, Column>> = {
  airTemperatureC: column("airTemperatureC", itself, CONDITION_RANGE.airTemperatureC),
  airTemperatureF: column("airTemperatureC", TEMPERATURE.F.toSi, CONDITION_RANGE.airTemperatureC),
  windMPerS: column("windMPerS", itself, CONDITION_RANGE.windMPerS),
  windKmPerH: column("windMPerS", WIND["km/h"].toSi, CONDITION_RANGE.windMPerS),
  windMph: column("windMPerS", WIND.mph.toSi, CONDITION_RANGE.windMPerS),
  relativeHumidityPercent: column("relativeHumidityPercent", itself, CONDITION_RANGE.relativeHumidityPercent),
  cloudPercent: column("cloudShare", (value) => value / PERCENT, OUTING_RANGE.cloudShare),
  precipitationMm: column("precipitationMm", itself, OUTING_RANGE.precipitationMm),
};

export const TIME_COLUMN = "time";
