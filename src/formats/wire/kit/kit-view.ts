import type { CareDone } from "@/core/care";
import type { PieceStatus } from "@/core/pieces";
import type { PieceView } from "../outing/outing-view";

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
  readonly hasPhoto: boolean;
};

/** What is typed of a piece, and what a file holds of it: not what the kit knows of it by itself. */
export type PieceContent = Omit<KitPiece, "id" | "version" | "status" | "outings" | "wears" | "hasPhoto">;

export const contentOf = ({
  id: _id,
  version: _version,
  status: _status,
  outings: _outings,
  wears: _wears,
  hasPhoto: _hasPhoto,
  ...content
}: KitPiece): PieceContent => content;

/** Everything a person owns. */
export type KitView = {
  readonly person: { readonly id: string; readonly name: string };
  readonly pieces: readonly KitPiece[];
};
