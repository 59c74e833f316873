import { isAvoided } from "../../changes";
import { usualWearing } from "../../dressing";
import { coveredPatches } from "../../labels";
import { atSeatFromMinute, type Outing } from "../../outing";
import { KIND_TABLE, NEXT_TO_SKIN } from "../../pieces";
import { PLACEMENT, type Placement } from "./outfit-code";
import type { DresserPiece, Wishes } from "./wishes";

const { start, seat } = PLACEMENT;

/** Underwear stays on; trousers go on out there only if they are known to open over boots, or are an outer layer. */
function ofGarment(piece: DresserPiece): readonly Placement[] {
  const { rank } = usualWearing(piece);
  if (rank === NEXT_TO_SKIN.rank) return [start];
  if (!coveredPatches(piece.label).includes("calf")) return [start, seat];
  const opens = piece.traits.opensOverBoots ?? rank >= OUTER_LEGWEAR_RANK;
  return opens ? [start, seat] : [start];
}
/** Insulated bibs and shells, by their usual order from the skin. */
const OUTER_LEGWEAR_RANK = 30;

const isWished = (piece: DresserPiece, { leftOut, avoids, mostNoise, mostCostMinor }: Wishes): boolean =>
  !leftOut.includes(piece.id) &&
  !isAvoided({ ...piece, isAnimalFree: piece.traits.isAnimalFree === true }, avoids) &&
  (mostNoise === null || (piece.traits.noise ?? 0) <= mostNoise) &&
  (!piece.isGeneric || (mostCostMinor !== null && (piece.priceMinor ?? 0) <= mostCostMinor));

/** Where a piece may be in an outing, but for at home; nowhere when a wish leaves it there. */
export function allowedPlacements(piece: DresserPiece, outing: Pick<Outing, "phases">, wishes: Wishes): Placement[] {
  if (!isWished(piece, wishes)) return [];
  const byCut = KIND_TABLE[piece.kind].wornWhen?.map((when) => PLACEMENT[when]) ?? ofGarment(piece);
  if (atSeatFromMinute(outing.phases) === 0) return [start];
  return wishes.bigLayersWait && usualWearing(piece).isForTheSit ? [seat] : [...byCut];
}
