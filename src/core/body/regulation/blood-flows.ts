import { EXTREMITIES_FIRST, SEGMENT_NODES, UPSTREAM_INDEX } from "../nodes";
import { SEGMENT_COUNT, SEGMENT_INDEX } from "../segments";

/** Blood flows of one step, L/h; tissue flows per segment, vessel flows derived from them. */
export type BloodFlows = {
  readonly core: Float64Array;
  readonly muscle: Float64Array;
  readonly fat: Float64Array;
  readonly skin: Float64Array;
  readonly anastomoses: Float64Array;
  /** Through each segment's artery and vein, all beyond it included. */
  readonly arterial: Float64Array;
  readonly venous: Float64Array;
  /** Through the superficial veins of the limbs. */
  readonly superficial: Float64Array;
};

export const createBloodFlows = (): BloodFlows => ({
  core: new Float64Array(SEGMENT_COUNT),
  muscle: new Float64Array(SEGMENT_COUNT),
  fat: new Float64Array(SEGMENT_COUNT),
  skin: new Float64Array(SEGMENT_COUNT),
  anastomoses: new Float64Array(SEGMENT_COUNT),
  arterial: new Float64Array(SEGMENT_COUNT),
  venous: new Float64Array(SEGMENT_COUNT),
  superficial: new Float64Array(SEGMENT_COUNT),
});

/** Segments fed by another, from the extremities inwards, the segment each joins, and whether by superficial veins too. */
const BEYOND = EXTREMITIES_FIRST.filter((segment) => UPSTREAM_INDEX[segment]! >= 0);
const JOINED = BEYOND.map((segment) => UPSTREAM_INDEX[segment]!);
const SUPERFICIAL_JOINS = JOINED.map((upstream) => (SEGMENT_NODES[upstream]!.superficialVein >= 0 ? 1 : 0));

/**
 * Sums tissue flows inwards along the vessel tree. Anastomoses come by artery and go by the superficial veins.
 * @source JOS-3, Takahashi et al. 2021
 */
export function gatherVesselFlows(flows: BloodFlows): void {
  const { core, muscle, fat, skin, anastomoses, arterial, venous, superficial } = flows;
  for (let segment = 0; segment < SEGMENT_COUNT; segment++) {
    const own = core[segment]! + muscle[segment]! + fat[segment]! + skin[segment]!;
    const shortCut = anastomoses[segment]!;
    venous[segment] = own;
    superficial[segment] = shortCut;
    arterial[segment] = own + shortCut;
  }
  for (let index = 0; index < BEYOND.length; index++) {
    const segment = BEYOND[index]!;
    const upstream = JOINED[index]!;
    arterial[upstream] = arterial[upstream]! + arterial[segment]!;
    venous[upstream] = venous[upstream]! + venous[segment]!;
    superficial[upstream] = superficial[upstream]! + superficial[segment]! * SUPERFICIAL_JOINS[index]!;
  }
  // The thighs' superficial veins end in the pelvis vein, which therefore carries the feet's anastomoses too.
  venous[SEGMENT_INDEX.pelvis] =
    venous[SEGMENT_INDEX.pelvis]! + superficial[SEGMENT_INDEX.leftThigh]! + superficial[SEGMENT_INDEX.rightThigh]!;
}
