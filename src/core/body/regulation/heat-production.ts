import { factorByAge, type AgeRows } from "../by-age";
import type { ErrorSignals } from "./error-signals";
import type { BodyPerson } from "../person";

const SHIVERING_GAIN_W_PER_K2 = 24.36;
const SHIVERING_AGE: AgeRows = [
  { belowYears: 30, factor: 1 },
  { belowYears: 40, factor: 0.97514 },
  { belowYears: 50, factor: 0.95028 },
  { belowYears: 60, factor: 0.92818 },
  { belowYears: 70, factor: 0.90055 },
  { belowYears: 80, factor: 0.86188 },
  { belowYears: Infinity, factor: 0.82597 },
];
const NON_SHIVERING_GAIN_W_PER_K = 2.8;
const BROWN_FAT_AGE: AgeRows = [
  { belowYears: 30, factor: 1.61 },
  { belowYears: 40, factor: 1 },
  { belowYears: Infinity, factor: 0.8 },
];
/** Share of people of an age in whom brown fat was found (JOS-3's default, "not known to be positive"). */
const BROWN_FAT_INCIDENCE: AgeRows = [
  { belowYears: 30, factor: 44 / 83 },
  { belowYears: 40, factor: 15 / 38 },
  { belowYears: 50, factor: 7 / 26 },
  { belowYears: Infinity, factor: 0 },
];

/**
 * Shivering signal for the whole body, W, before its shares.
 * @source JOS-3, Takahashi et al. 2021
 */
export const shiveringW = (errors: ErrorSignals, gainWPerK2: number): number =>
  Math.max(0, gainWPerK2 * errors.cold * -errors.coreK[0]!);

/** What shivering gains per K of cold and K of head core error at an age, W/K². @source JOS-3 */
export const shiveringGainAt = (ageYears: number, surfaceRatio: number): number =>
  SHIVERING_GAIN_W_PER_K2 * surfaceRatio * factorByAge(SHIVERING_AGE, ageYears);

/** Most heat from brown fat, W, of the standard surface. @source JOS-3 (Asaka 2016; Yoneshiro 2011) */
export function nonShiveringCeilingW({ heightM, massKg, ageYears }: BodyPerson): number {
  const bodyMassIndex = massKg / heightM ** 2;
  const brownFat =
    10 ** (-0.10502 * bodyMassIndex + 2.7708) *
    factorByAge(BROWN_FAT_AGE, ageYears) *
    factorByAge(BROWN_FAT_INCIDENCE, ageYears);
  return 1.8 * brownFat + 8.05;
}

/** Non-shivering signal for the whole body, W, before its shares. @source JOS-3, Takahashi et al. 2021 */
export const nonShiveringW = (errors: ErrorSignals, ceilingW: number, surfaceRatio: number): number =>
  Math.min(NON_SHIVERING_GAIN_W_PER_K * errors.cold, ceilingW) * surfaceRatio;

/**
 * Shivering a person can keep up, W per m² of skin.
 * @param trunkFallK trunk core under the person's own start, K: cores of people differ by half a degree
 * @param meanSkinC mean skin, °C
 * @param fatPercent fat share of the body, %
 * @source Tikuisis & Giesbrecht 1999, Eur J Appl Physiol 79 (coefficients as docs/method.md lists them)
 */
export function shiveringCeilingWPerM2(trunkFallK: number, meanSkinC: number, fatPercent: number): number {
  const skinDeficitK = Math.max(33 - meanSkinC, 0);
  const signal = 155.5 * trunkFallK + 47 * skinDeficitK - 1.57 * skinDeficitK ** 2;
  return Math.max(0, signal / Math.sqrt(fatPercent));
}
