import type { BodyPerson } from "./person";

const W_PER_KCAL_PER_DAY = 0.048; // as the published model rounds it

/**
 * Basal heat of the whole body, W.
 * @source Harris & Benedict as revised by Roza & Shizgal 1984, in JOS-3's form
 */
export function basalHeatW({ heightM, massKg, ageYears, sex }: BodyPerson): number {
  const kcalPerDay =
    sex === "male"
      ? 88.362 + 13.397 * massKg + 500.3 * heightM - 5.677 * ageYears
      : 447.593 + 9.247 * massKg + 479.9 * heightM - 4.33 * ageYears;
  return kcalPerDay * W_PER_KCAL_PER_DAY;
}
