import type { Caution } from "./adult";

/** How warm people say they are, compared with others dressed alike. */
export const FEELS = ["cold", "usual", "warm"] as const;
export type Feels = (typeof FEELS)[number];

/** Who always freezes first, or never, is taken to lie one standard deviation of the range's own spread off the middle. */
export const FEELS_HEAT_SHARE = 0.08;
export const FEELS_FLOW_SHARE = 0.25;

const TOWARDS: Readonly<Record<Feels, number>> = { cold: -1, usual: 0, warm: 1 };

/** What a person's own word makes of the heat and the blood of the digits (assumption). */
export const natureByOwnWord = (feels: Feels = "usual"): Caution => ({
  basalHeatFactor: 1 + TOWARDS[feels] * FEELS_HEAT_SHARE,
  digitFlowFactor: 1 + TOWARDS[feels] * FEELS_FLOW_SHARE,
});
