import { bodyParameters, type BodyPerson } from "../body";
import { levelEverywhere, type AcceptedLevels } from "../limits";

export const ADULT_FROM_YEARS = 18;
export const ADULT_FROM_KG = 45;

/** Below 18 years or 45 kg the published body is extrapolated. */
export const isExtrapolated = ({ ageYears, massKg }: Pick<BodyPerson, "ageYears" | "massKg">): boolean =>
  ageYears < ADULT_FROM_YEARS || massKg < ADULT_FROM_KG;

/** An adult of ordinary size, for the heat a child is granted and for the cloth of what is sold in sizes (assumption). */
export const ORDINARY_ADULT = { heightM: 1.75, massKg: 72, fatPercent: 20, ageYears: 30 } as const;
/** Blood to the digits of who lies outside the adult model, over the model's: smaller hands and feet cool faster (assumption). */
export const FLOW_OUTSIDE_ADULTS = 0.7;

const restingWPerM2 = (body: BodyPerson): number => {
  const { basalHeatW, surfaceM2 } = bodyParameters(body);
  return basalHeatW / surfaceM2;
};

/** What is taken from the model's heat and blood of a person it was not made for. */
export type Caution = { readonly basalHeatFactor: number; readonly digitFlowFactor: number };

/**
 * Outside the adult model nothing is granted that only its extrapolation gives: no more heat for the skin than an adult
 * makes, and less blood to fingers and toes. Children are known to cool faster than adults dressed alike.
 * @source assumption, on the safe side; common practice that children need more
 */
export function cautionOutsideAdults(body: BodyPerson): Caution {
  if (!isExtrapolated(body)) return { basalHeatFactor: 1, digitFlowFactor: 1 };
  const adult = restingWPerM2({ ...ORDINARY_ADULT, sex: body.sex });
  return { basalHeatFactor: Math.min(1, adult / restingWPerM2(body)), digitFlowFactor: FLOW_OUTSIDE_ADULTS };
}

/**
 * Levels of a person who has chosen none: cold, and comfort for whoever lies outside the adult model, so that children
 * are called in earlier.
 */
export const usualLevels = (person: Pick<BodyPerson, "ageYears" | "massKg">): AcceptedLevels =>
  levelEverywhere(isExtrapolated(person) ? "comfort" : "cold");
