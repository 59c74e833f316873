import { usualHeat } from "../changes";
import { dexterityOf, usualWearing } from "../dressing";
import { coveredPatches } from "../labels";
import { atSeatFromMinute, totalMinutes, type Outing, type Wearing, type WearingSide } from "../outing";
import { NEXT_TO_SKIN } from "../pieces";
import { isOpenOnWay, isSettledFirst, PLACEMENT, type OutfitCode } from "./outfit-code";
import type { DresserPiece, Wishes } from "./wishes";

/** Big layers wait so long where one settles first: until one begins to cool (common practice, no source). */
export const SETTLING_MINUTES = 15;
/** Closures that are opened on the way. */
const OPENED_ON_WAY = ["neck", "waist"] as const;
/** A pack with nothing over or under it. */
const PACK_RANK = 15;

/** An outfit as an outing wears it. */
export class OutfitOutings {
  private readonly seatMinute: number;
  private readonly toMinute: number;

  constructor(
    private readonly outing: Outing,
    private readonly kit: readonly DresserPiece[],
    private readonly wishes: Pick<Wishes, "workingHandDexterity">,
  ) {
    this.seatMinute = atSeatFromMinute(outing.phases);
    this.toMinute = totalMinutes(outing.phases);
  }

  /** The outing in an outfit: what stays at home is not in it. */
  outingIn(code: OutfitCode): Outing {
    const pieces = this.kit.filter((_, index) => code[index]! > 0);
    return { ...this.outing, pieces, wearings: this.wearings(code) };
  }

  /** What is worn when, in the order of the kit. */
  wearings(code: OutfitCode): Wearing[] {
    return this.kit.flatMap((piece, index) => (code[index]! > 0 ? this.wearingsOf(piece, code, index) : []));
  }

  private wearingsOf(piece: DresserPiece, code: OutfitCode, index: number): Wearing[] {
    const { seatMinute, toMinute } = this;
    const placement = code[index]!;
    const settling = isSettledFirst(code) ? SETTLING_MINUTES : 0;
    const own: Wearing = {
      pieceId: piece.id,
      side: this.sideOf(piece),
      rank: piece.kind === "heatSource" ? this.rankOfPack(piece, code) : usualWearing(piece).rank,
      fromMinute: placement === PLACEMENT.seat ? Math.min(seatMinute + this.waits(piece, settling), toMinute - 1) : 0,
      toMinute: placement === PLACEMENT.way ? seatMinute : toMinute,
      ...(piece.heat ? { heat: usualHeat(this.outing, piece.heat) } : {}),
    };
    const onWay = placement === PLACEMENT.start && seatMinute > 0 && isOpenOnWay(code) ? openedOnWay(piece) : null;
    return onWay
      ? [
          { ...own, ...onWay, toMinute: seatMinute },
          { ...own, fromMinute: seatMinute },
        ]
      : [own];
  }

  /** Boots, liners and pads do not wait: one stands and sits in them. */
  private waits({ kind }: DresserPiece, minutes: number): number {
    return kind === "garment" || kind === "headwear" || kind === "neckwear" || kind === "handwear" ? minutes : 0;
  }

  /** What the working hand could not do in it is on the other hand alone. */
  private sideOf(piece: DresserPiece): WearingSide {
    const { workingHandDexterity } = this.wishes;
    if (piece.kind !== "handwear" || workingHandDexterity === null || dexterityOf(piece) >= workingHandDexterity) {
      return "both";
    }
    return this.outing.person.workingHand === "left" ? "right" : "left";
  }

  /** A pack lies under the thick layers, on the innermost that covers its place. */
  private rankOfPack(pack: DresserPiece, code: OutfitCode): number {
    const covered = coveredPatches(pack.label);
    const ranks = this.kit.flatMap((piece, index) =>
      code[index]! > 0 && piece !== pack && coveredPatches(piece.label).some((patch) => covered.includes(patch))
        ? [usualWearing(piece).rank]
        : [],
    );
    return ranks.length > 0 ? Math.min(...ranks) : PACK_RANK;
  }
}

/** A piece as it is worn on the way with its closures open and its hood down; `null` where nothing of it opens. */
function openedOnWay(piece: DresserPiece): Pick<Wearing, "opened" | "withoutParts"> | null {
  const covered = coveredPatches(piece.label);
  const parts = piece.label.panels.flatMap(({ part, patches }) =>
    part !== undefined && patches.some((patch) => patch === "scalp" || patch === "fingers") ? [part] : [],
  );
  const isOverTrunk =
    piece.kind === "garment" && covered.includes("chest") && usualWearing(piece).rank > NEXT_TO_SKIN.rank;
  if (!isOverTrunk && parts.length === 0) return null;
  return { opened: isOverTrunk ? OPENED_ON_WAY : [], withoutParts: [...new Set(parts)] };
}
