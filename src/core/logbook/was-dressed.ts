import type { LaneName } from "../pieces";

/** Where nobody sits out bare: without them it was not told what was worn. */
const ALWAYS_WORN: readonly LaneName[] = ["Feet", "Trunk"];

/** Whether it is told what was worn on a sit: of one that seems bare nothing can be computed or learnt. */
export const wasDressed = (worn: readonly { readonly lane: LaneName }[]): boolean =>
  ALWAYS_WORN.every((lane) => worn.some((piece) => piece.lane === lane));
