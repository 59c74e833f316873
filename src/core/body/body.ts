import { anastomosesFlow, skinBloodFlow, trunkMean, type AnastomosesFlow } from "./blood-flow";
import { breathingLoss, type ExpiredAir } from "./breathing";
import { bodyParameters, type BodyParameters } from "./body-parameters";
import { createErrorSignals, weighReceptors, type ErrorSignals } from "./error-signals";
import { createSkinVapour, evaporation, type SkinVapour } from "./evaporation";
import { nonShiveringCeilingW, nonShiveringW, shiveringCeilingWPerM2, shiveringW } from "./heat-production";
import { NODE_COUNT, SEGMENT_NODES } from "./nodes";
import type { BodyPerson } from "./person";
import { saturationPressureKPa } from "./saturation-pressure";
import { SEGMENT_COUNT, SEGMENT_INDEX } from "./segments";
import {
  BASAL_HEAT_SHARE,
  BASAL_TISSUE_FLOW_L_PER_H,
  NON_SHIVERING_SHARE,
  SHIVERING_SHARE,
  WORK_HEAT_SHARE,
} from "./tables";
import { createBloodFlows, gatherVesselFlows, type BloodFlows } from "./blood-flows";
import { createVesselTree } from "./vessel-tree";

/** Heat of muscle work that a litre of blood an hour carries off: W·h/L (JOS-3). */
const WORK_HEAT_PER_FLOW_WH_PER_L = 1.163;

/** What of the published body an outing changes; each switch is named in docs/method.md. */
export type BodyOptions = {
  /** Opening of the anastomoses by a warm trunk, 1/K; 0 as published. */
  readonly openingPerTrunkK: number;
  readonly shiveringCeiling: "none" | "tikuisis-giesbrecht-1999";
  readonly expiredAir: ExpiredAir;
};

/** JOS-3 as published. */
export const PUBLISHED_BODY: BodyOptions = { openingPerTrunkK: 0, shiveringCeiling: "none", expiredAir: "fixed-34" };

/** Outing mode, changes 3 to 5. K = 8 is an assumption (4–12 in the ensemble). */
export const OUTING_BODY: BodyOptions = {
  openingPerTrunkK: 8,
  shiveringCeiling: "tikuisis-giesbrecht-1999",
  expiredAir: "iso-11079",
};

/** How the skin meets its surroundings during one step; arrays of 17. */
export type SkinExchange = {
  /** Area over dry resistance, W/K. */
  readonly dryConductanceWPerK: Float64Array;
  /** Temperature towards which the skin loses dry heat, °C. */
  readonly surroundingsC: Float64Array;
  readonly evaporativeResistanceM2KPaPerW: Float64Array;
  readonly vapourPressureKPa: Float64Array;
  /** Air breathed in, °C. */
  breathedAirC: number;
};

export const createSkinExchange = (): SkinExchange => ({
  dryConductanceWPerK: new Float64Array(SEGMENT_COUNT),
  surroundingsC: new Float64Array(SEGMENT_COUNT),
  evaporativeResistanceM2KPaPerW: new Float64Array(SEGMENT_COUNT),
  vapourPressureKPa: new Float64Array(SEGMENT_COUNT),
  breathedAirC: 0,
});

export type SetPoints = { readonly coreC: Float64Array; readonly skinC: Float64Array };

/** One person's body: buffers that a step advances in place. Read them between steps; do not write. */
export type Body = {
  readonly parameters: BodyParameters;
  readonly temperatureC: Float64Array;
  readonly flows: BloodFlows;
  readonly vapour: SkinVapour;
  /** Figures of the step just made. */
  readonly last: { heatMadeW: number; shiveringW: number; nonShiveringW: number; breathingMoistW: number };
  setPoints: SetPoints | null;
  /**
   * First half of a step: vapour, heat production and blood flows, all from the temperatures as they stand.
   * @param exchange skin and surroundings during the step
   * @param activityRatio heat production over basal (PAR), ≥ 1
   */
  regulate(exchange: SkinExchange, activityRatio: number): void;
  /**
   * Second half: advances all temperatures, fully implicit.
   * @param stepS step, s
   * @param extraHeatW heat per node from elsewhere, W; 85 values, or none
   */
  advance(exchange: SkinExchange, stepS: number, extraHeatW?: Float64Array): void;
};

const START_C = 36;
const NO_EXTRA_HEAT = new Float64Array(NODE_COUNT);

/**
 * A body at a uniform 36 °C without set points: "passive" until `setPoints` are given.
 * @throws {CoreError} `out-of-range` when the person leaves PERSON_RANGE
 * @source JOS-3, Takahashi et al. 2021, doi:10.1016/j.enbuild.2020.110575
 */
