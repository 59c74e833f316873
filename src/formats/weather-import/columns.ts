import * as m from "@/messages";
import { OUTING_RANGE } from "@/core/outing";
import { KELVIN_AT_ZERO_C } from "@/core/units";
import { CONDITION_RANGE } from "@/core/sitter";
import { QUANTITIES, TEMPERATURE, WIND } from "../display/units";

/** What an imported hour may hold, in the units of the core. */
export type ImportedField =
  "airTemperatureC" | "windMPerS" | "relativeHumidityPercent" | "dewPointC" | "cloudShare" | "precipitationMm";

type Measured = {
  readonly words: string;
  readonly field: ImportedField;
  readonly toSi: (value: number) => number;
  readonly range: readonly [number, number];
};
type Told = { readonly words: string; readonly field: "time" | "date" | "clock" };

const PERCENT = 100;
const OKTAS = 8;
const TENTHS = 10;
const itself = (value: number): number => value;
const measured = (words: string, field: ImportedField, toSi: Measured["toSi"], range: Measured["range"]): Measured => ({
  words,
  field,
  toSi,
  range,
});
const AIR = CONDITION_RANGE.airTemperatureC;
const WIND_RANGE = CONDITION_RANGE.windMPerS;
/** As far down as saturation pressures are computed. */
const DEW_RANGE = [-60, AIR[1]] as const;

/** What a column may hold, each with its unit. */
export const WEATHER_COLUMNS = {
  time: { words: m.dayAndTime, field: "time" },
  date: { words: m.day, field: "date" },
  clock: { words: m.time, field: "clock" },
  airC: measured(m.airTemperatureC, "airTemperatureC", itself, AIR),
  airF: measured(m.airTemperatureF, "airTemperatureC", TEMPERATURE.F.toSi, AIR),
  airK: measured(m.airTemperatureKelvin, "airTemperatureC", (kelvin) => kelvin - KELVIN_AT_ZERO_C, AIR),
  windMPerS: measured(m.windMS, "windMPerS", itself, WIND_RANGE),
  windKmPerH: measured(m.windKmH, "windMPerS", WIND["km/h"].toSi, WIND_RANGE),
  windMph: measured(m.windMph, "windMPerS", WIND.mph.toSi, WIND_RANGE),
  windKn: measured(m.windKnots, "windMPerS", WIND.kn.toSi, WIND_RANGE),
  humidity: measured(m.relativeHumidity, "relativeHumidityPercent", itself, CONDITION_RANGE.relativeHumidityPercent),
  dewC: measured(m.dewPointC, "dewPointC", itself, DEW_RANGE),
  dewF: measured(m.dewPointF, "dewPointC", TEMPERATURE.F.toSi, DEW_RANGE),
  dewK: measured(m.dewPointKelvin, "dewPointC", (kelvin) => kelvin - KELVIN_AT_ZERO_C, DEW_RANGE),
  cloudPercent: measured(m.cloud2, "cloudShare", (value) => value / PERCENT, OUTING_RANGE.cloudShare),
  cloudOktas: measured(m.cloudEighths, "cloudShare", (value) => value / OKTAS, OUTING_RANGE.cloudShare),
  cloudTenths: measured(m.cloudTenths, "cloudShare", (value) => value / TENTHS, OUTING_RANGE.cloudShare),
  precipitationMm: measured(m.rainOrSnowMm, "precipitationMm", itself, OUTING_RANGE.precipitationMm),
  precipitationIn: measured(
    m.rainOrSnowIn,
    "precipitationMm",
    QUANTITIES.thickness.in.toSi,
    OUTING_RANGE.precipitationMm,
  ),
} as const satisfies Record<string, Measured | Told>;

export type WeatherColumn = keyof typeof WEATHER_COLUMNS;
export const WEATHER_COLUMN_KEYS = Object.keys(WEATHER_COLUMNS) as WeatherColumn[];

/** A column of figures; `null` for one that tells when. */
export function measuredColumn(key: WeatherColumn): Measured | null {
  const column: Measured | Told = WEATHER_COLUMNS[key];
  return "toSi" in column ? column : null;
}
