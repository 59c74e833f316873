import { planElimination, type EliminationPlan } from "../numeric";
import { BLOOD_HEAT_WH_PER_L_K } from "../units";
import type { BodyParameters } from "./body-parameters";
import { CENTRAL_BLOOD_NODE, EXTREMITIES_FIRST, NODE_COUNT, SEGMENT_NODES, UPSTREAM_INDEX } from "./nodes";
import { SEGMENT_COUNT, SEGMENT_INDEX } from "./segments";

/** Blood leaving `upstream` and arriving at `node`. */
type BloodLink = { readonly node: number; readonly upstream: number };

/** Slots one flow touches. */
type FlowSlots = { readonly diagonal: Int32Array; readonly upstream: Int32Array };

/** Blood flows of one step, L/h; tissue flows per segment, vessel flows derived from them. */
export type BloodFlows = {
  /** All the flows below in one buffer, kind after kind in the order of FLOW_KINDS. */
  readonly all: Float64Array;
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

const FLOW_KINDS = ["core", "muscle", "fat", "skin", "anastomoses", "arterial", "venous", "superficial"] as const;
type FlowKind = (typeof FLOW_KINDS)[number];

export function createBloodFlows(): BloodFlows {
  const all = new Float64Array(FLOW_KINDS.length * SEGMENT_COUNT);
  const views = FLOW_KINDS.map((kind, place) => [
    kind,
    all.subarray(place * SEGMENT_COUNT, (place + 1) * SEGMENT_COUNT),
  ]);
  return { all, ...(Object.fromEntries(views) as Record<FlowKind, Float64Array>) };
}

const OUTWARDS = [...EXTREMITIES_FIRST].reverse();

/** Sums tissue flows inwards along the vessel tree. Anastomoses come by artery and go by the superficial veins. */
export function gatherVesselFlows(flows: BloodFlows): void {
  for (let segment = 0; segment < SEGMENT_COUNT; segment++) {
    const own = flows.core[segment]! + flows.muscle[segment]! + flows.fat[segment]! + flows.skin[segment]!;
    flows.venous[segment] = own;
    flows.superficial[segment] = flows.anastomoses[segment]!;
    flows.arterial[segment] = own + flows.anastomoses[segment]!;
  }
  for (const segment of EXTREMITIES_FIRST) {
    const upstream = UPSTREAM_INDEX[segment]!;
    if (upstream < 0) continue;
    flows.arterial[upstream]! += flows.arterial[segment]!;
    flows.venous[upstream]! += flows.venous[segment]!;
    if (SEGMENT_NODES[upstream]!.superficialVein >= 0) flows.superficial[upstream]! += flows.superficial[segment]!;
  }
  // The thighs' superficial veins end in the pelvis vein, which therefore carries the feet's anastomoses too.
  flows.venous[SEGMENT_INDEX.pelvis]! +=
    flows.superficial[SEGMENT_INDEX.leftThigh]! + flows.superficial[SEGMENT_INDEX.rightThigh]!;
}

/** The implicit matrix of one body: its fixed pattern and fixed part, and where each blood flow enters. */
export type VesselMatrix = {
  readonly plan: EliminationPlan;
  /** Conductances only, one value per slot, W/K. */
  readonly fixedWPerK: Float64Array;
  assembleFlows(values: Float64Array, flows: BloodFlows): void;
};

type SegmentLink = BloodLink & { readonly segment: number; readonly kind: FlowKind };

/** Every blood link of the body, with the flow that runs in it. */
function bloodLinks(): SegmentLink[] {
  const links: SegmentLink[] = [];
  for (const segment of OUTWARDS) {
    const nodes = SEGMENT_NODES[segment]!;
    const upstream = UPSTREAM_INDEX[segment]!;
    const feeding = upstream < 0 ? CENTRAL_BLOOD_NODE : SEGMENT_NODES[upstream]!.artery;
    const receiving = upstream < 0 ? CENTRAL_BLOOD_NODE : SEGMENT_NODES[upstream]!.vein;
    links.push({ segment, kind: "arterial", node: nodes.artery, upstream: feeding });
    for (const tissue of ["core", "muscle", "fat", "skin"] as const) {
      if (nodes[tissue] < 0) continue;
      links.push({ segment, kind: tissue, node: nodes[tissue], upstream: nodes.artery });
      links.push({ segment, kind: tissue, node: nodes.vein, upstream: nodes[tissue] });
    }
    links.push({ segment, kind: "venous", node: receiving, upstream: nodes.vein });
    if (nodes.superficialVein < 0) continue;
    const upstreamSuperficial = upstream < 0 ? -1 : SEGMENT_NODES[upstream]!.superficialVein;
    links.push({
      segment,
      kind: "superficial",
      node: upstreamSuperficial >= 0 ? upstreamSuperficial : receiving,
      upstream: nodes.superficialVein,
    });
  }
  // Anastomoses short-circuit artery and superficial vein in hands and feet.
  for (const segment of [
    SEGMENT_INDEX.leftHand,
    SEGMENT_INDEX.rightHand,
    SEGMENT_INDEX.leftFoot,
    SEGMENT_INDEX.rightFoot,
  ]) {
    const nodes = SEGMENT_NODES[segment]!;
    links.push({ segment, kind: "superficial", node: nodes.superficialVein, upstream: nodes.artery });
  }
  return links;
}

const BLOOD_LINKS = bloodLinks();

/** Extremities first, each segment from the skin in to its artery; the central pool last: fill-in stays in the tree. */
const ELIMINATION_ORDER: readonly number[] = [
  ...EXTREMITIES_FIRST.flatMap((segment) => {
    const nodes = SEGMENT_NODES[segment]!;
    return [nodes.skin, nodes.fat, nodes.muscle, nodes.core, nodes.superficialVein, nodes.vein, nodes.artery].filter(
      (node) => node >= 0,
    );
  }),
  CENTRAL_BLOOD_NODE,
];

/** Plans the matrix of a person; done once, replayed each step. */
export function vesselMatrix(parameters: BodyParameters): VesselMatrix {
  const plan = planElimination(
    NODE_COUNT,
    [
      ...parameters.conductances.flatMap(({ from, to }) => [[from, to] as const, [to, from] as const]),
      ...BLOOD_LINKS.map(({ node, upstream }) => [node, upstream] as const),
    ],
    ELIMINATION_ORDER,
  );
  const fixedWPerK = new Float64Array(plan.slotCount);
  const add = (row: number, column: number, valueWPerK: number): void => {
    fixedWPerK[plan.slotOf(row, column)]! += valueWPerK;
  };
  for (const { from, to, conductanceWPerK } of parameters.conductances) {
    add(from, from, conductanceWPerK);
    add(to, to, conductanceWPerK);
    add(from, to, -conductanceWPerK);
    add(to, from, -conductanceWPerK);
  }
  const slots: FlowSlots = {
    diagonal: Int32Array.from(BLOOD_LINKS, ({ node }) => plan.slotOf(node, node)),
    upstream: Int32Array.from(BLOOD_LINKS, ({ node, upstream }) => plan.slotOf(node, upstream)),
  };
  const flowOf = Int32Array.from(
    BLOOD_LINKS,
    ({ segment, kind }) => FLOW_KINDS.indexOf(kind) * SEGMENT_COUNT + segment,
  );

  const assembleFlows = (values: Float64Array, flows: BloodFlows): void => {
    const { diagonal, upstream } = slots;
    for (let link = 0; link < flowOf.length; link++) {
      const carriedWPerK = BLOOD_HEAT_WH_PER_L_K * flows.all[flowOf[link]!]!;
      values[diagonal[link]!]! += carriedWPerK;
      values[upstream[link]!]! -= carriedWPerK;
    }
  };
  return { plan, fixedWPerK, assembleFlows };
}
