import { waterResistanceOfFace } from "../../labels";
import { SEGMENT_COUNT } from "../../body";
import {
  airGapInsulation,
  ORDINARY_VAPOUR_INDEX,
  type ClothFactor,
  type Layer,
  type Stack,
  type WornLayer,
} from "../../clothing";
import { isDigitPatch, SITE_INDEX, SITES } from "../../patches";
import {
  CELLS_PER_PIECE,
  FACE_CELL,
  MOST_LAYERS_FOLLOWED,
  PASSES_BY_RESISTANCE,
  type BreathPlan,
  type WaterPlan,
} from "../../water";
import type { Outing } from "../../outing";
import type { Piece } from "../../pieces";
import type { SiteStacks } from "./stack-over";

/** A layer on a site and the piece it belongs to, by its place in the outing. */
export type OwnedLayer = WornLayer & { readonly piece: Piece; readonly pieceIndex: number };

/** Site that stands for each segment: the greatest share that is not a digit. */
const SITE_OF_SEGMENT: readonly number[] = Array.from({ length: SEGMENT_COUNT }, (_, segment) =>
  SITES.reduce(
    (best, site, index) =>
      site.segmentIndex === segment &&
      !isDigitPatch(site.patch) &&
      site.patch !== "face" &&
      (best < 0 || site.share > SITES[best]!.share)
        ? index
        : best,
    -1,
  ),
);

/** The outer face lets through some vapour even where what is under it is tighter (assumption). */
const LEAST_OUTER_SHARE = 0.05;

const waterResistance = ({ piece, layer }: OwnedLayer): number =>
  piece.waterResistance ?? waterResistanceOfFace(layer.airPermeabilityLPerM2S);

const vapourIndexOf = ({ layer }: OwnedLayer): number => layer.vapourIndex ?? ORDINARY_VAPOUR_INDEX;

/**
 * Writes shares of the vapour's way: ordinary by warmth, what the outermost adds so that the whole is as tight as its face.
 * @param dryShare already written, from the same place on
 */
function writeVapourShares(
  { vapourShare, dryShare }: Pick<WaterPlan, "vapourShare" | "dryShare">,
  from: number,
  owned: readonly OwnedLayer[],
  layers: number,
): void {
  const last = layers - 1;
  const outer = vapourIndexOf(owned[last]!);
  let ofInner = 0;
  for (let layer = 0; layer < last; layer++) {
    const share = (dryShare[from + layer]! * outer) / vapourIndexOf(owned[layer]!);
    vapourShare[from + layer] = share;
    ofInner += share;
  }
  const ofOuter = Math.max(LEAST_OUTER_SHARE, 1 - ofInner);
  vapourShare[from + last] = ofOuter;
  for (let layer = 0; layer < layers; layer++) {
    vapourShare[from + layer] = vapourShare[from + layer]! / (ofInner + ofOuter);
  }
}

/** Share of a layer's shell that is cloth; the gap under it does not get wet. */
function clothShare(layer: Layer, factor: ClothFactor | null): number {
  const insulation = layer.insulationM2KPerW * (factor?.(layer) ?? 1);
  return insulation > 0 ? insulation / (insulation + airGapInsulation(layer.gapMm)) : 0;
}

/** Share of its own mass of water that each cell starts with; `null` where all is dry. */
export function wetCells({ pieces, wetFromStart }: Pick<Outing, "pieces" | "wetFromStart">): Float64Array | null {
  if (!wetFromStart || wetFromStart.share === 0) return null;
  const { pieceIds, share } = wetFromStart;
  return Float64Array.from({ length: waterCells(pieces) }, (_, cell) =>
    pieceIds.includes(pieces[Math.floor(cell / CELLS_PER_PIECE)]!.id) ? share : 0,
  );
}

/** Water that each cell starts with, g/m² of skin; `null` where all is dry. */
export function waterAtStart({
  pieces,
  waterAtStart: known,
}: Pick<Outing, "pieces" | "waterAtStart">): Float64Array | null {
  if (!known || known.length === 0) return null;
  const cells = new Float64Array(waterCells(pieces));
  pieces.forEach(({ id }, index) => {
    const own = known.find(({ pieceId }) => pieceId === id);
    if (own) cells.set(own.gPerM2.slice(0, CELLS_PER_PIECE), cellOf(index, 0));
  });
  return cells;
}

/** Layers of a segment that are followed; `null` where none are. */
type Followed = { readonly stack: Stack; readonly owned: readonly OwnedLayer[]; readonly layers: number } | null;

/** Cell of clothing moisture that holds a piece's water on a segment, or over the mouth (`FACE_CELL`). @param index of the piece in the outing */
export const cellOf = (index: number, segment: number): number => index * CELLS_PER_PIECE + segment;

