import { SEGMENTS, SEGMENT_INDEX, UPSTREAM_SEGMENT, type Segment } from "./segments";

/** Node numbers of one segment; −1 where the segment has no such tissue. */
export type SegmentNodes = {
  readonly artery: number;
  readonly vein: number;
  readonly superficialVein: number;
  readonly core: number;
  readonly muscle: number;
  readonly fat: number;
  readonly skin: number;
};

const LAYERED: ReadonlySet<Segment> = new Set(["head", "pelvis"]);
const isLimb = (segment: Segment): boolean => SEGMENT_INDEX[segment] >= SEGMENT_INDEX.leftShoulder;

/**
 * Where each tissue's nodes begin. Nodes are numbered tissue by tissue, so that a segment's node is the tissue's first
 * plus the segment, and the inner loops run over neighbouring numbers without looking any up.
 */
const ALL = SEGMENTS.length;
export const FIRST_ARTERY = 0;
export const FIRST_VEIN = ALL;
export const FIRST_CORE = 2 * ALL;
export const FIRST_SKIN = 3 * ALL;
/** The first five segments have no superficial vein: the numbers go on from the skin's, and start at the sixth segment. */
export const FIRST_SUPERFICIAL_VEIN = 4 * ALL - SEGMENT_INDEX.leftShoulder;

function numberNodes(): { nodes: readonly SegmentNodes[]; count: number } {
  let next = FIRST_SUPERFICIAL_VEIN + ALL;
  const nodes = SEGMENTS.map((segment, index) => ({
    artery: FIRST_ARTERY + index,
    vein: FIRST_VEIN + index,
    superficialVein: isLimb(segment) ? FIRST_SUPERFICIAL_VEIN + index : -1,
    core: FIRST_CORE + index,
    muscle: LAYERED.has(segment) ? next++ : -1,
    fat: LAYERED.has(segment) ? next++ : -1,
    skin: FIRST_SKIN + index,
  }));
  return { nodes, count: next };
}

const numbered = numberNodes();

/** Node numbers per segment, in the order of SEGMENTS. */
export const SEGMENT_NODES: readonly SegmentNodes[] = numbered.nodes;

export const CENTRAL_BLOOD_NODE = numbered.count;

/** 85 nodes. */
export const NODE_COUNT = numbered.count + 1;

/** Index of the upstream segment, −1 for the central pool. */
export const UPSTREAM_INDEX: readonly number[] = SEGMENTS.map((segment) => {
  const upstream = UPSTREAM_SEGMENT[segment];
  return upstream === null ? -1 : SEGMENT_INDEX[upstream];
});

/** Segments from the extremities inwards: each stands before the one that feeds it. */
export const EXTREMITIES_FIRST = Int32Array.from([...SEGMENTS.keys()].sort((one, other) => depth(other) - depth(one)));

function depth(segmentIndex: number): number {
  const upstream = UPSTREAM_INDEX[segmentIndex]!;
  return upstream < 0 ? 0 : 1 + depth(upstream);
}