export function createBody(person: BodyPerson, options: BodyOptions): Body {
  const parameters = bodyParameters(person);
  const { bloodRatio, surfaceRatio, skinAreaM2, capacityJPerK } = parameters;
  const tree = createVesselTree(parameters);
  const skinNode = Int32Array.from(SEGMENT_NODES, ({ skin }) => skin);
  const diagonalWPerK = new Float64Array(NODE_COUNT);
  const sourceW = new Float64Array(NODE_COUNT);
  const heatW = new Float64Array(NODE_COUNT);
  const movedW = new Float64Array(SEGMENT_COUNT);
  const basalNodeHeatW = basalHeatPerNode(parameters.basalHeatW);
  const basalTotalW = basalNodeHeatW.reduce((total, heat) => total + heat, 0);
  const greatestVapourW = new Float64Array(SEGMENT_COUNT);
  const errors = createErrorSignals();
  const anastomoses: AnastomosesFlow = { handLPerH: 0, footLPerH: 0 };
  const ceilingW = nonShiveringCeilingW(person);

  const temperatureC = new Float64Array(NODE_COUNT).fill(START_C);
  const flows = createBloodFlows();
  const vapour = createSkinVapour();
  const last = { heatMadeW: 0, shiveringW: 0, nonShiveringW: 0, breathingMoistW: 0 };
  const body: Body = { parameters, temperatureC, flows, vapour, last, setPoints: null, regulate, advance };

  /** Work, shivering and brown fat come on top of the basal heat; what moves muscle also calls for blood. */
  function makeHeat(activityRatio: number): void {
    const workW = (activityRatio - 1) * parameters.basalHeatW;
    const shiverW = shiveringNowW();
    const brownFatW = nonShiveringW(errors, ceilingW, surfaceRatio);
    heatW.set(basalNodeHeatW);
    let totalW = basalTotalW;
    let shiveredW = 0;
    for (let segment = 0; segment < SEGMENT_COUNT; segment++) {
      const nodes = SEGMENT_NODES[segment]!;
      const shivered = shiverW * SHIVERING_SHARE[segment]!;
      const moved = workW * WORK_HEAT_SHARE[segment]! + shivered;
      const brownFat = brownFatW * NON_SHIVERING_SHARE[segment]!;
      heatW[nodes.core]! += brownFat;
      heatW[nodes.muscle >= 0 ? nodes.muscle : nodes.core]! += moved;
      movedW[segment] = moved;
      totalW += moved + brownFat;
      shiveredW += shivered;
    }
    last.heatMadeW = totalW;
    last.shiveringW = shiveredW;
    last.nonShiveringW = brownFatW * NON_SHIVERING_TOTAL;
  }

  function shiveringNowW(): number {
    const unboundW = shiveringW(errors, surfaceRatio, person.ageYears);
    if (options.shiveringCeiling === "none" || unboundW === 0) return unboundW;
    const ceilingWPerM2 = shiveringCeilingWPerM2(trunkCoreC(temperatureC), meanSkinC(body), person.fatPercent);
    return Math.min(unboundW, ceilingWPerM2 * parameters.surfaceM2);
  }

  function runBlood(): void {
    skinBloodFlow(flows.skin, errors, bloodRatio, person.ageYears);
    anastomosesFlow(anastomoses, errors, bloodRatio, options.openingPerTrunkK);
    const open = body.setPoints === null ? 0 : 1; // passive: closed
    for (const hand of HANDS) flows.anastomoses[hand] = anastomoses.handLPerH * open;
    for (const foot of FEET) flows.anastomoses[foot] = anastomoses.footLPerH * open;
    for (let segment = 0; segment < SEGMENT_COUNT; segment++) {
      const layered = SEGMENT_NODES[segment]!.muscle >= 0;
      const forWork = movedW[segment]! / WORK_HEAT_PER_FLOW_WH_PER_L;
      flows.core[segment] = BASAL_TISSUE_FLOW_L_PER_H.core[segment]! * bloodRatio + (layered ? 0 : forWork);
      flows.muscle[segment] = layered ? BASAL_TISSUE_FLOW_L_PER_H.muscle[segment]! * bloodRatio + forWork : 0;
      flows.fat[segment] = layered ? BASAL_TISSUE_FLOW_L_PER_H.fat[segment]! * bloodRatio : 0;
    }
    gatherVesselFlows(flows);
  }

  function regulate(exchange: SkinExchange, activityRatio: number): void {
    readErrorsInto(errors, temperatureC, body.setPoints);
    for (let segment = 0; segment < SEGMENT_COUNT; segment++) {
      const skinKPa = saturationPressureKPa(temperatureC[SEGMENT_NODES[segment]!.skin]!);
      greatestVapourW[segment] =
        ((skinKPa - exchange.vapourPressureKPa[segment]!) / exchange.evaporativeResistanceM2KPaPerW[segment]!) *
        skinAreaM2[segment]!;
    }
    evaporation(vapour, errors, greatestVapourW, surfaceRatio, person.ageYears);
    makeHeat(activityRatio);
    runBlood();
    const breathed = breathingLoss(
      last.heatMadeW,
      exchange.breathedAirC,
      exchange.vapourPressureKPa[SEGMENT_INDEX.head]!,
      options.expiredAir,
    );
    last.breathingMoistW = breathed.moistW;
    heatW[CHEST_CORE]! -= breathed.dryW + breathed.moistW;
  }

  function advance(exchange: SkinExchange, stepS: number, extraHeatW: Float64Array = NO_EXTRA_HEAT): void {
    const perStep = 1 / stepS;
    for (let node = 0; node < NODE_COUNT; node++) {
      const inertia = capacityJPerK[node]! * perStep;
      diagonalWPerK[node] = inertia;
      sourceW[node] = inertia * temperatureC[node]! + heatW[node]! + extraHeatW[node]!;
    }
    for (let segment = 0; segment < SEGMENT_COUNT; segment++) {
      const skin = skinNode[segment]!;
      const conductance = exchange.dryConductanceWPerK[segment]!;
      diagonalWPerK[skin] = diagonalWPerK[skin]! + conductance;
      sourceW[skin] = sourceW[skin]! + conductance * exchange.surroundingsC[segment]! - vapour.heatW[segment]!;
    }
    tree.solve(flows, diagonalWPerK, sourceW, temperatureC);
  }

  return body;
}

