import { scaled } from "../numeric";
import { skinFlowOfPerson, type SkinFlowOfPerson } from "./regulation/blood-flow";
import { sweatShareAt } from "./exchange/evaporation";
import { nonShiveringCeilingW, shiveringGainAt } from "./regulation/heat-production";
import { NODE_COUNT, SEGMENT_NODES } from "./nodes";
import type { BodyPerson } from "./person";
import { BASAL_HEAT_SHARE, BASAL_TISSUE_FLOW_L_PER_H } from "./tables";

/** What a person's tissues do at rest and how strongly they answer, resolved once. */
export type PersonResponses = {
  /** Basal heat at every node, W. */
  readonly basalNodeHeatW: Float64Array;
  readonly basalTotalW: number;
  readonly basalCoreLPerH: Float64Array;
  readonly basalMuscleLPerH: Float64Array;
  readonly basalFatLPerH: Float64Array;
  readonly skinFlow: SkinFlowOfPerson;
  readonly sweatShare: Float64Array;
  /** W/K², and the most heat from brown fat, W of the standard surface. */
  readonly shiveringGain: number;
  readonly nonShiveringCeilingW: number;
};

/** @source JOS-3's shares by tissue */
function basalHeatPerNode(wholeBodyW: number): Float64Array {
  const heatW = new Float64Array(NODE_COUNT);
  SEGMENT_NODES.forEach((nodes, segment) => {
    for (const tissue of ["core", "muscle", "fat", "skin"] as const) {
      if (nodes[tissue] >= 0) heatW[nodes[tissue]] = BASAL_HEAT_SHARE[tissue][segment]! * wholeBodyW;
    }
  });
  return heatW;
}

/** @source JOS-3, Takahashi et al. 2021 */
export function personResponses(
  person: BodyPerson,
  basalHeatW: number,
  bloodRatio: number,
  surfaceRatio: number,
): PersonResponses {
  const basalNodeHeatW = basalHeatPerNode(basalHeatW);
  return {
    basalNodeHeatW,
    basalTotalW: basalNodeHeatW.reduce((total, heat) => total + heat, 0),
    basalCoreLPerH: scaled(BASAL_TISSUE_FLOW_L_PER_H.core, bloodRatio),
    basalMuscleLPerH: scaled(BASAL_TISSUE_FLOW_L_PER_H.muscle, bloodRatio),
    basalFatLPerH: scaled(BASAL_TISSUE_FLOW_L_PER_H.fat, bloodRatio),
    skinFlow: skinFlowOfPerson(bloodRatio, person.ageYears),
    sweatShare: sweatShareAt(person.ageYears, surfaceRatio),
    shiveringGain: shiveringGainAt(person.ageYears, surfaceRatio),
    nonShiveringCeilingW: nonShiveringCeilingW(person),
  };
}
