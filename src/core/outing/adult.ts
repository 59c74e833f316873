import type { BodyPerson } from "../body";
import { levelEverywhere, type AcceptedLevels } from "../limits";

export const ADULT_FROM_YEARS = 18;
export const ADULT_FROM_KG = 45;

/** Below 18 years or 45 kg the published body is extrapolated. */
export const isExtrapolated = ({ ageYears, massKg }: Pick<BodyPerson, "ageYears" | "massKg">): boolean =>
  ageYears < ADULT_FROM_YEARS || massKg < ADULT_FROM_KG;

/**
 * Levels of a person who has chosen none: cold, and comfort for whoever lies outside the adult model, so that children
 * are called in earlier.
 */
export const usualLevels = (person: Pick<BodyPerson, "ageYears" | "massKg">): AcceptedLevels =>
  levelEverywhere(isExtrapolated(person) ? "comfort" : "cold");
