import { seededRandom } from "../numeric";
import { AS_READ, NOBODY_IN_PARTICULAR, traitsOf, wornAsLearnt, type Learnt } from "../outing";
import { drawnFrom, NO_CHANCE } from "../range";
import type { ToldSit } from "./fit-logbook";
import { SitAgain, type SitMeasures } from "./sit-measures";

const LEARNT_PARTS = ["toes", "fingers", "body"] as const;
export type LearntPart = (typeof LEARNT_PARTS)[number];

/** How long a part stays warm over what it does for people in general in clothes as read: 0.8 is a fifth sooner. */
export type LearntShare = {
  readonly part: LearntPart;
  readonly low: number;
  readonly middle: number;
  readonly high: number;
};

const LN: Readonly<Record<LearntPart, (measures: SitMeasures) => number>> = {
  toes: ({ lnToes }) => lnToes,
  fingers: ({ lnFingers }) => lnFingers,
  body: ({ lnBody }) => lnBody,
};
const MEMBERS = 40;
const SEED = 2;

/**
 * What was learnt, as what it comes to in minutes on a sit: notes tell how soon parts are cold, and hardly whether blood,
 * boots or what somebody calls cold is why.
 * @throws {CoreError} as `simulateOuting` does
 */
export function learntInMinutes(learnt: Learnt, { outing, felt }: ToldSit): LearntShare[] {
  const again = new SitAgain(outing, felt.minutes);
  const usual = again.measures(NOBODY_IN_PARTICULAR, AS_READ, NO_CHANCE);
  const random = seededRandom(SEED);
  const draw = drawnFrom(learnt, outing);
  const members = Array.from({ length: MEMBERS }, () => {
    const own = draw(random);
    return again.measures(traitsOf(own), wornAsLearnt(own, outing), NO_CHANCE);
  });
  return LEARNT_PARTS.map((part) => {
    const shares = members.map((own) => Math.exp(LN[part](own) - LN[part](usual))).sort((one, other) => one - other);
    const at = (share: number): number => shares[Math.round(share * (shares.length - 1))]!;
    return { part, low: at(0.1), middle: at(0.5), high: at(0.9) };
  });
}
