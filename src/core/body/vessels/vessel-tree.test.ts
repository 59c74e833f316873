import { expect, it } from "vitest";
import { conductancePairs } from "../../../../scripts/reference/conductance-pairs";
import { seededRandom } from "../../numeric";
import { BLOOD_HEAT_WH_PER_L_K } from "../../units";
import { createBloodFlows, gatherVesselFlows, type BloodFlows } from "../regulation/blood-flows";
import { bodyParameters, type BodyParameters } from "../body-parameters";
import { CENTRAL_BLOOD_NODE, NODE_COUNT, SEGMENT_NODES, UPSTREAM_INDEX } from "../nodes";
import { SEGMENT_COUNT, SEGMENT_INDEX } from "../segments";
import { VesselTree } from "./vessel-tree";

const random = seededRandom(85);
const filled = (count: number, low: number, high: number): Float64Array =>
  Float64Array.from({ length: count }, () => low + (high - low) * random());

function randomFlows(): BloodFlows {
  const flows = createBloodFlows();
  flows.core.set(filled(SEGMENT_COUNT, 0.1, 80));
  flows.skin.set(filled(SEGMENT_COUNT, 0.1, 5));
  for (const segment of [SEGMENT_INDEX.head, SEGMENT_INDEX.pelvis]) {
    flows.muscle[segment] = 10 * random();
    flows.fat[segment] = 3 * random();
  }
  for (const segment of [7, 10, 13, 16]) flows.anastomoses[segment] = 2 * random();
  gatherVesselFlows(flows);
  return flows;
}

/** The same system as a full matrix, from the published description: the oracle. */
function denseMatrix(parameters: BodyParameters, flows: BloodFlows, inertia: Float64Array, skinWPerK: Float64Array) {
  const matrix = Array.from({ length: NODE_COUNT }, (_, row) => {
    const values = new Float64Array(NODE_COUNT);
    values[row] = inertia[row]!;
    return values;
  });
  const flow = (from: number, to: number, litresPerHour: number): void => {
    matrix[to]![to]! += BLOOD_HEAT_WH_PER_L_K * litresPerHour;
    matrix[to]![from]! -= BLOOD_HEAT_WH_PER_L_K * litresPerHour;
  };
  for (const { from, to, conductanceWPerK } of conductancePairs(parameters)) {
    matrix[from]![from]! += conductanceWPerK;
    matrix[to]![to]! += conductanceWPerK;
    matrix[from]![to]! -= conductanceWPerK;
    matrix[to]![from]! -= conductanceWPerK;
  }
  SEGMENT_NODES.forEach((nodes, segment) => {
    matrix[nodes.skin]![nodes.skin]! += skinWPerK[segment]!;
    const upstream = SEGMENT_NODES[UPSTREAM_INDEX[segment]!];
    const deep = upstream?.vein ?? CENTRAL_BLOOD_NODE;
    flow(upstream?.artery ?? CENTRAL_BLOOD_NODE, nodes.artery, flows.arterial[segment]!);
    for (const tissue of ["core", "muscle", "fat", "skin"] as const) {
      if (nodes[tissue] < 0) continue;
      flow(nodes.artery, nodes[tissue], flows[tissue][segment]!);
      flow(nodes[tissue], nodes.vein, flows[tissue][segment]!);
    }
    flow(nodes.vein, deep, flows.venous[segment]!);
    if (nodes.superficialVein < 0) return;
    flow(nodes.artery, nodes.superficialVein, flows.anastomoses[segment]!);
    const into = upstream && upstream.superficialVein >= 0 ? upstream.superficialVein : deep;
    flow(nodes.superficialVein, into, flows.superficial[segment]!);
  });
  return matrix;
}

function solveDense(matrix: Float64Array[], right: Float64Array): Float64Array {
  for (let pivot = 0; pivot < NODE_COUNT; pivot++) {
    for (let row = pivot + 1; row < NODE_COUNT; row++) {
      const factor = matrix[row]![pivot]! / matrix[pivot]![pivot]!;
      if (factor === 0) continue;
      for (let column = pivot; column < NODE_COUNT; column++) matrix[row]![column]! -= factor * matrix[pivot]![column]!;
      right[row]! -= factor * right[pivot]!;
    }
  }
  for (let row = NODE_COUNT - 1; row >= 0; row--) {
    for (let column = row + 1; column < NODE_COUNT; column++) right[row]! -= matrix[row]![column]! * right[column]!;
    right[row]! /= matrix[row]![row]!;
  }
  return right;
}

it("solves the same system as a full elimination, for twenty random states", () => {
  const parameters = bodyParameters({ heightM: 1.7, massKg: 70, fatPercent: 22, ageYears: 41, sex: "female" });
  for (let state = 0; state < 20; state++) {
    const flows = randomFlows();
    const inertia = parameters.capacityJPerK.map((capacity) => capacity / 60);
    const heatW = filled(NODE_COUNT, -5, 20);
    const skinWPerK = filled(SEGMENT_COUNT, 0.1, 3);
    const temperatureC = filled(NODE_COUNT, 20, 38);
    const right = temperatureC.map((value, node) => value * inertia[node]! + heatW[node]!);
    const expected = solveDense(denseMatrix(parameters, flows, inertia, skinWPerK), right);
    new VesselTree(parameters, flows).solve(60, heatW, skinWPerK, temperatureC);
    temperatureC.forEach((value, node) => expect(Math.abs(value - expected[node]!)).toBeLessThan(1e-9));
  }
});

it("as much blood returns as leaves", () => {
  const flows = randomFlows();
  const fromHeart = [1, 2, 3, 4, 5, 8].reduce((sum, segment) => sum + flows.arterial[segment]!, 0);
  const toHeart =
    [1, 2, 3, 4, 5, 8].reduce((sum, segment) => sum + flows.venous[segment]!, 0) +
    flows.superficial[SEGMENT_INDEX.leftShoulder]! +
    flows.superficial[SEGMENT_INDEX.rightShoulder]!;
  expect(toHeart).toBeCloseTo(fromHeart, 9);
});