/** Cells of water an outing's pieces have. */
export const waterCells = (pieces: readonly Piece[]): number => pieces.length * CELLS_PER_PIECE;

/** The layers followed on each segment. */
function followedOn(owned: readonly (readonly OwnedLayer[])[], stacks: SiteStacks): Followed[] {
  return SITE_OF_SEGMENT.map((site) => {
    const stack = stacks[site]!;
    const own = owned[site]!;
    if (stack === null || stack.stillM2KPerW <= 0 || stack.shellsM2KPerW.length !== own.length) return null;
    return { stack, owned: own, layers: Math.min(own.length, MOST_LAYERS_FOLLOWED) };
  });
}

const FACE = SITE_INDEX.face!;
/** What covers less of the face leaves the mouth free (assumption). */
export const COVERS_MOUTH_FROM = 0.5;

/** The cloth nearest to the mouth that takes up breath. */
function breathPlanOf(
  owned: readonly OwnedLayer[],
  stack: Stack | null,
  factor: ClothFactor | null,
): BreathPlan | null {
  const within = owned.findIndex(
    ({ layer, coverShare }) => coverShare >= COVERS_MOUTH_FROM && (layer.absorbingGPerM2 ?? 0) > 0,
  );
  if (within < 0 || stack === null || stack.shellsM2KPerW.length !== owned.length) return null;
  const { layer, pieceIndex, coverShare } = owned[within]!;
  return {
    cell: cellOf(pieceIndex, FACE_CELL),
    massGPerM2: layer.absorbingGPerM2!,
    innerShare: stack.shellsM2KPerW.slice(0, within + 1).reduce((sum, shell) => sum + shell, 0) / stack.stillM2KPerW,
    dryShare: stack.shellsM2KPerW[within]! / stack.stillM2KPerW,
    lossAtOwnMass: (layer.lossAtOwnMass ?? 0) * clothShare(layer, factor),
    vapourIndex: vapourIndexOf(owned.at(-1)!),
    coverShare,
  };
}

/** Writes one segment's layers from a place on. */
function writeSegment(
  plan: WaterPlan,
  segment: number,
  from: number,
  { stack, owned, layers }: NonNullable<Followed>,
  factor: ClothFactor | null,
): void {
  for (let within = 0; within < layers; within++) {
    const { layer, pieceIndex } = owned[within]!;
    const at = from + within;
    plan.cell[at] = cellOf(pieceIndex, segment);
    plan.dryShare[at] = stack.shellsM2KPerW[within]! / stack.stillM2KPerW;
    plan.massGPerM2[at] = layer.absorbingGPerM2 ?? 0;
    plan.lossAtOwnMass[at] = layer.lossAtOwnMass ? layer.lossAtOwnMass * clothShare(layer, factor) : 0;
    if (!layer.rigidWall) plan.under[segment] = at;
  }
  writeVapourShares(plan, from, owned, layers);
  plan.passes[segment] = PASSES_BY_RESISTANCE[waterResistance(owned[layers - 1]!)]!;
}

/**
 * How water meets the layers of a dress.
 * @param owned layers of every site with their pieces, from the skin out, by the order of SITES
 * @param factor how much more or less cloth insulates than read, if it does
 * @returns `null` where nothing worn takes up water
 */
export function waterPlanOf(
  owned: readonly (readonly OwnedLayer[])[],
  stacks: SiteStacks,
  factor: ClothFactor | null = null,
): WaterPlan | null {
  const bySegment = followedOn(owned, stacks);
  let count = 0;
  for (const followed of bySegment) count += followed?.layers ?? 0;
  const plan: WaterPlan = {
    first: new Int32Array(SEGMENT_COUNT + 1),
    cell: new Int32Array(count),
    dryShare: new Float64Array(count),
    vapourShare: new Float64Array(count),
    massGPerM2: new Float64Array(count),
    lossAtOwnMass: new Float64Array(count),
    passes: new Float64Array(SEGMENT_COUNT).fill(1),
    under: new Int32Array(SEGMENT_COUNT).fill(-1),
    breath: breathPlanOf(owned[FACE]!, stacks[FACE]!, factor),
  };
  let next = 0;
  for (let segment = 0; segment < SEGMENT_COUNT; segment++) {
    const followed = bySegment[segment]!;
    plan.first[segment] = next;
    if (!followed) continue;
    writeSegment(plan, segment, next, followed, factor);
    next += followed.layers;
  }
  plan.first[SEGMENT_COUNT] = next;
  return plan.breath !== null || plan.massGPerM2.some((mass) => mass > 0) ? plan : null;
}
