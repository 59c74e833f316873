import { BLOOD_HEAT_WH_PER_L_K } from "../../units";
import type { BloodFlows } from "../regulation/blood-flows";
import type { BodyParameters } from "../body-parameters";
import { limbsInwards, limbsOutwards } from "./limb-lines";
import { CENTRAL_BLOOD_NODE, NODE_COUNT } from "../nodes";
import { SEGMENT_COUNT } from "../segments";
import { trunkInwards, trunkOutwards } from "./trunk-lines";
import { FROM_CENTRAL } from "./vessel-branches";
import { createVesselSystem, LINE, type VesselSystem } from "./vessel-system";

// The implicit step is one linear system in 85 temperatures. Blood leaves a segment towards the heart but its rows know
// only its own nodes, those beyond it, and the artery that feeds it. So, from the extremities inwards, every segment is
// solved as a straight line in its feeding artery's temperature, then the central pool as a number, then all outwards.
// Letters in these files: a artery, v vein, s superficial vein, c core, m muscle, f fat, k skin; K conductance, W/K;
// F blood flow times heat, W/K; D one over a diagonal; an unknown is written x = x0 + xa·a + xs·s + xc·c + xv·v.
// Each kind of segment has one loop: the engine then keeps the arrays at hand instead of fetching them per segment.

const CENTRAL = SEGMENT_COUNT * LINE;

/** Solves one implicit step of one body; buffers are reused from step to step. */
export class VesselTree {
  private readonly system: VesselSystem;
  private readonly capacityJPerK: Float64Array;

  /** @param flows the body's flows, read at each step */
  constructor(parameters: BodyParameters, flows: BloodFlows) {
    this.system = createVesselSystem(parameters, flows);
    this.capacityJPerK = parameters.capacityJPerK;
  }

  /**
   * Replaces the temperatures by those one step later.
   * @param stepS step, s
   * @param heatW heat into each node from elsewhere, W
   * @param skinWPerK conductance of each segment's skin to its surroundings, W/K
   * @param temperatureC per node, °C
   */
  solve(stepS: number, heatW: Float64Array, skinWPerK: Float64Array, temperatureC: Float64Array): void {
    const { system, capacityJPerK } = this;
    const { conductanceWPerK, diagonalWPerK, rightW, veinInflow, superficialInflow } = system;
    const perS = 1 / stepS;
    system.skinWPerK = skinWPerK;
    veinInflow.fill(0);
    superficialInflow.fill(0);
    for (let node = 0; node < NODE_COUNT; node++) {
      const inertiaWPerK = capacityJPerK[node]! * perS;
      diagonalWPerK[node] = conductanceWPerK[node]! + inertiaWPerK;
      rightW[node] = inertiaWPerK * temperatureC[node]! + heatW[node]!;
    }
    limbsInwards(system);
    trunkInwards(system);
    const { arterial } = system.flows;
    let leaving = 0;
    for (let index = 0; index < FROM_CENTRAL.length; index++) leaving += arterial[FROM_CENTRAL[index]!]!;
    // As much blood returns to the pool as leaves it: the diagonal carries what returns.
    temperatureC[CENTRAL_BLOOD_NODE] =
      (rightW[CENTRAL_BLOOD_NODE]! + veinInflow[CENTRAL]!) /
      (diagonalWPerK[CENTRAL_BLOOD_NODE]! + BLOOD_HEAT_WH_PER_L_K * leaving - veinInflow[CENTRAL + 1]!);
    trunkOutwards(system, temperatureC);
    limbsOutwards(system, temperatureC);
  }
}
