import type { Clock, Decimal, FirstDay, Theme } from "../preferences";
import type { Quantity } from "../units";

export const THEME_WORDS: Readonly<Record<Theme, string>> = {
  system: "as the device",
  light: "light",
  dark: "dark",
  red: "red, for the night",
};

export const QUANTITY_WORDS: Readonly<Record<Quantity, string>> = {
  temperature: "Temperature",
  wind: "Wind",
  length: "Lengths: people, snow, ice",
  height: "Heights above ground and sea",
  distance: "Distances",
  mass: "Body weight and loads",
  smallMass: "Weight of clothes",
  areal: "Weight of cloth and filling",
  thickness: "Thickness",
  insulation: "Insulation",
};

/** A unit as it is chosen: its sign and its name. */
export const UNIT_WORDS: Readonly<Record<string, string>> = {
  C: "°C, Celsius",
  F: "°F, Fahrenheit",
  "m/s": "m/s, metres a second",
  "km/h": "km/h",
  mph: "mph, miles an hour",
  kn: "kn, knots",
  cm: "cm",
  in: "inches",
  m: "m",
  ft: "feet",
  km: "km",
  mi: "miles",
  kg: "kg",
  lb: "pounds",
  g: "g",
  oz: "ounces",
  "g/m²": "g/m²",
  "oz/yd²": "oz/yd²",
  mm: "mm",
  clo: "clo",
  "m²K/W": "m²K/W",
};

export const CLOCK_WORDS: Readonly<Record<Clock, string>> = { "24": "24 hours (17:30)", "12": "12 hours (5:30 pm)" };
export const FIRST_DAY_WORDS: Readonly<Record<FirstDay, string>> = {
  monday: "Monday",
  sunday: "Sunday",
  saturday: "Saturday",
};
export const DECIMAL_WORDS: Readonly<Record<Decimal, string>> = { point: "a point (0.5)", comma: "a comma (0,5)" };
