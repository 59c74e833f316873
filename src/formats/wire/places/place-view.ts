import type { PlaceSetting } from "@/core/outing";

/** A place as new outings start from it. */
export type PlaceContent = {
  readonly name: string;
  /** IANA name of its clock. */
  readonly timeZone: string;
  readonly setting: PlaceSetting;
};

export type PlaceView = PlaceContent & {
  readonly id: string;
  readonly version: number;
  /** Not offered any more. */
  readonly retired: boolean;
  /** Outings that were there. */
  readonly outings: number;
};
