import type { Outing } from "../outing";

/** What a change is, for words and icons. */
export type ChangeKind =
  | "wearPiece"
  /** A piece that is not in the kit, of a place in which the kit has none. */
  | "genericPiece"
  /** Two changes together: what ends the sit and what comes next. */
  | "pair"
  | "swapPiece"
  | "seatPad"
  | "solePad"
  | "kneePad"
  | "sitDown"
  | "closeOpening"
  | "partBackOn"
  | "putOnEarlier"
  | "walkEveryHour"
  | "heatIn"
  | "heatOn"
  | "changeOnArrival"
  | "practice";

/** A single change of a plan that could be made. */
export type Change = {
  /** The same for the same change of the same plan. */
  readonly id: string;
  readonly kind: ChangeKind;
  /** Pieces it concerns: what goes on, what comes off. */
  readonly pieceIds: readonly string[];
  /** What more is carried, g; `null` where a mass is not known. */
  readonly addedMassG: number | null;
  /** The changes of a pair. */
  readonly parts?: readonly Omit<Change, "apply" | "parts">[] | undefined;
  readonly apply: (outing: Outing) => Outing;
};
