import { LIMIT_TABLE, type Bounds, type Level } from "../limits";
import { traitsOf, type Learnt, type PersonTraits } from "../outing";
import type { FeltAt } from "./sit-watches";

/** Mean skin at which nobody feels cold, °C: what somebody bears is counted from it (assumption). */
const COMFORTABLE_SKIN_C = 33;

/** Levels as they are felt; the hard ones are everybody's, whatever one feels. */
const felt = (limit: "toes" | "fingers" | "shivering" | "meanSkin", change: (value: number) => number): Bounds => {
  const { beyond, value } = LIMIT_TABLE[limit];
  const moved = (level: Level): number => {
    const own = change(value[level]);
    return beyond === "below" ? Math.max(own, value.hard) : Math.min(own, value.hard);
  };
  return { beyond, value: { comfort: moved("comfort"), cold: moved("cold"), hard: value.hard } };
};

/** Where this person calls parts cold. The face's levels are everybody's. */
export function feltAt({ feltToesK, feltFingersK, lnTolerance }: PersonTraits) {
  const bears = Math.exp(lnTolerance);
  return {
    toes: felt("toes", (value) => value + feltToesK),
    fingers: felt("fingers", (value) => value + feltFingersK),
    shivering: felt("shivering", (value) => value * bears),
    meanSkin: felt("meanSkin", (value) => COMFORTABLE_SKIN_C - (COMFORTABLE_SKIN_C - value) * bears),
  } satisfies FeltAt;
}

/** Where who was learnt of calls parts cold; as others do where nothing was. */
export const feltAtBy = (learnt: Learnt | undefined): FeltAt => (learnt ? feltAt(traitsOf(learnt)) : {});
