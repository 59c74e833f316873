import * as m from "@/messages";
import type { Clock, Decimal, FirstDay } from "../preferences";
import type { Quantity } from "../units";

export const QUANTITY_WORDS: Readonly<Record<Quantity, string>> = {
  temperature: m.temperature,
  wind: m.windTitle,
  length: m.lengthsPeopleSnowIce,
  height: m.heightsAboveGroundAndSea,
  distance: m.distances,
  mass: m.bodyWeightAndLoads,
  smallMass: m.weightOfClothes,
  areal: m.weightOfClothAndFilling,
  thickness: m.thickness,
  insulation: m.insulation,
};

/** A unit as it is chosen: its sign and its name. */
export const UNIT_WORDS: Readonly<Record<string, string>> = {
  C: m.cCelsius,
  F: m.fFahrenheit,
  "m/s": m.mSMetresASecond,
  "km/h": m.kmH,
  mph: m.mphMilesAnHour,
  kn: m.knKnots,
  cm: m.cm,
  in: m.inches,
  m: "m",
  ft: m.feet,
  km: m.km,
  mi: m.miles,
  kg: m.kg,
  lb: m.pounds,
  g: "g",
  oz: m.ounces,
  "g/m²": "g/m²",
  "oz/yd²": m.ozYd,
  mm: "mm",
  clo: m.clo,
  "m²K/W": "m²K/W",
};

export const CLOCK_WORDS: Readonly<Record<Clock, string>> = { "24": m.hours1730, "12": m.hours530Pm };
export const FIRST_DAY_WORDS: Readonly<Record<FirstDay, string>> = {
  monday: m.monday,
  sunday: m.sunday,
  saturday: m.saturday,
};
export const DECIMAL_WORDS: Readonly<Record<Decimal, string>> = { point: m.aPoint05, comma: m.aComma05 };
