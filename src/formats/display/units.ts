import * as m from "@/messages";
import { cloFromInsulation, insulationFromClo } from "../../core/units";

// Units a person may choose, by what is measured; the core knows SI only. Factors are exact unless they say otherwise.

/** One unit of a quantity: how it is written, what an arrow key adds, how many decimals are claimed. */
export type Unit = {
  readonly label: string;
  readonly step: number;
  readonly decimals: number;
  readonly fromSi: (si: number) => number;
  readonly toSi: (shown: number) => number;
};

const times = (label: string, perSi: number, step: number, decimals: number): Unit => ({
  label,
  step,
  decimals,
  fromSi: (si) => si * perSi,
  toSi: (shown) => shown / perSi,
});

const M_PER_INCH = 0.0254;
const M_PER_FOOT = 0.3048;
const M_PER_MILE = 1609.344;
const M_PER_NAUTICAL_MILE = 1852;
const M2_PER_YARD2 = 0.9144 ** 2;
const KG_PER_POUND = 0.45359237;
const G_PER_OUNCE = 28.349523125;
const S_PER_H = 3600;
const M_PER_KM = 1000;
const CM_PER_M = 100;
const MM_PER_INCH = 25.4;

/** Base units: °C, K, m/s, m, kg, g, g/m², mm, m²·K/W. */
export const QUANTITIES = {
  temperature: {
    C: times("°C", 1, 0.5, 1),
    F: {
      label: "°F",
      step: 1,
      decimals: 1,
      fromSi: (celsius) => celsius * 1.8 + 32,
      toSi: (shown) => (shown - 32) / 1.8,
    },
  },
  wind: {
    "m/s": times("m/s", 1, 0.5, 1),
    "km/h": times(m.kmH, S_PER_H / M_PER_KM, 1, 1),
    mph: times("mph", S_PER_H / M_PER_MILE, 1, 1),
    kn: times("kn", S_PER_H / M_PER_NAUTICAL_MILE, 1, 1),
  },
  /** Of people and things: girths, depth of snow. */
  length: { cm: times("cm", CM_PER_M, 1, 0), in: times("in", 1 / M_PER_INCH, 1, 1) },
  /** Above ground or sea. */
  height: { m: times("m", 1, 0.5, 1), ft: times("ft", 1 / M_PER_FOOT, 1, 0) },
  distance: { km: times("km", 1 / M_PER_KM, 0.1, 2), mi: times("mi", 1 / M_PER_MILE, 0.1, 2) },
  mass: { kg: times("kg", 1, 1, 1), lb: times("lb", 1 / KG_PER_POUND, 1, 1) },
  smallMass: { g: times("g", 1, 10, 0), oz: times("oz", 1 / G_PER_OUNCE, 0.5, 1) },
  areal: { "g/m²": times("g/m²", 1, 10, 0), "oz/yd²": times("oz/yd²", M2_PER_YARD2 / G_PER_OUNCE, 0.5, 1) },
  thickness: { mm: times("mm", 1, 0.5, 1), in: times("in", 1 / MM_PER_INCH, 0.05, 2) },
  insulation: {
    clo: { label: "clo", step: 0.1, decimals: 2, fromSi: cloFromInsulation, toSi: insulationFromClo },
    "m²K/W": times("m²K/W", 1, 0.01, 3),
  },
} as const satisfies Record<string, Record<string, Unit>>;

export type Quantity = keyof typeof QUANTITIES;
export const QUANTITY_NAMES = Object.keys(QUANTITIES) as Quantity[];
export type UnitOf<Of extends Quantity> = keyof (typeof QUANTITIES)[Of] & string;
/** A unit for every quantity. */
export type UnitChoices = { readonly [Of in Quantity]: UnitOf<Of> };

export const unitsOf = <Of extends Quantity>(quantity: Of): UnitOf<Of>[] =>
  Object.keys(QUANTITIES[quantity]) as UnitOf<Of>[];

/** The unit chosen for a quantity. */
export const unitOf = <Of extends Quantity>(quantity: Of, choices: Pick<UnitChoices, Of>): Unit =>
  (QUANTITIES[quantity] as Record<string, Unit>)[choices[quantity]]!;

export const METRIC: UnitChoices = {
  temperature: "C",
  wind: "m/s",
  length: "cm",
  height: "m",
  distance: "km",
  mass: "kg",
  smallMass: "g",
  areal: "g/m²",
  thickness: "mm",
  insulation: "clo",
};
/** As they are customary in the United States. */
export const CUSTOMARY: UnitChoices = {
  temperature: "F",
  wind: "mph",
  length: "in",
  height: "ft",
  distance: "mi",
  mass: "lb",
  smallMass: "oz",
  areal: "oz/yd²",
  thickness: "in",
  insulation: "clo",
};

export const TEMPERATURE = QUANTITIES.temperature;
export type TemperatureUnit = UnitOf<"temperature">;
export const TEMPERATURE_UNITS = unitsOf("temperature");
export const WIND = QUANTITIES.wind;
export type WindUnit = UnitOf<"wind">;
export const WIND_UNITS = unitsOf("wind");

/** What a figure of the core is a figure of, by the unit the core has it in. */
export const QUANTITY_OF_UNIT = { "g/m²": "areal", mm: "thickness", g: "smallMass" } as const satisfies Record<
  string,
  Quantity
>;
