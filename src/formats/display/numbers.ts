import { MINOR_PER_UNIT } from "../../core/pieces";
import { shownAs } from "./style";
import { TEMPERATURE, WIND, type TemperatureUnit, type WindUnit } from "./units";

const MINUS = "−";

/** Digits as the reader writes numbers. */
const written = (digits: string): string =>
  (shownAs().decimal === "comma" ? digits.replace(".", ",") : digits).replace("-", MINUS);

/** A number with at most so many decimals, a true minus sign and no negative zero. */
export function plainNumber(value: number, decimals: number): string {
  const rounded = Number(value.toFixed(decimals)) || 0;
  return written(String(rounded));
}

/** The same with all its decimals, for figures that stand in columns or beside a spread. */
export const fixedNumber = (value: number, decimals: number): string =>
  written((Math.abs(value) < 0.5 * 10 ** -decimals ? 0 : value).toFixed(decimals));

/** "−12 °C"; whole degrees unless told otherwise: forecasts claim no more. */
export const temperatureText = (celsius: number, unit: TemperatureUnit, decimals = 0): string =>
  `${plainNumber(TEMPERATURE[unit].fromSi(celsius), decimals)} ${TEMPERATURE[unit].label}`;

/** "−12°", where the unit stands elsewhere. */
export const degreesText = (celsius: number, unit: TemperatureUnit, decimals = 0): string =>
  `${plainNumber(TEMPERATURE[unit].fromSi(celsius), decimals)}°`;

/** "4 m/s" */
export const windText = (metresPerSecond: number, unit: WindUnit, decimals = 0): string =>
  `${plainNumber(WIND[unit].fromSi(metresPerSecond), decimals)} ${WIND[unit].label}`;

/** Money in minor units: "85 €" in whole units, as kit is priced. */
export function moneyText(minor: number, currency: string): string {
  const isSmall = Math.abs(minor) < CENTS_COUNT_BELOW * MINOR_PER_UNIT && minor % MINOR_PER_UNIT !== 0;
  const key = `${currency} ${isSmall}`;
  const format =
    moneyFormats.get(key) ??
    new Intl.NumberFormat("en-GB", {
      style: "currency",
      currency,
      minimumFractionDigits: isSmall ? 2 : 0,
      maximumFractionDigits: isSmall ? 2 : 0,
    });
  moneyFormats.set(key, format);
  return format.format(minor / MINOR_PER_UNIT);
}
/** Of less than so much money the hundredths are told. */
const CENTS_COUNT_BELOW = 10;
/** Kept by currency and whether hundredths are told: making one costs more than a row of a table. */
const moneyFormats = new Map<string, Intl.NumberFormat>();
