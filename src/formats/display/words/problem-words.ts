import type { WearingProblemKind } from "@/core/dressing";

/** Why something cannot be worn as planned, and the way out. */
export type ProblemWords = { readonly reason: string; readonly wayOut: string };

const WORDS: Readonly<Record<WearingProblemKind, (other: string) => ProblemWords>> = {
  legsOverBoots: (boot) => ({
    reason: `does not open over boots, and ${boot} is on by then`,
    wayOut: "Put it on before the boots, wear it all day, or take legwear with full side zips.",
  }),
  twoBoots: (boot) => ({
    reason: `two pairs of boots at once: ${boot} is on too`,
    wayOut: "End one where the other begins.",
  }),
  bootTooFull: (sock) => ({
    reason: `too little room with ${sock}: socks are pressed and blood is held back`,
    wayOut: "Leave a sock out, or take a boot a size up: tight is worse than thin.",
  }),
  manySocks: (sock) => ({
    reason: `more than two socks inside, ${sock} outermost`,
    wayOut: "Try whether the toes still move freely with all of them on; give the boot's room to have it computed.",
  }),
  mittInGlove: (glove) => ({
    reason: `fingers lying together cannot go into ${glove}`,
    wayOut: "Wear the glove under the mitt: exchange their order.",
  }),
  strapThroughCollar: (harness) => ({
    reason: `the strap of ${harness} would leave through the collar`,
    wayOut: "Take a jacket with a slot for the strap, or wear the harness over it as its maker allows.",
  }),
};

export const problemWords = (kind: WearingProblemKind, otherName: string): ProblemWords => WORDS[kind](otherName);
