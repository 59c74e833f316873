import type { BodyPerson } from "../body";
import { DIGIT_COUNT, DIGITS } from "../digits";
import { WORN_J_PER_KG_K, type StorePlan } from "../sitter";
import type { Piece } from "./piece";
import { siteAreasM2 } from "./site-areas";
import { SITE_OF_DIGIT, type SiteStacks } from "./stack-over";
import type { OwnedLayer } from "./water-layers";

const GRAMS_PER_KG = 1000;
/** The store lies no nearer to either side than so (assumption: it has two sides). */
const LEAST_SHARE = 0.15;
/** Clothes reach a little further than the skin they cover: hems, cuffs, shafts folded (assumption). */
const CLOTH_OVER_SKIN = 1.2;

/**
 * A boot carries most of its mass in the sole: over the toes lies so much of the mean (assumption, from the layers of the
 * starter kit's boots: 2 mm of rubber and 9 mm of felt above, 12 mm of rubber and as much felt below).
 */
export const TOE_SHARE_OF_BOOT_MASS = 0.55;

/** Mass of pieces over a m² of the skin they cover, kg/m², by piece. */
export class ArealMasses {
  private readonly skinM2: Float64Array;
  private readonly known = new Map<Piece, number>();

  constructor(person: BodyPerson) {
    this.skinM2 = siteAreasM2(person);
  }

  /** @param sites all sites the piece covers, both sides */
  of(piece: Piece, sites: () => readonly number[]): number {
    if (piece.massG === undefined) return 0;
    const known = this.known.get(piece);
    if (known !== undefined) return known;
    const coveredM2 = sites().reduce((sum, site) => sum + this.skinM2[site]!, 0) * CLOTH_OVER_SKIN;
    const mass = coveredM2 > 0 ? piece.massG / GRAMS_PER_KG / coveredM2 : 0;
    this.known.set(piece, mass);
    return mass;
  }
}

const OUTER_AIR_M2K_PER_W = 0.1; // to place the store in the stack only (assumption)

/** What of a dress stores heat over fingers and toes; `null` where no mass is known. */
export function storePlanOf(
  owned: readonly (readonly OwnedLayer[])[],
  stacks: SiteStacks,
  masses: ArealMasses,
): StorePlan | null {
  const capacityJPerM2K = new Float64Array(DIGIT_COUNT);
  const insideShare = new Float64Array(DIGIT_COUNT).fill(1);
  const pieces = DIGITS.map((_, digit) => {
    const stored = new Map<number, number>();
    const site = SITE_OF_DIGIT[digit]!;
    if (site < 0) return stored;
    const shells = stacks[site]?.shellsM2KPerW ?? [];
    const all = shells.reduce((sum, shell) => sum + shell, OUTER_AIR_M2K_PER_W);
    let inside = 0;
    let weighted = 0;
    owned[site]!.forEach(({ piece, place }, layer) => {
      const shell = shells[layer] ?? 0;
      const sites = (): number[] =>
        owned.flatMap((layers, other) => (layers.some((own) => own.piece === piece) ? [other] : []));
      const overToes = piece.kind === "footwear" ? TOE_SHARE_OF_BOOT_MASS : 1;
      const capacity = masses.of(piece, sites) * overToes * WORN_J_PER_KG_K;
      weighted += capacity * (inside + shell / 2);
      inside += shell;
      capacityJPerM2K[digit] = capacityJPerM2K[digit]! + capacity;
      stored.set(place, (stored.get(place) ?? 0) + capacity);
    });
    const capacity = capacityJPerM2K[digit]!;
    if (capacity > 0) {
      insideShare[digit] = Math.min(1 - LEAST_SHARE, Math.max(LEAST_SHARE, weighted / capacity / all));
    }
    return stored;
  });
  return capacityJPerM2K.some((capacity) => capacity > 0) ? { pieces, capacityJPerM2K, insideShare } : null;
}
