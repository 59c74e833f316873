import { assertInRange, type Range } from "../errors";

export type Sex = "female" | "male";

/** What the published body needs to know of a person. */
export type BodyPerson = {
  readonly heightM: number;
  readonly massKg: number;
  readonly fatPercent: number;
  readonly ageYears: number;
  readonly sex: Sex;
};

/** Ranges of a person; below 18 years or 45 kg the adult model is extrapolated and must say so. */
export const PERSON_RANGE = {
  heightM: [1.0, 2.3],
  massKg: [20, 220],
  fatPercent: [3, 60],
  ageYears: [6, 100],
} as const satisfies Record<string, Range>;

/** @throws {CoreError} `out-of-range` when a figure leaves PERSON_RANGE */
export function assertPerson(person: BodyPerson): void {
  assertInRange("heightM", person.heightM, PERSON_RANGE.heightM);
  assertInRange("massKg", person.massKg, PERSON_RANGE.massKg);
  assertInRange("fatPercent", person.fatPercent, PERSON_RANGE.fatPercent);
  assertInRange("ageYears", person.ageYears, PERSON_RANGE.ageYears);
}

/** Body surface, m². @source Du Bois & Du Bois 1916, as JOS-3 uses it */
export const bodySurfaceM2 = (person: Pick<BodyPerson, "heightM" | "massKg">): number =>
  0.2025 * person.heightM ** 0.725 * person.massKg ** 0.425;
