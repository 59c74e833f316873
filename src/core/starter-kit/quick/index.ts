import { FOOTGEAR, UNDER } from "./feet-and-under";
import { HANDWEAR, HEADWEAR } from "./head-and-hands";
import { LEGWEAR, TRUNKWEAR } from "./trunk-and-legs";
import type { QuickPiece } from "./quick-piece";

/** What people own, by the one figure that is printed on it or pinched of it: enough for a label to be read. Head to foot. */
export const QUICK_PIECES = {
  ...HEADWEAR,
  ...TRUNKWEAR,
  ...HANDWEAR,
  ...LEGWEAR,
  ...FOOTGEAR,
  ...UNDER,
} as const satisfies Record<string, QuickPiece>;
export type QuickKey = keyof typeof QUICK_PIECES;
export const QUICK_KEYS = Object.keys(QUICK_PIECES) as QuickKey[];
/** One of them, whichever. */
export const quickPiece = (key: QuickKey): QuickPiece => QUICK_PIECES[key];
export type { QuickPiece };
