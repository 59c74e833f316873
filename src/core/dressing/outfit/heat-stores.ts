import type { BodyPerson } from "../../body";
import { DIGIT_COUNT } from "../../digits";
import { WORN_J_PER_KG_K, type StorePlan } from "../../sitter";
import type { Piece } from "../../pieces";
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

const NO_PIECES: ReadonlyMap<number, number> = new Map();

/** What of a dress stores heat over fingers and toes; `null` where no mass is known. */
export function storePlanOf(
  owned: readonly (readonly OwnedLayer[])[],
  stacks: SiteStacks,
  masses: ArealMasses,
): StorePlan | null {
  const capacityJPerM2K = new Float64Array(DIGIT_COUNT);
  const insideShare = new Float64Array(DIGIT_COUNT).fill(1);
  const pieces: ReadonlyMap<number, number>[] = [];
  let stores = false;
  for (let digit = 0; digit < DIGIT_COUNT; digit++) {
    const site = SITE_OF_DIGIT[digit]!;
    const layers = site < 0 ? [] : owned[site]!;
    pieces.push(layers.length === 0 ? NO_PIECES : capacitiesOf(layers, owned, masses));
    if (layers.length === 0) continue;
    const shells = stacks[site]?.shellsM2KPerW ?? [];
    let all = OUTER_AIR_M2K_PER_W;
    for (const shell of shells) all += shell;
    let [inside, weighted, capacity] = [0, 0, 0];
    for (let layer = 0; layer < layers.length; layer++) {
      const shell = shells[layer] ?? 0;
      const own = layerCapacity(layers[layer]!, owned, masses);
      weighted += own * (inside + shell / 2);
      inside += shell;
      capacity += own;
    }
    if (capacity === 0) continue;
    stores = true;
    capacityJPerM2K[digit] = capacity;
    insideShare[digit] = Math.min(1 - LEAST_SHARE, Math.max(LEAST_SHARE, weighted / capacity / all));
  }
  return stores ? { pieces, capacityJPerM2K, insideShare } : null;
}

/** What a layer's piece stores over a digit, J per K and m² of digit skin. */
function layerCapacity({ piece }: OwnedLayer, owned: readonly (readonly OwnedLayer[])[], masses: ArealMasses): number {
  const overToes = piece.kind === "footwear" ? TOE_SHARE_OF_BOOT_MASS : 1;
  return masses.of(piece, () => sitesWith(piece, owned)) * overToes * WORN_J_PER_KG_K;
}

const sitesWith = (piece: Piece, owned: readonly (readonly OwnedLayer[])[]): number[] =>
  owned.flatMap((layers, site) => (layers.some((own) => own.piece === piece) ? [site] : []));

/** By the place of each piece in the outing. */
function capacitiesOf(
  layers: readonly OwnedLayer[],
  owned: readonly (readonly OwnedLayer[])[],
  masses: ArealMasses,
): ReadonlyMap<number, number> {
  const stored = new Map<number, number>();
  for (const layer of layers) {
    stored.set(layer.pieceIndex, (stored.get(layer.pieceIndex) ?? 0) + layerCapacity(layer, owned, masses));
  }
  return stored;
}
