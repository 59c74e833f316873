import type { OutingLine } from "./outing-view";

/** What a new outing can start from. */
export type StartingPoints = {
  readonly people: readonly { readonly id: string; readonly name: string }[];
  readonly places: readonly { readonly id: string; readonly name: string; readonly timeZone: string }[];
  readonly outings: readonly Omit<OutingLine, "verdict" | "isRecomputing" | "partyId" | "inventedWeather">[];
};
