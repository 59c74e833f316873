import type { Caution } from "./adult";

/** How warm people say they are, compared with others dressed alike. */
export const FEELS = ["cold", "usual", "warm"] as const;
export type Feels = (typeof FEELS)[number];

/** One standard deviation of basal heat and of the digits' blood among people, as shares of the middle (assumption, docs/method.md). */
export const SPREAD_OF_PEOPLE = { basalHeat: 0.08, digitFlow: 0.25 } as const;

const TOWARDS: Readonly<Record<Feels, number>> = { cold: -1, usual: 0, warm: 1 };

/**
 * What a person's own word makes of the heat and the blood of the digits: who always freezes first, or never, is taken to
 * lie one standard deviation off the middle (assumption).
 */
export const natureByOwnWord = (feels: Feels = "usual"): Caution => ({
  basalHeatFactor: 1 + TOWARDS[feels] * SPREAD_OF_PEOPLE.basalHeat,
  digitFlowFactor: 1 + TOWARDS[feels] * SPREAD_OF_PEOPLE.digitFlow,
});
