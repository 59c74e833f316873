import { anastomosesFlow, skinBloodFlow, type AnastomosesFlow } from "./regulation/blood-flow";
import { createBloodFlows, gatherVesselFlows, type BloodFlows } from "./regulation/blood-flows";
import type { BodyOptions } from "./body-options";
import type { BodyParameters } from "./body-parameters";
import { meanSkinC, trunkCoreC } from "./body-readings";
import { coreAndSkinWithin, type CoreAndSkin } from "./core-and-skin";
import { breathingLoss } from "./exchange/breathing";
import { createErrorSignals, readErrors } from "./regulation/error-signals";
import { createSkinVapour, evaporation, type SkinVapour } from "./exchange/evaporation";
import { nonShiveringW, shiveringCeilingWPerM2, shiveringW } from "./regulation/heat-production";
import { FIRST_CORE, FIRST_SKIN, NODE_COUNT, SEGMENT_NODES } from "./nodes";
import { SEGMENT_COUNT, SEGMENT_INDEX } from "./segments";
import type { SkinExchange } from "./exchange/skin-exchange";
import { PastState } from "./regulation/past-state";
import { NON_SHIVERING_SHARE, SHIVERING_SHARE, WORK_HEAT_SHARE } from "./tables";
import { VesselTree } from "./vessels/vessel-tree";

/** Blood that muscle work calls for: a litre an hour for each 1.163 W (JOS-3). */
const FLOW_PER_WORK_HEAT_L_PER_WH = 1 / 1.163;
const START_C = 36;
/** What bends a core opens or shuts hands and feet: it counts so many times as much as what bends a skin (assumption). */
const CORES_COUNT = 5;
const USUAL_TRUNK_C = 37; // of Tikuisis & Giesbrecht, until a body's own is known
const CHEST_CORE = FIRST_CORE + SEGMENT_INDEX.chest;

const totalOf = (shares: readonly number[]): number => shares.reduce((total, share) => total + share, 0);
const WORK_TOTAL = totalOf(WORK_HEAT_SHARE);
const SHIVERING_TOTAL = totalOf(SHIVERING_SHARE);
const NON_SHIVERING_TOTAL = totalOf(NON_SHIVERING_SHARE);

/** Segments whose muscle is a node of its own; elsewhere the core works. */
const LAYERED = SEGMENT_NODES.flatMap(({ muscle, core }, segment) => (muscle >= 0 ? [{ segment, muscle, core }] : []));

/**
 * One person's body: buffers that a step advances in place, at first a uniform 36 °C and "passive" until it is given
 * set points. Read the buffers between steps; write `temperatureC` only to restore a state.
 * A class because the engine optimises methods, which exist once, far better than closures made for each body.
 * @source JOS-3, Takahashi et al. 2021, doi:10.1016/j.enbuild.2020.110575
 */
export class Body {
  readonly parameters: BodyParameters;
  readonly temperatureC = new Float64Array(NODE_COUNT).fill(START_C);
  /** Cores and skins within `temperatureC`. */
  readonly now: CoreAndSkin = coreAndSkinWithin(this.temperatureC);
  readonly flows: BloodFlows = createBloodFlows();
  readonly vapour: SkinVapour = createSkinVapour();
  /** Figures of the step just made. */
  readonly last = { heatMadeW: 0, shiveringW: 0, nonShiveringW: 0, breathingMoistW: 0, breathingDryW: 0 };
  /** As it was before the step just made. */
  readonly past = new PastState();
  setPoints: CoreAndSkin | null = null;
  /** Trunk core from which its fall is counted, °C: the person's own after resting. */
  trunkStartC = USUAL_TRUNK_C;

  /** Where the nodes are headed: what regulation reads, °C. */
  private readonly aheadC = new Float64Array(NODE_COUNT);
  private readonly ahead: CoreAndSkin = coreAndSkinWithin(this.aheadC);
  private readonly options: BodyOptions;
  private readonly tree: VesselTree;
  private readonly heatW = new Float64Array(NODE_COUNT);
  private readonly errors = createErrorSignals();
  private readonly anastomoses: AnastomosesFlow = { handLPerH: 0, footLPerH: 0 };

  constructor(parameters: BodyParameters, options: BodyOptions) {
    this.options = options;
    this.parameters = parameters;
    this.tree = new VesselTree(parameters, this.flows);
    this.flows.fat.set(parameters.responses.basalFatLPerH);
  }

  /**
   * First half of a step: vapour, heat production and blood flows, from the temperatures as they stand, or in second
   * order as they will stand.
   * @param exchange skin and surroundings during the step
   * @param activityRatio heat production over basal (PAR), ≥ 1
   * @param stepS step, s, as given to `advance`
   */
  regulate(exchange: SkinExchange, activityRatio: number, stepS: number): void {
    this.past.lookAhead(this.aheadC, this.temperatureC, stepS);
    if (this.setPoints) readErrors(this.errors, this.ahead, this.setPoints); // passive: no errors
    evaporation(this.vapour, this.errors, this.ahead.skinC, exchange, this.parameters.responses.sweatShare);
    this.work(activityRatio);
    this.runBlood();
    const breathed = breathingLoss(
      this.last.heatMadeW,
      exchange.breathedAirC,
      exchange.vapourPressureKPa[SEGMENT_INDEX.head]!,
      this.options.expiredAir,
    );
    this.last.breathingMoistW = breathed.moist;
    this.last.breathingDryW = breathed.dry;
    this.heatW[CHEST_CORE] = this.heatW[CHEST_CORE]! - breathed.dry - breathed.moist;
  }

