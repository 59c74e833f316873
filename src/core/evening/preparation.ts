import type { Range } from "../errors";
import type { TrackPoint } from "../track";

/** The run of a forecast service that the hours were taken from. */
export type ForecastTaken = {
  readonly service: string;
  readonly issuedAt: string;
  /** Made up by the program: said wherever the outing is shown. */
  readonly invented: boolean;
};

/** Who knows of the outing, and when they are to call for help. */
export type LeftWith = {
  readonly name: string;
  /** How they are reached, in own words. */
  readonly reachedBy: string;
  /** They call for help when nothing is heard so long after the planned end, min. */
  readonly alarmAfterMinutes: number;
};

/** A thing to take that is no piece of the kit. */
export type ExtraThing = { readonly id: string; readonly words: string };

/** What is prepared for an outing: nothing of its figure follows from it. Stored and sent under the key `plan`. All of it may be missing. */
export type OutingPreparation = {
  readonly forecast?: ForecastTaken | undefined;
  /** The walk in, from start to seat. */
  readonly track?: readonly TrackPoint[] | undefined;
  /** Lines of the packing list that are packed, by their key. */
  readonly ticks?: readonly string[] | undefined;
  readonly extras?: readonly ExtraThing[] | undefined;
  readonly leftWith?: LeftWith | undefined;
  /** Coordinates are shown on the card and given with a file only where this is ticked. */
  readonly tellsPlace?: boolean | undefined;
};

export const PREPARATION_FIELDS = [
  "forecast",
  "track",
  "ticks",
  "extras",
  "leftWith",
  "tellsPlace",
] as const satisfies readonly (keyof OutingPreparation)[];

/** How much of it there may be. */
export const PREPARATION_RANGE = {
  trackPoints: [2, 400],
  elevationM: [-500, 9000],
  ticks: [0, 400],
  extras: [0, 60],
  alarmAfterMinutes: [0, 1440],
} as const satisfies Record<string, Range>;
