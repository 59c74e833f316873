import { isOfGroup } from "../limits";
import { isExtrapolated, type Outing } from "../outing";
import { spareMinutes, type SitAnswer } from "../simulation";
import type { StandardOpinion } from "./standard-opinion";

/** Why staying at home is the answer, or why to think again. */
export type StayReason = "arrivesNumb" | "arrivesTooHot" | "frostbiteHazard" | "hardLimitSoon" | "motionlessInDeepCold";

export type GoOrStay =
  | { readonly kind: "go" }
  | { readonly kind: "short"; readonly missingMinutes: number }
  | { readonly kind: "stay"; readonly reasons: readonly StayReason[] };

/** Bare skin may freeze in ten minutes or less from here on. */
const HAZARDS_TO_STAY = ["frostbiteIn5To10", "frostbiteIn2To5", "frostbiteUnder2"] as const;
/** A sit whose hard limits come before this is not worth the way (assumption). */
export const HARD_LIMIT_SOON_MINUTES = 30;
/** Motionless on a bucket below this experienced anglers stay at home (common practice, no source). */
export const MOTIONLESS_BELOW_C = -18;
const MOTIONLESS_RATE_W_PER_M2 = 75;

function stayReasons(sit: SitAnswer, opinion: StandardOpinion): StayReason[] {
  const { hard } = sit.byLevel;
  const { means } = opinion;
  const isMotionless = means.metabolicRateWPerM2 <= MOTIONLESS_RATE_W_PER_M2;
  const found: readonly (readonly [StayReason, boolean])[] = [
    ["arrivesNumb", hard.kind === "arrivesTooCold" && !isOfGroup(hard.crossing.limit, "heat")],
    ["arrivesTooHot", hard.kind === "arrivesTooCold" && isOfGroup(hard.crossing.limit, "heat")],
    ["hardLimitSoon", hard.kind === "ends" && hard.minutesStill < HARD_LIMIT_SOON_MINUTES],
    ["frostbiteHazard", HAZARDS_TO_STAY.some((hazard) => hazard === opinion.windChillHazard)],
    ["motionlessInDeepCold", isMotionless && means.airTemperatureC < MOTIONLESS_BELOW_C],
  ];
  return found.flatMap(([reason, holds]) => (holds ? [reason] : []));
}

/**
 * Whether to go: stay when it is dangerous, short when the plan does not hold, go otherwise.
 * @param spare minutes the figure told leaves beyond the plan, so that both say the same; those of the single run where none is given
 */
export function goOrStay(sit: SitAnswer, opinion: StandardOpinion, spare: number = spareMinutes(sit)): GoOrStay {
  const reasons = stayReasons(sit, opinion);
  if (reasons.length > 0) return { kind: "stay", reasons };
  return spare < 0 ? { kind: "short", missingMinutes: -spare } : { kind: "go" };
}

/** What has to be said beside an answer. */
export type Caution = "outsideAdultModel" | "askADoctorAboutColdHands";

export const cautionsOf = ({ person }: Outing): Caution[] => [
  ...(isExtrapolated(person.body) ? (["outsideAdultModel"] as const) : []),
  ...(person.coldHands ? (["askADoctorAboutColdHands"] as const) : []),
];
