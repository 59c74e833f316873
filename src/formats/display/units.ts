/** Units a person may choose; the core knows SI only. */
export const TEMPERATURE_UNITS = ["C", "F"] as const;
export type TemperatureUnit = (typeof TEMPERATURE_UNITS)[number];

export const WIND_UNITS = ["m/s", "km/h", "mph"] as const;
export type WindUnit = (typeof WIND_UNITS)[number];

export type Quantity = "temperature" | "wind";

type Conversion = {
  readonly label: string;
  readonly step: number;
  readonly fromSi: (si: number) => number;
  readonly toSi: (shown: number) => number;
};

const KMH_PER_MS = 3.6; // exact
const MPH_PER_MS = 3600 / 1609.344; // exact: the international mile

export const TEMPERATURE: Readonly<Record<TemperatureUnit, Conversion>> = {
  C: { label: "°C", step: 0.5, fromSi: (celsius) => celsius, toSi: (shown) => shown },
  F: { label: "°F", step: 1, fromSi: (celsius) => celsius * 1.8 + 32, toSi: (shown) => (shown - 32) / 1.8 },
};

export const WIND: Readonly<Record<WindUnit, Conversion>> = {
  "m/s": { label: "m/s", step: 0.5, fromSi: (speed) => speed, toSi: (shown) => shown },
  "km/h": { label: "km/h", step: 1, fromSi: (speed) => speed * KMH_PER_MS, toSi: (shown) => shown / KMH_PER_MS },
  mph: { label: "mph", step: 1, fromSi: (speed) => speed * MPH_PER_MS, toSi: (shown) => shown / MPH_PER_MS },
};
