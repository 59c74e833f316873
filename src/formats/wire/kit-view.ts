import type { CareDone } from "@/core/care";
import type { PieceStatus } from "@/core/outing";
import type { PieceView } from "./outing-view";

/** The longest note there is room for, letters. */
export const LONGEST_NOTE = 2000;

/** A piece as the kit lists it. */
export type KitPiece = PieceView & {
  readonly note: string;
  readonly care: CareDone;
  readonly status: PieceStatus;
  readonly version: number;
  /** In how many outings it is worn. */
  readonly outings: number;
  /** In how many that have begun. */
  readonly wears: number;
};

/** Everything a person owns. */
export type KitView = {
  readonly person: { readonly id: string; readonly name: string };
  readonly pieces: readonly KitPiece[];
};
