import type { ExpiredAir } from "./exchange/breathing";

/** What of the published body an outing changes; each switch is named in docs/method.md. */
export type BodyOptions = {
  /** Opening of the anastomoses by a warm trunk, 1/K; 0 as published. */
  readonly openingPerTrunkK: number;
  readonly shiveringCeiling: "none" | "tikuisis-giesbrecht-1999";
  readonly expiredAir: ExpiredAir;
  /** Of the step: 1 as published, 2 when each step knows the one before. */
  readonly order: 1 | 2;
};

/** JOS-3 as published. */
export const PUBLISHED_BODY: BodyOptions = {
  openingPerTrunkK: 0,
  shiveringCeiling: "none",
  expiredAir: "fixed-34",
  order: 1,
};

/** Outing mode, changes 3 to 6. K = 8 is an assumption (4–12 in the ensemble). */
export const OUTING_BODY: BodyOptions = {
  openingPerTrunkK: 8,
  shiveringCeiling: "tikuisis-giesbrecht-1999",
  expiredAir: "iso-11079",
  order: 2,
};
