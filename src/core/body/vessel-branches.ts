import type { BodyParameters } from "./body-parameters";
import { CENTRAL_BLOOD_NODE, NODE_COUNT, SEGMENT_NODES, UPSTREAM_INDEX, type SegmentNodes } from "./nodes";
import { SEGMENT_COUNT } from "./segments";

/** Conductances of a segment, W/K; zero where a tissue is missing. */
export type SegmentConductances = {
  readonly arteryVein: Float64Array;
  readonly arteryCore: Float64Array;
  readonly veinCore: Float64Array;
  readonly superficialSkin: Float64Array;
  /** Skin to the tissue under it: fat in head and pelvis, core elsewhere. */
  readonly skinInner: Float64Array;
  readonly muscleFat: Float64Array;
  readonly coreMuscle: Float64Array;
};

/** The conductances of a body, sorted by segment. */
export function conductancesBySegment({ conductances }: BodyParameters): SegmentConductances {
  const key = (one: number, other: number): number => Math.min(one, other) * NODE_COUNT + Math.max(one, other);
  const known = new Map(conductances.map(({ from, to, conductanceWPerK }) => [key(from, to), conductanceWPerK]));
  const between = (one: number, other: number): number =>
    one < 0 || other < 0 ? 0 : (known.get(key(one, other)) ?? 0);
  const perSegment = (pair: (nodes: (typeof SEGMENT_NODES)[number]) => readonly [number, number]): Float64Array =>
    Float64Array.from(SEGMENT_NODES, (nodes) => between(...pair(nodes)));
  return {
    arteryVein: perSegment(({ artery, vein }) => [artery, vein]),
    arteryCore: perSegment(({ artery, core }) => [artery, core]),
    veinCore: perSegment(({ vein, core }) => [vein, core]),
    superficialSkin: perSegment(({ superficialVein, skin }) => [superficialVein, skin]),
    skinInner: perSegment(({ fat, core, skin }) => [skin, fat >= 0 ? fat : core]),
    muscleFat: perSegment(({ muscle, fat }) => [muscle, fat]),
    coreMuscle: perSegment(({ core, muscle }) => [core, muscle]),
  };
}

/** Where a segment stands in the tree. */
type Branch = {
  readonly nodes: SegmentNodes;
  readonly layered: boolean;
  readonly limb: boolean;
  /** Segment upstream; SEGMENT_COUNT is the central pool. */
  readonly upstream: number;
  /** Artery that feeds it. */
  readonly feeding: number;
  /** The segment upstream has a superficial vein; else blood joins the deep vein there. */
  readonly superficialUpstream: boolean;
};

export const BRANCHES: readonly Branch[] = SEGMENT_NODES.map((nodes, segment) => {
  const upstream = UPSTREAM_INDEX[segment]!;
  const from = SEGMENT_NODES[upstream];
  return {
    nodes,
    layered: nodes.muscle >= 0,
    limb: nodes.superficialVein >= 0,
    upstream: from ? upstream : SEGMENT_COUNT,
    feeding: from ? from.artery : CENTRAL_BLOOD_NODE,
    superficialUpstream: from !== undefined && from.superficialVein >= 0,
  };
});
