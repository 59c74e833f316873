import { coveredPatches, type Label } from "../labels";
import type { PieceKind } from "../pieces";

/** Where a piece goes when nobody has said: order from the skin, and whether it waits for the sit (assumptions). */
export type UsualWearing = { readonly rank: number; readonly isForTheSit: boolean };

type Worn = { readonly kind: PieceKind; readonly label: Label; readonly fingersTogether: boolean };

const NEXT_TO_SKIN: UsualWearing = { rank: 10, isForTheSit: false };
const MIDDLE: UsualWearing = { rank: 20, isForTheSit: false };
const BY_KIND: Partial<Record<PieceKind, UsualWearing>> = {
  sock: MIDDLE,
  liner: { rank: 22, isForTheSit: false },
  footbed: { rank: 25, isForTheSit: false },
  footwear: { rank: 30, isForTheSit: false },
  neckwear: MIDDLE,
  pad: { rank: 50, isForTheSit: true },
  protection: { rank: 60, isForTheSit: false },
  heatSource: { rank: 15, isForTheSit: false },
};

/** Shells and thick outer pieces go over all; what is insulated and holds wind off waits for the sit, but for legwear. */
function ofGarment(label: Label): UsualWearing {
  if (label.kind === "explicit") return MIDDLE;
  const { face, fit, assembly } = label;
  if (fit === "tight" || (fit === "close" && face === "knit")) return NEXT_TO_SKIN;
  const isWindproof = face === "membrane" || face === "coated" || face === "denseWeave";
  if (!isWindproof) return MIDDLE;
  const covered = coveredPatches(label);
  const coversArms = covered.includes("forearm");
  // Legwear is often the only one over the underwear: it goes on at the start, and is moved where there are trousers.
  if (assembly !== "none") return { rank: coversArms ? 40 : 30, isForTheSit: !covered.includes("calf") };
  return { rank: face === "denseWeave" ? 25 : 50, isForTheSit: false };
}

/** The usual place of a piece among what is worn. */
export function usualWearing({ kind, label, fingersTogether }: Worn): UsualWearing {
  const byKind = BY_KIND[kind];
  if (byKind) return byKind;
  if (kind === "handwear") return fingersTogether ? MIDDLE : NEXT_TO_SKIN;
  if (kind === "headwear") return ofHeadwear(label);
  return ofGarment(label);
}

/** Whether a piece is usually worn on the skin. */
export const isNextToSkin = (piece: Worn): boolean => usualWearing(piece).rank === NEXT_TO_SKIN.rank;

function ofHeadwear(label: Label): UsualWearing {
  if (label.kind === "explicit") return MIDDLE;
  if (label.face === "membrane" && label.fit === "loose") return { rank: 30, isForTheSit: true };
  return coveredPatches(label).includes("neck") || coveredPatches(label).includes("face") ? NEXT_TO_SKIN : MIDDLE;
}
