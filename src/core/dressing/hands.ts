import type { Side } from "../patches";
import type { Doing, OutingPerson } from "../outing";
import { CHANGING_DEXTERITY } from "./changing";
import type { Piece } from "../pieces";

/** Dexterity a task asks of each hand; 0 asks nothing. */
export type HandsNeeded = Readonly<Record<Side, number>>;

export const NO_HANDS: HandsNeeded = { left: 0, right: 0 };

/** Dexterity of handwear whose figure is not known: a mitt grips, a glove works zips (assumption). */
const USUAL_DEXTERITY = { mitt: 1, glove: 2 } as const;
/** Tasks ask for this when they name hands and nothing more. */
const USUAL_NEED = 3;
const USUAL_WORKING_HAND: Side = "right";

/** What a doing asks of each hand of a person. */
export function handsNeeded(doing: Doing, { workingHand = USUAL_WORKING_HAND }: OutingPerson): HandsNeeded {
  const { hands = "none", dexterityNeeded = USUAL_NEED } = doing;
  if (hands === "none") return NO_HANDS;
  if (hands === "both") return { left: dexterityNeeded, right: dexterityNeeded };
  return { ...NO_HANDS, [workingHand]: dexterityNeeded };
}

/** What fingers can do in a piece; only handwear hinders them. */
export const dexterityOf = ({ dexterity, fingersTogether }: Piece): number =>
  dexterity ?? (fingersTogether ? USUAL_DEXTERITY.mitt : USUAL_DEXTERITY.glove);

/** The same with both hands free enough to change clothes. */
export const withFreeHands = (needed: HandsNeeded): HandsNeeded => ({
  left: Math.max(needed.left, CHANGING_DEXTERITY),
  right: Math.max(needed.right, CHANGING_DEXTERITY),
});
