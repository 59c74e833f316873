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

export const CENTRAL_BLOOD_NODE = 0;

const LAYERED: ReadonlySet<Segment> = new Set(["head", "pelvis"]);
const isLimb = (segment: Segment): boolean => SEGMENT_INDEX[segment] >= SEGMENT_INDEX.leftShoulder;

/** Nodes numbered as the published model numbers them: central blood, then each segment's blood, core, layers, skin. */
function numberNodes(): { nodes: readonly SegmentNodes[]; count: number } {
  let next = CENTRAL_BLOOD_NODE + 1;
  const nodes = SEGMENTS.map((segment) => {
    const artery = next++;
    const vein = next++;
    const superficialVein = isLimb(segment) ? next++ : -1;
    const core = next++;
    const muscle = LAYERED.has(segment) ? next++ : -1;
    const fat = LAYERED.has(segment) ? next++ : -1;
    const skin = next++;
    return { artery, vein, superficialVein, core, muscle, fat, skin };
  });
  return { nodes, count: next };
}

const numbered = numberNodes();

/** Node numbers per segment, in the order of SEGMENTS. */
export const SEGMENT_NODES: readonly SegmentNodes[] = numbered.nodes;

/** 85 nodes. */
export const NODE_COUNT = numbered.count;

/** The same as flat arrays, for the inner loops. */
export const CORE_NODES = Int32Array.from(numbered.nodes, ({ core }) => core);
export const SKIN_NODES = Int32Array.from(numbered.nodes, ({ skin }) => skin);
/** Where work and shivering make their heat: muscle in head and pelvis, the core elsewhere. */
export const WORKING_NODES = Int32Array.from(numbered.nodes, ({ core, muscle }) => (muscle >= 0 ? muscle : core));
/** 1 where a segment has muscle and fat of its own. */
export const IS_LAYERED = Uint8Array.from(numbered.nodes, ({ muscle }) => (muscle >= 0 ? 1 : 0));

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
