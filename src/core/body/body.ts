import { anastomosesFlow, skinBloodFlow, type AnastomosesFlow } from "./blood-flow";
import { createBloodFlows, gatherVesselFlows, type BloodFlows } from "./blood-flows";
import { PUBLISHED_BODY, type BodyOptions } from "./body-options";
import { bodyParameters, type BodyParameters } from "./body-parameters";
import { meanSkinC, trunkCoreC, type CoreAndSkin } from "./body-readings";
import { breathingLoss } from "./breathing";
import { createErrorSignals, weighReceptors } from "./error-signals";
import { createSkinVapour, evaporation, type SkinVapour } from "./evaporation";
import { nonShiveringCeilingW, nonShiveringW, shiveringCeilingWPerM2, shiveringW } from "./heat-production";
import { CORE_NODES, IS_LAYERED, NODE_COUNT, SEGMENT_NODES, SKIN_NODES, WORKING_NODES } from "./nodes";
import type { BodyPerson } from "./person";
import { saturationPressureKPa } from "./saturation-pressure";
import { SEGMENT_COUNT, SEGMENT_INDEX } from "./segments";
import type { SkinExchange } from "./skin-exchange";
import {
  BASAL_HEAT_SHARE,
  BASAL_TISSUE_FLOW_L_PER_H,
  NON_SHIVERING_SHARE,
  SHIVERING_SHARE,
  WORK_HEAT_SHARE,
} from "./tables";
import { VesselTree } from "./vessel-tree";

/** Blood that muscle work calls for: a litre an hour for each 1.163 W (JOS-3). */
const FLOW_PER_WORK_HEAT_L_PER_WH = 1 / 1.163;
const START_C = 36;
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

/**
 * One person's body: buffers that a step advances in place, at first a uniform 36 °C and "passive" until it is given
 * set points. Read the buffers between steps; write `temperatureC` only to restore a state.
 * A class because the engine optimises methods, which exist once, far better than closures made anew per body.
 * @source JOS-3, Takahashi et al. 2021, doi:10.1016/j.enbuild.2020.110575
 */
export class Body {
  readonly parameters: BodyParameters;
  readonly temperatureC = new Float64Array(NODE_COUNT).fill(START_C);
  readonly flows: BloodFlows = createBloodFlows();
  readonly vapour: SkinVapour = createSkinVapour();
  /** Figures of the step just made. */
  readonly last = { heatMadeW: 0, shiveringW: 0, nonShiveringW: 0, breathingMoistW: 0 };
  setPoints: CoreAndSkin | null = null;

  private readonly options: BodyOptions;
  private readonly tree: VesselTree;
  private inertiaWPerK = new Float64Array(NODE_COUNT);
  private inertiaStepS = NaN;
  private readonly heatW = new Float64Array(NODE_COUNT);
  private readonly movedW = new Float64Array(SEGMENT_COUNT);
  private readonly basalNodeHeatW: Float64Array;
  private readonly basalTotalW: number;
  private readonly basalCoreLPerH: Float64Array;
  private readonly basalMuscleLPerH: Float64Array;
  private readonly greatestVapourW = new Float64Array(SEGMENT_COUNT);
  private readonly errors = createErrorSignals();
  private readonly anastomoses: AnastomosesFlow = { handLPerH: 0, footLPerH: 0 };
  private readonly nonShiveringCeilingW: number;

  /** @throws {CoreError} `out-of-range` when the person leaves PERSON_RANGE */
  constructor(person: BodyPerson, options: BodyOptions = PUBLISHED_BODY) {
    this.options = options;
    this.parameters = bodyParameters(person, options.basalHeatFactor);
    this.tree = new VesselTree(this.parameters);
    this.basalNodeHeatW = basalHeatPerNode(this.parameters.basalHeatW);
    this.basalTotalW = this.basalNodeHeatW.reduce((total, heat) => total + heat, 0);
    this.nonShiveringCeilingW = nonShiveringCeilingW(person);
    const scaled = (flow: readonly number[]): Float64Array =>
      Float64Array.from(flow, (value) => value * this.parameters.bloodRatio);
    this.basalCoreLPerH = scaled(BASAL_TISSUE_FLOW_L_PER_H.core);
    this.basalMuscleLPerH = scaled(BASAL_TISSUE_FLOW_L_PER_H.muscle);
    this.flows.fat.set(scaled(BASAL_TISSUE_FLOW_L_PER_H.fat));
  }

  /**
   * First half of a step: vapour, heat production and blood flows, all from the temperatures as they stand.
   * @param exchange skin and surroundings during the step
   * @param activityRatio heat production over basal (PAR), ≥ 1
   */
  regulate(exchange: SkinExchange, activityRatio: number): void {
    this.readErrors();
    this.sweat(exchange);
    this.makeHeat(activityRatio);
    this.runBlood();
    const breathed = breathingLoss(
      this.last.heatMadeW,
      exchange.breathedAirC,
      exchange.vapourPressureKPa[SEGMENT_INDEX.head]!,
      this.options.expiredAir,
    );
    this.last.breathingMoistW = breathed.moist;
    const chest = CORE_NODES[SEGMENT_INDEX.chest]!;
    this.heatW[chest] = this.heatW[chest]! - breathed.dry - breathed.moist;
  }

  /** Between the halves: heat into a node from elsewhere, W; negative where something draws on it. */
  addHeat(node: number, heatW: number): void {
    this.heatW[node] = this.heatW[node]! + heatW;
  }

