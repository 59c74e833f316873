import type { Wearing } from "../outing";

type Placed = Pick<Wearing, "rank" | "fromMinute" | "pieceId">;

/**
 * Order of what is worn from the skin out: by rank; of one rank what goes on later lies outside; of what goes on
 * together the piece of the lower id first, so that the order of a list says nothing.
 */
export const outwards = (one: Placed, other: Placed): number =>
  one.rank - other.rank ||
  one.fromMinute - other.fromMinute ||
  (one.pieceId < other.pieceId ? -1 : one.pieceId > other.pieceId ? 1 : 0);
