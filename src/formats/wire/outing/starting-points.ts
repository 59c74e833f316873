import type { Position } from "../../position/read-position";
import type { OutingLine } from "./outing-view";

export type PersonToStartWith = {
  readonly id: string;
  readonly name: string;
  /** Outfits by name, to be worn at once. */
  readonly outfits: readonly { readonly id: string; readonly name: string }[];
  /** The outing whose clothes can be worn again; `null` where none was worn. */
  readonly last: { readonly id: string; readonly name: string } | null;
};

export type PlaceToStartWith = {
  readonly id: string;
  readonly name: string;
  readonly timeZone: string;
  /** `null`: no sun, no forecast. */
  readonly position: Position | null;
};

/** What a new outing can start from: nobody and nothing that is retired. */
export type StartingPoints = {
  readonly people: readonly PersonToStartWith[];
  readonly places: readonly PlaceToStartWith[];
  readonly outings: readonly Omit<OutingLine, "verdict" | "isRecomputing" | "partyId" | "inventedWeather">[];
};