  /**
   * Second half: advances all temperatures, fully implicit.
   * @param stepS step, s
   */
  advance(exchange: SkinExchange, stepS: number): void {
    const { heatW, temperatureC } = this;
    const { dryConductanceWPerK, surroundingsC } = exchange;
    const vapourW = this.vapour.heatW;
    for (let segment = 0; segment < SEGMENT_COUNT; segment++) {
      const skin = SKIN_NODES[segment]!;
      heatW[skin] = heatW[skin]! + dryConductanceWPerK[segment]! * surroundingsC[segment]! - vapourW[segment]!;
    }
    this.tree.solve(this.flows, this.inertiaOf(stepS), heatW, dryConductanceWPerK, temperatureC);
  }

  /** Heat capacity over the step, W/K; kept while the step stays the same. */
  private inertiaOf(stepS: number): Float64Array {
    if (stepS !== this.inertiaStepS) {
      this.inertiaWPerK = this.parameters.capacityJPerK.map((capacity) => capacity / stepS);
      this.inertiaStepS = stepS;
    }
    return this.inertiaWPerK;
  }

  private readErrors(): void {
    const { errors, setPoints, temperatureC } = this;
    const { coreK, skinK } = errors;
    for (let segment = 0; segment < SEGMENT_COUNT; segment++) {
      coreK[segment] = setPoints ? temperatureC[CORE_NODES[segment]!]! - setPoints.coreC[segment]! : 0;
      skinK[segment] = setPoints ? temperatureC[SKIN_NODES[segment]!]! - setPoints.skinC[segment]! : 0;
    }
    weighReceptors(errors);
  }

  private sweat(exchange: SkinExchange): void {
    const { greatestVapourW, temperatureC } = this;
    const { skinAreaM2, surfaceRatio, person } = this.parameters;
    const { vapourPressureKPa, evaporativeResistanceM2KPaPerW } = exchange;
    for (let segment = 0; segment < SEGMENT_COUNT; segment++) {
      const skinKPa = saturationPressureKPa(temperatureC[SKIN_NODES[segment]!]!);
      greatestVapourW[segment] =
        ((skinKPa - vapourPressureKPa[segment]!) / evaporativeResistanceM2KPaPerW[segment]!) * skinAreaM2[segment]!;
    }
    evaporation(this.vapour, this.errors, greatestVapourW, surfaceRatio, person.ageYears);
  }

  /** Work, shivering and brown fat come on top of the basal heat; what moves muscle also calls for blood. */
  private makeHeat(activityRatio: number): void {
    const { heatW, movedW, last } = this;
    const workW = (activityRatio - 1) * this.parameters.basalHeatW;
    const shiverW = this.shiveringNowW();
    const brownFatW = nonShiveringW(this.errors, this.nonShiveringCeilingW, this.parameters.surfaceRatio);
    heatW.set(this.basalNodeHeatW);
    let totalW = this.basalTotalW;
    let shiveredW = 0;
    for (let segment = 0; segment < SEGMENT_COUNT; segment++) {
      const shivered = shiverW * SHIVERING_SHARE[segment]!;
      const moved = workW * WORK_HEAT_SHARE[segment]! + shivered;
      const brownFat = brownFatW * NON_SHIVERING_SHARE[segment]!;
      const core = CORE_NODES[segment]!;
      const working = WORKING_NODES[segment]!;
      heatW[core] = heatW[core]! + brownFat;
      heatW[working] = heatW[working]! + moved;
      movedW[segment] = moved;
      totalW += moved + brownFat;
      shiveredW += shivered;
    }
    last.heatMadeW = totalW;
    last.shiveringW = shiveredW;
    last.nonShiveringW = brownFatW * NON_SHIVERING_TOTAL;
  }

  private shiveringNowW(): number {
    const { person, surfaceRatio, surfaceM2 } = this.parameters;
    const unboundW = shiveringW(this.errors, surfaceRatio, person.ageYears);
    if (this.options.shiveringCeiling === "none" || unboundW === 0) return unboundW;
    const skinC = meanSkinC(this.temperatureC, this.parameters);
    const ceilingWPerM2 = shiveringCeilingWPerM2(trunkCoreC(this.temperatureC), skinC, person.fatPercent);
    return Math.min(unboundW, ceilingWPerM2 * surfaceM2);
  }

  private runBlood(): void {
    const { flows, errors, anastomoses, movedW } = this;
    const { bloodRatio, person } = this.parameters;
    skinBloodFlow(flows.skin, errors, bloodRatio, person.ageYears);
    anastomosesFlow(anastomoses, errors, bloodRatio, this.options.openingPerTrunkK);
    const open = this.setPoints === null ? 0 : 1; // passive: closed
    flows.anastomoses[SEGMENT_INDEX.leftHand] = anastomoses.handLPerH * open;
    flows.anastomoses[SEGMENT_INDEX.rightHand] = anastomoses.handLPerH * open;
    flows.anastomoses[SEGMENT_INDEX.leftFoot] = anastomoses.footLPerH * open;
    flows.anastomoses[SEGMENT_INDEX.rightFoot] = anastomoses.footLPerH * open;
    const { core, muscle } = flows;
    const { basalCoreLPerH, basalMuscleLPerH } = this;
    for (let segment = 0; segment < SEGMENT_COUNT; segment++) {
      const forWork = movedW[segment]! * FLOW_PER_WORK_HEAT_L_PER_WH;
      const layered = IS_LAYERED[segment] === 1;
      core[segment] = basalCoreLPerH[segment]! + (layered ? 0 : forWork);
      muscle[segment] = layered ? basalMuscleLPerH[segment]! + forWork : 0;
    }
    gatherVesselFlows(flows);
  }
}
