import { folded } from "../any-table/words";
import type { TemperatureUnit, WindUnit } from "../display/units";
import type { WeatherColumn } from "./columns";

/** Units of figures that name none, and the order of days and months: those of whoever reads. */
export type WeatherHabits = {
  readonly temperature: TemperatureUnit;
  readonly wind: WindUnit;
  readonly isMonthFirst: boolean;
};
export const METRIC_HABITS: WeatherHabits = { temperature: "C", wind: "m/s", isMonthFirst: false };

export type GuessedColumn = {
  readonly column: WeatherColumn;
  /** The head names no unit: that of the habits is taken. */
  readonly isUnitUsual: boolean;
  /** How sure it is meant: of two columns of one field the greater is taken. */
  readonly weight: number;
};

const TEMPERATURE_UNITS: readonly (readonly ["C" | "F" | "K", RegExp])[] = [
  ["F", /°\s?f|fahrenheit|\bdeg ?f\b|\bf\b/],
  ["C", /°\s?c|celsius|\bdeg ?c\b|\bgrader\b|\bc\b/],
  ["K", /kelvin|\bk\b/],
];
const WIND_UNITS: readonly (readonly [WindUnit, RegExp])[] = [
  ["km/h", /km ?\/? ?h|kph|kmt|km per h/],
  ["mph", /mph|mi ?\/ ?h|miles? (per|an) hour/],
  ["kn", /\bkn\b|\bkts?\b|knots?|knop|knoten/],
  ["m/s", /m ?\/ ?s|m\*?s\*?\*?-1|\bmps\b|m per s|met(er|re)s? (per|a) second|\bms-1\b|\bms\b/],
];
const found = <Unit>(units: readonly (readonly [Unit, RegExp])[], text: string): Unit | null =>
  units.find(([, pattern]) => pattern.test(text))?.[0] ?? null;

/** The unit a head names, if it is one a person may choose. */
export function unitInHead(quantity: "temperature", head: string): TemperatureUnit | null;
export function unitInHead(quantity: "wind", head: string): WindUnit | null;
export function unitInHead(quantity: "temperature" | "wind", head: string): TemperatureUnit | WindUnit | null {
  if (quantity === "wind") return found(WIND_UNITS, folded(head));
  const own = found(TEMPERATURE_UNITS, folded(head));
  return own === "K" ? null : own;
}

const WIND_COLUMN = { "m/s": "windMPerS", "km/h": "windKmPerH", mph: "windMph", kn: "windKn" } as const;
const AIR_COLUMN = { C: "airC", F: "airF", K: "airK" } as const;
const DEW_COLUMN = { C: "dewC", F: "dewF", K: "dewK" } as const;

/** Nobody's air: what is felt, above or below the ground, the greatest and least of a day, a chance. */
const NOT_THE_AIR =
  /apparent|feels?|chill|soil|ground|surface|wet ?bulb|\bmax|\bmin|water|\bsea\b|heat index|folt|følt|vindkj|gefuhlt|boden|\bhigh\b|\blow\b|80 ?m|120 ?m|180 ?m|inside|inne/;
const NOT_THE_WIND =
  /gust|kast|\bdir|direction|retning|richtung|bearing|chill|boen?\b|\bmax|degrees?\b|80 ?m|100 ?m|120 ?m|180 ?m|from/;
const LAYER_OF_CLOUD = /low|mid|medium|high|base|ceiling|fog|lav|hoy|høy/;
const CHANCE = /prob|chance|risk|sannsyn|wahrsch|type|\bpop\b|6 ?h|12 ?h|24 ?h|(6|12) hours|\bmax|\bmin/;

/** What a head says its column holds; `null` where it says nothing we know. */
export function guessColumn(head: string, unit: string, habits: WeatherHabits): GuessedColumn | null {
  const plain = folded(head.replace(/([A-Z])([A-Z][a-z])/g, "$1 $2").replace(/([a-z])([A-Z])/g, "$1 $2"))
    .replace(/[.:_/](?=\p{L}{3})/gu, " ")
    .trim();
  const all = `${plain} ${folded(unit)}`;
  const is = (column: WeatherColumn, weight = 1, isUnitUsual = false): GuessedColumn => ({
    column,
    isUnitUsual,
    weight,
  });
  if (/dew|dugg|dogg|taupunkt/.test(plain)) {
    const own = found(TEMPERATURE_UNITS, all);
    return is(DEW_COLUMN[own ?? habits.temperature], 1, own === null);
  }
  if (/temp|\bt2m\b|^tt$|^ta$|^t$|grader/.test(plain) && !NOT_THE_AIR.test(plain)) {
    const own = found(TEMPERATURE_UNITS, all);
    return is(AIR_COLUMN[own ?? habits.temperature], /2 ?m|air|luft/.test(plain) ? 2 : 1, own === null);
  }
  if (/wind|vind|^ff$|^ws$|\bwspd\b/.test(plain) && !NOT_THE_WIND.test(plain)) {
    const own = found(WIND_UNITS, all);
    return is(WIND_COLUMN[own ?? habits.wind], /10 ?m|speed|styrke|geschw/.test(plain) ? 2 : 1, own === null);
  }
  if (/humid|fukt|feuchte|^rh$|\brh ?%?$/.test(plain) && !/absolute|specific|soil|mixing/.test(plain))
    return is("humidity");
  if (/cloud|sky ?cover|skydekke|bewolk|wolken|skyer/.test(plain) && !LAYER_OF_CLOUD.test(plain))
    return is(
      /okta|eighth|\/8|attendedel/.test(all) ? "cloudOktas" : /tenth|\/10/.test(all) ? "cloudTenths" : "cloudPercent",
    );
  if (/precip|rain|nedb|regen|niederschlag|^rr$/.test(plain) && !CHANCE.test(plain))
    return is(
      /\bin\b|inch/.test(all) ? "precipitationIn" : "precipitationMm",
      /precip|nedb|niederschlag/.test(plain) ? 2 : 1,
    );
  if (
    /^(date ?time|time|timestamp|valid.*|hour|hours|tid|tidspunkt|zeit|dt|epoch|when|dato ?tid|from|local ?time|time .*|.* time|tid .*|fra)$/.test(
      plain,
    )
  )
    return is("time", /sun|zone|offset/.test(plain) ? 0 : 1);
  if (/^(date|day|dato|datum|dag|tag)\b/.test(plain)) return is("date");
  if (/^(clock|kl|klokka|klokkeslett|klokken|uhrzeit|uhr|hh ?:? ?mm)\b/.test(plain)) return is("clock");
  return null;
}
