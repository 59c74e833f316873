import { SEGMENT_COUNT, SEGMENT_INDEX, SEGMENTS, type Segment } from "../body";
import { airGapInsulation, ORDINARY_VAPOUR_INDEX, type Layer } from "../clothing";
import { isDigitPatch, SITES } from "../patches";
import { MOST_LAYERS_FOLLOWED, PASSES_BY_RESISTANCE, type WaterPlan } from "../water";
import type { Outing } from "./outing";
import type { Piece } from "./piece";
import type { SiteStacks } from "./stack-over";

/** A layer on a site and the piece it belongs to, by its place in the outing. */
export type OwnedLayer = { readonly layer: Layer; readonly piece: Piece; readonly place: number };

/** Site that stands for each segment: the greatest share that is not a digit. */
const SITE_OF_SEGMENT: readonly number[] = Array.from({ length: SEGMENT_COUNT }, (_, segment) =>
  SITES.reduce(
    (best, site, place) =>
      site.segmentIndex === segment &&
      !isDigitPatch(site.patch) &&
      site.patch !== "face" &&
      (best < 0 || site.share > SITES[best]!.share)
        ? place
        : best,
    -1,
  ),
);

/** What an outer face keeps out where the piece does not say, by its permeability to air, L/(m²·s) (assumption). */
const RESISTANCE_BY_FACE: readonly (readonly [mostLPerM2S: number, resistance: number])[] = [
  [1, 3],
  [8, 2],
  [50, 1],
];
/** The outer face lets through some vapour even where what is under it is tighter (assumption). */
const LEAST_OUTER_SHARE = 0.05;

const waterResistance = ({ piece, layer }: OwnedLayer): number =>
  piece.waterResistance ?? RESISTANCE_BY_FACE.find(([most]) => layer.airPermeabilityLPerM2S <= most)?.[1] ?? 0;

/** Shares of the vapour's way: ordinary by warmth, what the outermost adds so that the whole is as tight as its face. */
function vapourShares(owned: readonly OwnedLayer[], dryShares: readonly number[]): number[] {
  const indexOf = ({ layer }: OwnedLayer): number => layer.vapourIndex ?? ORDINARY_VAPOUR_INDEX;
  const outer = indexOf(owned.at(-1)!);
  const last = owned.length - 1;
  const inner = dryShares.map((share, place) => (place === last ? 0 : (share * outer) / indexOf(owned[place]!)));
  const ofInner = inner.reduce((sum, share) => sum + share, 0);
  const ofOuter = Math.max(LEAST_OUTER_SHARE, 1 - ofInner);
  return inner.map((share, place) => (place === last ? ofOuter : share) / (ofInner + ofOuter));
}

/** Share of a layer's shell that is cloth; the gap under it does not get wet. */
const clothShare = ({ insulationM2KPerW, gapMm }: Layer): number =>
  insulationM2KPerW > 0 ? insulationM2KPerW / (insulationM2KPerW + airGapInsulation(gapMm)) : 0;

/** Share of its own mass of water that each cell starts with; `null` where all is dry. */
export function wetCells({ pieces, wetFromStart }: Pick<Outing, "pieces" | "wetFromStart">): Float64Array | null {
  if (!wetFromStart || wetFromStart.share === 0) return null;
  const { pieceIds, share } = wetFromStart;
  return Float64Array.from({ length: waterCells(pieces) }, (_, cell) =>
    pieceIds.includes(pieces[Math.floor(cell / SEGMENT_COUNT)]!.id) ? share : 0,
  );
}

/** Left segment of each right one; itself elsewhere. */
const LEFT_OF: readonly number[] = SEGMENTS.map(
  (segment, place) => SEGMENT_INDEX[segment.replace("right", "left") as Segment] ?? place,
);

type Followed = { readonly layers: readonly OwnedLayer[] } | null;

function twinOf(bySegment: readonly Followed[], segment: number): number {
  const left = LEFT_OF[segment]!;
  const [own, other] = [bySegment[segment]?.layers ?? [], bySegment[left]?.layers ?? []];
  const isAlike =
    own.length === other.length &&
    own.every(({ layer, place }, at) => layer === other[at]!.layer && place === other[at]!.place);
  return isAlike ? left : segment;
}

/** Cells of water an outing's pieces have. */
export const waterCells = (pieces: readonly Piece[]): number => pieces.length * SEGMENT_COUNT;

/**
 * How water meets the layers of a dress.
 * @param owned layers of every site with their pieces, from the skin out, by the order of SITES
 * @returns `null` where nothing worn takes up water
 */
export function waterPlanOf(owned: readonly (readonly OwnedLayer[])[], stacks: SiteStacks): WaterPlan | null {
  const bySegment = SITE_OF_SEGMENT.map((site) => {
    const stack = stacks[site]!;
    const layers = owned[site]!;
    const isFollowed = stack !== null && stack.stillM2KPerW > 0 && stack.shellsM2KPerW.length === layers.length;
    return isFollowed ? { stack, layers: layers.slice(0, MOST_LAYERS_FOLLOWED) } : null;
  });
  if (!bySegment.some((followed) => followed?.layers.some(({ layer }) => (layer.absorbingGPerM2 ?? 0) > 0)))
    return null;
  const count = bySegment.reduce((sum, followed) => sum + (followed?.layers.length ?? 0), 0);
  const plan = {
    first: new Int32Array(SEGMENT_COUNT + 1),
    cell: new Int32Array(count),
    dryShare: new Float64Array(count),
    vapourShare: new Float64Array(count),
    massGPerM2: new Float64Array(count),
    lossAtOwnMass: new Float64Array(count),
    passes: new Float64Array(SEGMENT_COUNT).fill(1),
    under: new Int32Array(SEGMENT_COUNT).fill(-1),
    twin: Int32Array.from(bySegment, (_, segment) => twinOf(bySegment, segment)),
  };
  let next = 0;
  bySegment.forEach((followed, segment) => {
    plan.first[segment] = next;
    if (!followed) return;
    const { stack, layers } = followed;
    const dryShares = layers.map((_, place) => stack.shellsM2KPerW[place]! / stack.stillM2KPerW);
    const vapour = vapourShares(layers, dryShares);
    layers.forEach(({ layer, place }, within) => {
      plan.cell[next] = place * SEGMENT_COUNT + segment;
      plan.dryShare[next] = dryShares[within]!;
      plan.vapourShare[next] = vapour[within]!;
      plan.massGPerM2[next] = layer.absorbingGPerM2 ?? 0;
      plan.lossAtOwnMass[next] = (layer.lossAtOwnMass ?? 0) * clothShare(layer);
      if (!layer.rigidWall) plan.under[segment] = next;
      next++;
    });
    plan.passes[segment] = PASSES_BY_RESISTANCE[waterResistance(layers.at(-1)!)]!;
  });
  plan.first[SEGMENT_COUNT] = next;
  return plan;
}
