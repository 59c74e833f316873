/** What a secret address shows of an outing: the plan as it is left with somebody, or the field card. */
export const LINK_KINDS = ["plan", "card"] as const;
export type LinkKind = (typeof LINK_KINDS)[number];