  /** Between the halves: heat into a node from elsewhere, W; negative where something draws on it. */
  addHeat(node: number, heatW: number): void {
    this.heatW[node] = this.heatW[node]! + heatW;
  }

  /**
   * Second half: advances all temperatures, fully implicit in heat and blood.
   * @param stepS step, s
   */
  advance(exchange: SkinExchange, stepS: number): void {
    const { heatW, past, temperatureC } = this;
    const { dryConductanceWPerK, surroundingsC } = exchange;
    const vapourW = this.vapour.heatW;
    for (let segment = 0; segment < SEGMENT_COUNT; segment++) {
      const skin = FIRST_SKIN + segment;
      heatW[skin] = heatW[skin]! + dryConductanceWPerK[segment]! * surroundingsC[segment]! - vapourW[segment]!;
    }
    const standInS = past.standsInS(stepS);
    past.startFrom(temperatureC, stepS, this.options.order === 2);
    this.tree.solve(standInS, heatW, dryConductanceWPerK, temperatureC);
  }

  /** How far the step just made led from where its start pointed, at most over cores and skins, K: how much it bent. */
  stepErrorK(): number {
    const { now, ahead } = this;
    let most = 0;
    for (let segment = 0; segment < SEGMENT_COUNT; segment++) {
      most = Math.max(
        most,
        Math.abs(now.skinC[segment]! - ahead.skinC[segment]!),
        CORES_COUNT * Math.abs(now.coreC[segment]! - ahead.coreC[segment]!),
      );
    }
    return most;
  }

  /** Work, shivering and brown fat come on top of the basal heat; what moves muscle also calls for blood. */
  private work(activityRatio: number): void {
    const { heatW, last } = this;
    const { basalHeatW, surfaceRatio, responses } = this.parameters;
    const { basalNodeHeatW, basalTotalW, basalCoreLPerH, basalMuscleLPerH } = responses;
    const { core, muscle } = this.flows;
    const workW = (activityRatio - 1) * basalHeatW;
    const shiverW = this.shiveringNowW();
    const brownFatW = nonShiveringW(this.errors, responses.nonShiveringCeilingW, surfaceRatio);
    heatW.set(basalNodeHeatW);
    for (let segment = 0; segment < SEGMENT_COUNT; segment++) {
      const moved = workW * WORK_HEAT_SHARE[segment]! + shiverW * SHIVERING_SHARE[segment]!;
      const node = FIRST_CORE + segment;
      heatW[node] = basalNodeHeatW[node]! + moved + brownFatW * NON_SHIVERING_SHARE[segment]!;
      core[segment] = basalCoreLPerH[segment]! + moved * FLOW_PER_WORK_HEAT_L_PER_WH;
    }
    for (const nodes of LAYERED) {
      const { segment } = nodes;
      const moved = workW * WORK_HEAT_SHARE[segment]! + shiverW * SHIVERING_SHARE[segment]!;
      heatW[nodes.core] = heatW[nodes.core]! - moved;
      heatW[nodes.muscle] = basalNodeHeatW[nodes.muscle]! + moved;
      core[segment] = basalCoreLPerH[segment]!;
      muscle[segment] = basalMuscleLPerH[segment]! + moved * FLOW_PER_WORK_HEAT_L_PER_WH;
    }
    last.heatMadeW = basalTotalW + workW * WORK_TOTAL + shiverW * SHIVERING_TOTAL + brownFatW * NON_SHIVERING_TOTAL;
    last.shiveringW = shiverW * SHIVERING_TOTAL;
    last.nonShiveringW = brownFatW * NON_SHIVERING_TOTAL;
  }

  private shiveringNowW(): number {
    const { person, surfaceM2, responses } = this.parameters;
    const unboundW = shiveringW(this.errors, responses.shiveringGain);
    if (this.options.shiveringCeiling === "none" || unboundW === 0) return unboundW;
    const skinC = meanSkinC(this.aheadC, this.parameters);
    const fallK = this.trunkStartC - trunkCoreC(this.aheadC);
    const ceilingWPerM2 = shiveringCeilingWPerM2(fallK, skinC, person.fatPercent);
    return Math.min(unboundW, ceilingWPerM2 * surfaceM2);
  }

  private runBlood(): void {
    const { flows, errors, anastomoses } = this;
    skinBloodFlow(flows.skin, errors, this.parameters.responses.skinFlow);
    anastomosesFlow(anastomoses, errors, this.parameters.bloodRatio, this.options.openingPerTrunkK);
    const open = this.setPoints === null ? 0 : 1; // passive: closed
    flows.anastomoses[SEGMENT_INDEX.leftHand] = anastomoses.handLPerH * open;
    flows.anastomoses[SEGMENT_INDEX.rightHand] = anastomoses.handLPerH * open;
    flows.anastomoses[SEGMENT_INDEX.leftFoot] = anastomoses.footLPerH * open;
    flows.anastomoses[SEGMENT_INDEX.rightFoot] = anastomoses.footLPerH * open;
    gatherVesselFlows(flows);
  }
}
