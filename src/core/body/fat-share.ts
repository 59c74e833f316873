import { clamp } from "../numeric";
import { PERSON_RANGE, type BodyPerson, type Sex } from "./person";

// What share of a body is fat, for who has never had it measured: each way is a guess, some less rough than others.

const CM_PER_M = 100;
const MOST_CHILD_YEARS = 15;

const inRange = (fatPercent: number): number => clamp(fatPercent, ...PERSON_RANGE.fatPercent);

/**
 * Fat share from height, mass, age and sex alone, %: some 4 points to either side for most, far more for the muscular.
 * @source Deurenberg, Weststrate & Seidell 1991, Br J Nutr 65: 105–114 (coefficients from memory)
 */
export function fatPercentFromMassIndex({ heightM, massKg, ageYears, sex }: Omit<BodyPerson, "fatPercent">): number {
  const index = massKg / heightM ** 2;
  const male = sex === "male" ? 1 : 0;
  return inRange(
    ageYears <= MOST_CHILD_YEARS
      ? 1.51 * index - 0.7 * ageYears - 3.6 * male + 1.4
      : 1.2 * index + 0.23 * ageYears - 10.8 * male - 5.4,
  );
}

/** Girths that are taken with a tape, m; the hips count for women only. */
export type Girths = { readonly waistM: number; readonly neckM: number; readonly hipM: number };

export const GIRTH_RANGE = { waistM: [0.4, 2], neckM: [0.2, 0.7], hipM: [0.5, 2] } as const;

/** Fat share of a body of a density in g/cm³, %. @source Siri 1961 */
const fatPercentOfDensity = (gPerCm3: number): number => 495 / gPerCm3 - 450;

/**
 * Fat share from girths, %: some 3.5 points to either side for most adults.
 * @returns `null` where the girths cannot be of one person (a waist thinner than the neck)
 * @source Hodgdon & Beckett 1984, Naval Health Research Center reports 84-11 (men) and 84-29 (women) (from memory)
 */
export function fatPercentFromGirths(sex: Sex, heightM: number, { waistM, neckM, hipM }: Girths): number | null {
  const around = (sex === "male" ? waistM : waistM + hipM) - neckM;
  if (waistM <= neckM) return null;
  const girth = Math.log10(around * CM_PER_M);
  const height = Math.log10(heightM * CM_PER_M);
  return inRange(
    fatPercentOfDensity(
      sex === "male" ? 1.0324 - 0.19077 * girth + 0.15456 * height : 1.29579 - 0.35004 * girth + 0.221 * height,
    ),
  );
}

/** Figures to point at, from thin to stout. */
export const FIGURES = ["thin", "lean", "ordinary", "round", "stout"] as const;
export type Figure = (typeof FIGURES)[number];

/** Fat share that a figure stands for, % (assumption, spread over what adults have). */
export const FAT_PERCENT_OF_FIGURE: Readonly<Record<Sex, Readonly<Record<Figure, number>>>> = {
  female: { thin: 18, lean: 23, ordinary: 29, round: 36, stout: 44 },
  male: { thin: 9, lean: 14, ordinary: 20, round: 27, stout: 35 },
};

/** The figure nearest to a fat share. */
export const figureOf = (sex: Sex, fatPercent: number): Figure =>
  FIGURES.reduce((nearest, figure) =>
    Math.abs(FAT_PERCENT_OF_FIGURE[sex][figure] - fatPercent) <
    Math.abs(FAT_PERCENT_OF_FIGURE[sex][nearest] - fatPercent)
      ? figure
      : nearest,
  );
