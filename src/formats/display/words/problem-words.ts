import * as m from "@/messages";
import type { WearingProblemKind } from "@/core/dressing";

/** Why something cannot be worn as planned, and the way out. */
export type ProblemWords = { readonly reason: string; readonly wayOut: string };

const WORDS: Readonly<Record<WearingProblemKind, (other: string) => ProblemWords>> = {
  legsOverBoots: (boot) => ({
    reason: m.doesNotOpenOverBootsAnd({ boot }),
    wayOut: m.putItOnBeforeTheBoots,
  }),
  twoBoots: (boot) => ({
    reason: m.twoPairsOfBootsAtOnce({ boot }),
    wayOut: m.endOneWhereTheOtherBegins,
  }),
  bootTooFull: (sock) => ({
    reason: m.tooLittleRoomWithSocksAre({ sock }),
    wayOut: m.leaveASockOutOrTake,
  }),
  manySocks: (sock) => ({
    reason: m.moreThanTwoSocksInsideOutermost({ sock }),
    wayOut: m.tryWhetherTheToesStillMove,
  }),
  mittInGlove: (glove) => ({
    reason: m.fingersLyingTogetherCannotGoInto({ glove }),
    wayOut: m.wearTheGloveUnderTheMitt,
  }),
  strapThroughCollar: (harness) => ({
    reason: m.theStrapOfWouldLeaveThrough({ harness }),
    wayOut: m.takeAJacketWithASlot,
  }),
};

export const problemWords = (kind: WearingProblemKind, otherName: string): ProblemWords => WORDS[kind](otherName);
