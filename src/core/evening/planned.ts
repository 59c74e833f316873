import type { CareDone } from "../care";
import { type Phase, type PlaceSetting, type Wearing, type WhenOff, totalMinutes } from "../outing";
import type { Piece, PieceTraits } from "../pieces";

/** A piece as a list for the evening before needs it. */
export type PlannedPiece = Piece & {
  readonly traits: PieceTraits;
  /** Worn out in the field so often, and cared for last; not said: not known. */
  readonly wears?: number | undefined;
  readonly care?: CareDone | undefined;
};
export type PlannedWearing = Wearing & { readonly whenOff: WhenOff };

/** All that lists and orders are drawn from. */
export type Planned = {
  readonly kit: readonly PlannedPiece[];
  readonly wearings: readonly PlannedWearing[];
  readonly phases: readonly Phase[];
  readonly setting: PlaceSetting;
  /** Start, ms since 1970 UTC. */
  readonly startsAtMs: number;
  readonly lowestAirC: number;
};

export const endOf = ({ phases }: Pick<Planned, "phases">): number => totalMinutes(phases);

/** Minute at which each phase begins. */
export const phaseStarts = ({ phases }: Pick<Planned, "phases">): number[] => {
  let minute = 0;
  return phases.map(({ minutes }) => {
    const start = minute;
    minute += minutes;
    return start;
  });
};
