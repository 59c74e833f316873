import type { BodyPerson } from "../person";

/** Whose form of the equation: as its authors print it, or as the published body's program carries it. */
export type BasalEquation = "printed" | "jos-3";

type Coefficients = {
  /** kcal a day: by itself, per kg, per m and per year. */
  readonly constant: number;
  readonly perKg: number;
  readonly perM: number;
  readonly perYear: number;
};
/** @source Roza & Shizgal 1984, Am J Clin Nutr 40:168; the program of JOS-3 differs in what a metre counts */
const MEN = { constant: 88.362, perKg: 13.397, perYear: -5.677 };
const WOMEN = { constant: 447.593, perKg: 9.247, perYear: -4.33 };
const COEFFICIENTS: Readonly<Record<BasalEquation, Readonly<Record<BodyPerson["sex"], Coefficients>>>> = {
  printed: { male: { ...MEN, perM: 479.9 }, female: { ...WOMEN, perM: 309.8 } },
  // A woman's heat comes out a fifth too high; kept in the published mode because agreement is the point.
  "jos-3": { male: { ...MEN, perM: 500.3 }, female: { ...WOMEN, perM: 479.9 } },
};
const W_PER_KCAL_PER_DAY: Readonly<Record<BasalEquation, number>> = {
  printed: 4186 / 86_400,
  "jos-3": 0.048, // as the published model rounds it
};

/**
 * Basal heat of the whole body, W.
 * @source Harris & Benedict as revised by Roza & Shizgal 1984
 */
export function basalHeatW({ heightM, massKg, ageYears, sex }: BodyPerson, equation: BasalEquation): number {
  const { constant, perKg, perM, perYear } = COEFFICIENTS[equation][sex];
  const kcalPerDay = constant + perKg * massKg + perM * heightM + perYear * ageYears;
  return kcalPerDay * W_PER_KCAL_PER_DAY[equation];
}