const CHEST_CORE = SEGMENT_NODES[SEGMENT_INDEX.chest]!.core;
const BACK_CORE = SEGMENT_NODES[SEGMENT_INDEX.back]!.core;
const PELVIS_CORE = SEGMENT_NODES[SEGMENT_INDEX.pelvis]!.core;
const HANDS = [SEGMENT_INDEX.leftHand, SEGMENT_INDEX.rightHand] as const;
const FEET = [SEGMENT_INDEX.leftFoot, SEGMENT_INDEX.rightFoot] as const;
const NON_SHIVERING_TOTAL = NON_SHIVERING_SHARE.reduce((total, share) => total + share, 0);

/** Basal heat at every node, W. @source JOS-3's shares by tissue */
function basalHeatPerNode(wholeBodyW: number): Float64Array {
  const heatW = new Float64Array(NODE_COUNT);
  SEGMENT_NODES.forEach((nodes, segment) => {
    for (const tissue of ["core", "muscle", "fat", "skin"] as const) {
      if (nodes[tissue] >= 0) heatW[nodes[tissue]] = BASAL_HEAT_SHARE[tissue][segment]! * wholeBodyW;
    }
  });
  return heatW;
}

function readErrorsInto(errors: ErrorSignals, temperatureC: Float64Array, setPoints: SetPoints | null): void {
  for (let segment = 0; segment < SEGMENT_COUNT; segment++) {
    const nodes = SEGMENT_NODES[segment]!;
    errors.coreK[segment] = setPoints ? temperatureC[nodes.core]! - setPoints.coreC[segment]! : 0;
    errors.skinK[segment] = setPoints ? temperatureC[nodes.skin]! - setPoints.skinC[segment]! : 0;
  }
  weighReceptors(errors);
}

/** Heat-capacity mean of the chest, back and pelvis cores, °C. @source JOS-3's weights */
export const trunkCoreC = (temperatureC: ArrayLike<number>): number =>
  trunkMean(temperatureC[CHEST_CORE]!, temperatureC[BACK_CORE]!, temperatureC[PELVIS_CORE]!);

/** Area mean of the skin, °C. */
export function meanSkinC(body: Pick<Body, "temperatureC" | "parameters">): number {
  const { skinAreaM2, surfaceM2 } = body.parameters;
  let total = 0;
  for (let segment = 0; segment < SEGMENT_COUNT; segment++) {
    total += body.temperatureC[SEGMENT_NODES[segment]!.skin]! * skinAreaM2[segment]!;
  }
  return total / surfaceM2;
}

/** Copies core and skin temperatures of all segments. */
export function coreAndSkinC(temperatureC: ArrayLike<number>): SetPoints {
  return {
    coreC: Float64Array.from(SEGMENT_NODES, ({ core }) => temperatureC[core]!),
    skinC: Float64Array.from(SEGMENT_NODES, ({ skin }) => temperatureC[skin]!),
  };
}
