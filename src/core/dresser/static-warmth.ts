import { PATCH_ANATOMY, PATCHES, type Patch } from "../patches";
import { readLabel } from "../labels";
import type { Limit } from "../limits";
import { PLACEMENT, type OutfitCode } from "./outfit-code";
import type { DresserPiece } from "./wishes";

// Sums of what labels say, part by part. They order what is simulated next and judge nothing.

/** What an outfit's warmth is summed over: where limits lie, the trunk and limbs, and what is on during the way. */
export const WARMTH_PARTS = ["toes", "fingers", "face", "body", "way"] as const;
export const WARMTH_COUNT = WARMTH_PARTS.length;
export type Warmth = Float64Array;

const PART_OF: Partial<Record<Patch, number>> = { toes: 0, sole: 0, footUpper: 0, fingers: 1, face: 2, ears: 2 };
const SHARE_OF: Partial<Record<Patch, number>> = {
  toes: 0.6,
  sole: 0.3,
  footUpper: 0.1,
  fingers: 1,
  face: 0.7,
  ears: 0.3,
};
const BODY = 3;
const WAY = 4;
/** Air held under any layer, m²·K/W (assumption: a gap of some mm). */
const AIR_UNDER_LAYER_M2K_PER_W = 0.03;

const bodyShare = (patch: Patch): number => {
  const { segment, share } = PATCH_ANATOMY[patch];
  return (share * segment.length) / PATCHES.length;
};

/** Which part of the warmth a limit follows most. */
export const PART_OF_LIMIT: Partial<Record<Limit, number>> = { toes: 0, fingers: 1, face: 2 };
export const BODY_PART = BODY;

export class StaticWarmth {
  private readonly byPiece: readonly Float64Array[];

  constructor(kit: readonly DresserPiece[]) {
    this.byPiece = kit.map(({ label, heat }) => {
      const sums = new Float64Array(WARMTH_COUNT);
      for (const { patch, insulationM2KPerW, coverShare } of readLabel(label)) {
        const gained = (insulationM2KPerW + AIR_UNDER_LAYER_M2K_PER_W + (heat ? HEATED_M2K_PER_W : 0)) * coverShare;
        const part = PART_OF[patch];
        if (part !== undefined) sums[part] = sums[part]! + gained * SHARE_OF[patch]!;
        sums[BODY] = sums[BODY]! + gained * bodyShare(patch);
      }
      return sums;
    });
  }

  /** Warmth of one piece at a part. */
  ofPiece(index: number, part: number): number {
    return this.byPiece[index]![part]!;
  }

  /** Warmth of an outfit at the seat, and of what is on during the way. */
  of(code: OutfitCode): Warmth {
    const sums = new Float64Array(WARMTH_COUNT);
    for (let index = 0; index < this.byPiece.length; index++) this.add(sums, index, code[index]!, 1);
    return sums;
  }

  /** Moves a piece from one placement to another in sums made before. */
  change(sums: Warmth, index: number, from: number, to: number): void {
    this.add(sums, index, from, -1);
    this.add(sums, index, to, 1);
  }

  private add(sums: Warmth, index: number, placement: number, sign: 1 | -1): void {
    const own = this.byPiece[index]!;
    if (placement === PLACEMENT.start || placement === PLACEMENT.seat) {
      for (let part = 0; part < WAY; part++) sums[part] = sums[part]! + sign * own[part]!;
    }
    if (placement === PLACEMENT.start || placement === PLACEMENT.way) sums[WAY] = sums[WAY]! + sign * own[BODY]!;
  }
}
/** What a source of heat counts for beside cloth (assumption, to order only). */
const HEATED_M2K_PER_W = 0.5;
