import type { TripNight } from "@/core/trip";
import type { TripContent } from "../../trip/content-schema";
import type { OutingView } from "../outing/outing-view";

/** A trip in a list. */
export type TripLine = {
  readonly id: string;
  readonly name: string;
  readonly days: number;
  readonly startsAt: string | null;
};

/** A trip with its outings as they are now, in the order of their starts. */
export type TripView = {
  readonly id: string;
  readonly name: string;
  readonly version: number;
  readonly content: TripContent;
  readonly days: readonly { readonly outing: OutingView; readonly night: TripNight }[];
};

/** A trip as it was before it was saved again. */
export type TripPast = {
  readonly version: number;
  readonly savedAt: string;
  readonly name: string;
  readonly content: TripContent;
  readonly days: readonly { readonly outingId: string; readonly night: TripNight }[];
};
