import { coveredPatches, type Label } from "../labels";
import { atSeatFromMinute, totalMinutes, type Phase, type Wearing } from "../outing";
import { KIND_TABLE, MIDDLE, NEXT_TO_SKIN, type PieceKind, type UsualWearing, type WhichOfKind } from "../pieces";

type Worn = { readonly kind: PieceKind; readonly label: Label; readonly fingersTogether: boolean };

/** Shells and thick outer pieces go over all; what is insulated and holds wind off waits for the sit, but for legwear. */
function ofGarment(label: Label): UsualWearing {
  if (label.kind === "explicit") return MIDDLE;
  const { face, fit, assembly } = label;
  if (fit === "tight" || (fit === "close" && face === "knit")) return NEXT_TO_SKIN;
  // Waders: boots go over their feet.
  if (coveredPatches(label).includes("sole")) return { rank: 27, isForTheSit: false };
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
  const byKind = KIND_TABLE[kind].usual;
  if (byKind) return byKind;
  if (kind === "handwear") return fingersTogether ? MIDDLE : NEXT_TO_SKIN;
  if (kind === "headwear") return ofHeadwear(label);
  return ofGarment(label);
}

/**
 * Pieces put on as they usually are, all of them: what is worn next to the skin from the start, what is big and warm at
 * the seat. Nothing is chosen among them.
 */
export function usualWearings(
  pieces: readonly (Worn & { readonly id: string })[],
  phases: readonly Phase[],
): Wearing[] {
  const toMinute = totalMinutes(phases);
  const atSeat = atSeatFromMinute(phases);
  return pieces.map((piece) => {
    const { rank, isForTheSit } = usualWearing(piece);
    return { pieceId: piece.id, side: "both", rank, fromMinute: isForTheSit ? atSeat : 0, toMinute };
  });
}

/** Whether a piece is usually worn on the skin. */
export const isNextToSkin = (piece: Worn): boolean => usualWearing(piece).rank === NEXT_TO_SKIN.rank;

/** Whether a rule of the kinds holds for a piece. */
export const isAmong = (piece: Worn, which: WhichOfKind): boolean =>
  which === "all" || (which === "nextToSkin" && isNextToSkin(piece));

function ofHeadwear(label: Label): UsualWearing {
  if (label.kind === "explicit") return MIDDLE;
  if (label.face === "membrane" && label.fit === "loose") return { rank: 30, isForTheSit: true };
  return coveredPatches(label).includes("neck") || coveredPatches(label).includes("face") ? NEXT_TO_SKIN : MIDDLE;
}
