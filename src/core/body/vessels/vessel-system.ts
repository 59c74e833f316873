import type { BloodFlows } from "../regulation/blood-flows";
import type { BodyParameters, SegmentConductances } from "../body-parameters";
import { NODE_COUNT, SEGMENT_NODES } from "../nodes";
import { SEGMENT_COUNT } from "../segments";

/** What a segment hands on: a constant and a share of the next artery's temperature. */
export const LINE = 2;
/** Numbers kept per segment for the way back outwards. */
export const KEPT = 16;

/** One implicit step as linear equations, with room for its solution. */
export type VesselSystem = {
  readonly conductances: SegmentConductances;
  /** What of each node's diagonal is the body's, W/K: its conductances. */
  readonly conductanceWPerK: Float64Array;
  /** The same and its inertia over the step, W/K. */
  readonly diagonalWPerK: Float64Array;
  /** Heat into each node from the last step's temperature and from elsewhere, W. */
  readonly rightW: Float64Array;
  readonly kept: Float64Array;
  /** What the segments beyond bring, by vein and by superficial vein; the place after the last segment is the central pool. */
  readonly veinInflow: Float64Array;
  readonly superficialInflow: Float64Array;
  readonly flows: BloodFlows;
  /** Conductance of each segment's skin to its surroundings, W/K. */
  skinWPerK: Float64Array;
};

export const createVesselSystem = ({ conductances }: BodyParameters, flows: BloodFlows): VesselSystem => ({
  conductances,
  conductanceWPerK: conductanceSums(conductances),
  diagonalWPerK: new Float64Array(NODE_COUNT),
  rightW: new Float64Array(NODE_COUNT),
  kept: new Float64Array(SEGMENT_COUNT * KEPT),
  veinInflow: new Float64Array((SEGMENT_COUNT + 1) * LINE),
  superficialInflow: new Float64Array((SEGMENT_COUNT + 1) * LINE),
  flows,
  skinWPerK: new Float64Array(SEGMENT_COUNT),
});

/** Sums of what joins each node to others, W/K. */
function conductanceSums(conductances: SegmentConductances): Float64Array {
  const sums = new Float64Array(NODE_COUNT);
  const join = (one: number, other: number, conductanceWPerK: number): void => {
    for (const node of [one, other]) if (node >= 0) sums[node] = sums[node]! + conductanceWPerK;
  };
  SEGMENT_NODES.forEach(({ artery, vein, superficialVein, core, muscle, fat, skin }, segment) => {
    join(artery, vein, conductances.arteryVein[segment]!);
    join(artery, core, conductances.arteryCore[segment]!);
    join(vein, core, conductances.veinCore[segment]!);
    join(superficialVein, skin, conductances.superficialSkin[segment]!);
    join(skin, fat >= 0 ? fat : core, conductances.skinInner[segment]!);
    join(muscle, fat, conductances.muscleFat[segment]!);
    join(core, muscle, conductances.coreMuscle[segment]!);
  });
  return sums;
}
