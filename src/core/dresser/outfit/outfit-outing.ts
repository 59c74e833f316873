import { usualHeat } from "../../changes";
import { dexterityOf, usualWearing } from "../../dressing";
import { coveredPatches } from "../../labels";
import { staysAtSeat, totalMinutes, type Outing, type Stay, type Wearing, type WearingSide } from "../../outing";
import { NEXT_TO_SKIN } from "../../pieces";
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
  /** Stretches at a seat, and on the way to one: a piece that is put on at the seat is off while one walks to the next. */
  private readonly seats: readonly Stay[];
  private readonly ways: readonly Stay[];
  private readonly toMinute: number;

  constructor(
    private readonly outing: Outing,
    private readonly kit: readonly DresserPiece[],
    private readonly wishes: Pick<Wishes, "workingHandDexterity">,
  ) {
    this.seats = staysAtSeat(outing.phases);
    this.ways = this.seats
      .map(({ fromMinute }, index) => ({ fromMinute: this.seats[index - 1]?.toMinute ?? 0, toMinute: fromMinute }))
      .filter(({ fromMinute, toMinute }) => toMinute > fromMinute);
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
    const placement = code[index]!;
    const own = (stay: Stay, change: Partial<Wearing> = {}): Wearing => ({
      pieceId: piece.id,
      side: this.sideOf(piece),
      rank: piece.kind === "heatSource" ? this.rankOfPack(piece, code) : usualWearing(piece).rank,
      ...stay,
      ...(piece.heat ? { heat: usualHeat(this.outing, piece.heat) } : {}),
      ...change,
    });
    if (placement === PLACEMENT.way) return this.ways.map((stay) => own(stay));
    if (placement === PLACEMENT.seat) {
      const waits = this.waits(piece, isSettledFirst(code) ? SETTLING_MINUTES : 0);
      // What was lit burns on.
      const stays = piece.heat ? [{ ...this.seats[0]!, toMinute: this.toMinute }] : this.seats;
      return stays.map(({ fromMinute, toMinute }) =>
        own({ fromMinute: Math.min(fromMinute + waits, toMinute - 1), toMinute }),
      );
    }
    const onWay = isOpenOnWay(code) ? openedOnWay(piece) : null;
    return onWay
      ? [...this.ways.map((stay) => own(stay, onWay)), ...this.seats.map((stay) => own(stay))].sort(
          (one, other) => one.fromMinute - other.fromMinute,
        )
      : [own({ fromMinute: 0, toMinute: this.toMinute })];
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
