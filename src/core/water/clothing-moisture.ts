import { DIFFUSION_WETTEDNESS, SEGMENT_COUNT, SEGMENT_INDEX, SEGMENTS } from "../body";
import { SECONDS_PER_HOUR } from "../units";
import { mouthKeptShare, moveBreath, type Breathed, type BreathMoved } from "./breath-cover";
import { VapourThroughLayers } from "./vapour-through-layers";
import { MOST_LAYERS_FOLLOWED, type BreathPlan, type WaterPlan, type Wetting } from "./water-plan";
import { LATENT_J_PER_G, LOST_UP_TO, MOST_PER_MASS } from "./water-properties";
import { SOONEST_MOVE_S, WaterState } from "./water-state";

/** Feet sweat even in the cold, a few grams an hour each whatever the body does (assumption), g/(m²·h). */
export const FOOT_SWEAT_G_PER_M2H = 25;
const FOOT_SWEAT_W_PER_M2 = (FOOT_SWEAT_G_PER_M2H * LATENT_J_PER_G) / SECONDS_PER_HOUR;
const IS_FOOT = Uint8Array.from(SEGMENTS, (segment) => (segment.endsWith("Foot") ? 1 : 0));
/** Where weight presses clothing to nothing, a plane still lies outside the skin, m²·K/W. */
const LEAST_CLOTHING_M2K_PER_W = 1e-3;
const LEAST_CLOTHING_M2KPA_PER_W = 1e-4;
// When water is moved on: soon after a change, twice as late each time while all goes on as it went, sooner where it
// turns. All assumptions of the numerics; docs/method.md, "Water".
export const LATEST_MOVE_S = 480;
/** How far the heat into a segment's skin may lead from where it pointed, W/m². */
const MOST_TURN_W_PER_M2 = 1;
/** A move twice as late turns four times as much. */
const TURN_OF_DOUBLED = 4;
/** Share of its insulation that a segment may lose or gain at once. */
const MOST_LOST_AT_ONCE = 0.003;
/** Heat is looked ahead at most so many times the time between the last two moves: then it may have turned. */
const MOST_LOOKED_AHEAD = 1;
/** A change of a segment's insulation smaller than this is not worth doing its resistances anew. */
const NOTICED_SHARE = 0.002;

/** What a segment's skin and clothing are at while water is moved; arrays of 17. */
export type WetSkin = {
  readonly skinC: Float64Array;
  readonly operativeC: Float64Array;
  /** Clothing alone, and the air outside it, m²·K/W. */
  readonly clothingM2KPerW: Float64Array;
  readonly airM2KPerW: Float64Array;
  /** Vapour: through clothing and air, and through the air alone, m²·kPa/W. */
  readonly vapourM2KPaPerW: Float64Array;
  readonly airVapourM2KPaPerW: Float64Array;
  readonly vapourPressureKPa: Float64Array;
  /** Saturated at the skin, kPa. */
  readonly skinSaturatedKPa: Float64Array;
  /** Share of the skin that is wet, and heat that evaporation takes as the body reckons it, W/m². */
  readonly wettedness: Float64Array;
  readonly evaporatesWPerM2: Float64Array;
  /** Sweat that finds no room to evaporate, W/m² of latent heat. */
  readonly dripsWPerM2: Float64Array;
};

/** Where the water of a step came from and went to, g over a m² of every segment and the face: in = held more + out. */
export const WATER_FLOWS = ["fromSkin", "fromOutside", "toAir", "dripped", "fromBreath"] as const;
const [FROM_SKIN, FROM_OUTSIDE, TO_AIR, DRIPPED, FROM_BREATH] = [0, 1, 2, 3, 4] as const;
const FLOWS = WATER_FLOWS.length;

/**
 * The water in what a person wears, cell by cell (a piece on a segment), g/m² of skin: from sweat that finds no room, from
 * vapour that condenses, from rain, snow, spray and slush; it dries through what lies outside it.
 * @source Glaser's method (EN ISO 13788); docs/method.md, "Water"
 */
export class ClothingMoisture {
  readonly state: WaterState;
  /** Rises whenever insulation has changed enough to be reckoned anew. */
  version = 0;
  /** By the order of WATER_FLOWS, since the start, g over a m² of every segment. */
  readonly flowsG = new Float64Array(FLOWS);
  private readonly flowsOf = new Float64Array(SEGMENT_COUNT * FLOWS);
  /** Water in each layer before the move being made. */
  private readonly startedWith = new Float64Array(SEGMENT_COUNT * MOST_LAYERS_FOLLOWED);
  private parts = 1;
  private readonly vapour = new VapourThroughLayers();
  private readonly moved: BreathMoved = { skinWPerM2: 0, heldG: 0, takenG: 0, driedG: 0, drippedG: 0 };

  constructor(cells: number) {
    this.state = new WaterState(cells);
  }

  /** @param parts into how many each usual move is parted; under 1 for those who ask for less */
  partMoves(parts: number): void {
    this.parts = parts;
    this.state.moveAfterS = SOONEST_MOVE_S / parts;
  }

  /** Lets time pass; whether enough has to move water. */
  isDueAfter(stepS: number): boolean {
    this.state.pendingS += stepS;
    return this.state.pendingS >= this.state.moveAfterS;
  }

  /** Moves the water of the time that has passed. @param wetting what meets the outside, if anything does */
  move(plan: WaterPlan, wetting: Wetting | null, skin: WetSkin): void {
    const { state } = this;
    let noticed = false;
    let turned = 0;
    let lost = 0;
    for (let segment = 0; segment < SEGMENT_COUNT; segment++) {
      const pointedTo = this.heatAheadWPerM2(segment, 0);
      state.heatBeforeWPerM2[segment] = state.skinHeatWPerM2[segment]!;
      const twin = plan.mirror[segment]!;
      if (twin !== segment && this.isMirror(plan, twin, segment, skin)) this.copyMirror(plan, twin, segment);
      else this.moveSegment(plan, wetting, segment, skin);
      turned = Math.max(turned, Math.abs(state.skinHeatWPerM2[segment]! - pointedTo));
      const kept = this.retainedInsulationOf(plan, segment);
      const lostNow = Math.abs(kept - state.retainedInsulation[segment]!);
      lost = Math.max(lost, lostNow);
      if (lostNow <= NOTICED_SHARE) continue;
      state.retainedInsulation[segment] = kept;
      noticed = true;
    }
    if (noticed) this.version++;
    this.pace(turned, lost);
    state.betweenS = state.isAfterChange ? 0 : state.pendingS;
    state.isAfterChange = false;
    state.pendingS = 0;
  }

  /** Lets breath through what covers the mouth for a step. @returns heat that it brings to the skin there, W/m² */
  breathe(plan: BreathPlan, breathed: Breathed, stepS: number): number {
    const { moved, state } = this;
    moveBreath(moved, plan, breathed, state.waterGPerM2[plan.cell]!, stepS);
    state.waterGPerM2[plan.cell] = moved.heldG;
    this.flow(FROM_BREATH, moved.takenG);
    this.flow(TO_AIR, moved.driedG);
    this.flow(DRIPPED, moved.drippedG);
    const kept = mouthKeptShare(plan, moved.heldG);
    if (Math.abs(kept - state.mouthKeptShare) > NOTICED_SHARE) {
      state.mouthKeptShare = kept;
      this.version++;
    }
    return moved.skinWPerM2;
  }

  /** Sets when water is moved next, by how far the last move led from where things pointed. */
  private pace(turnedWPerM2: number, lostShare: number): void {
    const { parts, state } = this;
    const turned = (turnedWPerM2 * parts * parts) / MOST_TURN_W_PER_M2;
    const lost = (lostShare * parts) / MOST_LOST_AT_ONCE;
    if (turned > 1 || lost > 1) state.moveAfterS = Math.max(SOONEST_MOVE_S / parts, state.moveAfterS / 2);
    else if (turned * TURN_OF_DOUBLED < 1 && lost * 2 < 1) {
      state.moveAfterS = Math.min(LATEST_MOVE_S / parts, state.moveAfterS * 2);
    }
  }

  /** Another doing or other clothes: the heat that came tells nothing of what comes, and water is moved soon again. */
  resetHistory(): void {
    this.state.betweenS = 0;
    this.state.moveAfterS = SOONEST_MOVE_S / this.parts;
  }

  /** Rain that begins or ends, as another doing: water is moved soon again. */
  meetsFromOutside(isMet: boolean): void {
    if (isMet === this.state.isMetFromOutside) return;
    this.state.isMetFromOutside = isMet;
    this.resetHistory();
  }

  /** Heat into a segment's skin at the end of a step about to be made, if it goes on so, W/m². */
  heatAheadWPerM2(segment: number, stepS: number): number {
    const { betweenS, heatBeforeWPerM2, pendingS, skinHeatWPerM2 } = this.state;
    const now = skinHeatWPerM2[segment]!;
    if (betweenS === 0) return now;
    const further = Math.min(MOST_LOOKED_AHEAD, (pendingS + stepS) / betweenS);
    return now + (now - heatBeforeWPerM2[segment]!) * further;
  }

  /** After a change of clothes: what is worn now may be wet or dry. */
  dressedAnew(plan: WaterPlan): void {
    const { retainedInsulation: keptShare, skinHeatWPerM2 } = this.state;
    for (let segment = 0; segment < SEGMENT_COUNT; segment++)
      keptShare[segment] = this.retainedInsulationOf(plan, segment);
    skinHeatWPerM2.fill(0);
    const { breath } = plan;
    this.state.mouthKeptShare = breath === null ? 1 : mouthKeptShare(breath, this.state.waterGPerM2[breath.cell]!);
    this.state.isAfterChange = true;
    this.state.betweenS = 0;
    this.version++;
  }

  /** Nothing worn takes up water any more: no heat of it goes on. */
  undressed(): void {
    const { state } = this;
    state.retainedInsulation.fill(1);
    state.skinHeatWPerM2.fill(0);
    state.heatBeforeWPerM2.fill(0);
    state.mouthKeptShare = 1;
    state.breathWPerM2 = 0;
    state.isAfterChange = true;
    state.betweenS = 0;
    state.pendingS = 0;
    this.version++;
  }

  /** Begins with water in what is worn. @param shares of its own mass, by cell */
  startWet(plan: WaterPlan, shares: Float64Array): void {
    plan.cell.forEach((cell, index) => {
      this.state.waterGPerM2[cell] = shares[cell]! * plan.massGPerM2[index]!;
    });
    const { breath } = plan;
    if (breath !== null) this.state.waterGPerM2[breath.cell] = shares[breath.cell]! * breath.massGPerM2;
  }

  /** Takes water out of cells while nobody wears them, as far as there is any. @param first of so many cells */
  dryOff(first: number, count: number, waterG: number): void {
    const { waterGPerM2 } = this.state;
    for (let cell = first; cell < first + count; cell++) {
      const dried = Math.min(waterG, waterGPerM2[cell]!);
      waterGPerM2[cell] = waterGPerM2[cell]! - dried;
      this.flow(TO_AIR, dried);
    }
  }

  /** Fills all that is worn below the neck. */
  soak(plan: WaterPlan): void {
    for (let segment = SEGMENT_INDEX.chest; segment < SEGMENT_COUNT; segment++) {
      for (let index = plan.first[segment]!; index < plan.first[segment + 1]!; index++) {
        this.state.waterGPerM2[plan.cell[index]!] = plan.massGPerM2[index]! * MOST_PER_MASS;
      }
    }
    this.dressedAnew(plan);
  }

  /** Water in all layers of a segment, g/m². */
  heldGPerM2(plan: WaterPlan, segment: number): number {
    let held = 0;
    for (let index = plan.first[segment]!; index < plan.first[segment + 1]!; index++) {
      held += this.state.waterGPerM2[plan.cell[index]!]!;
    }
    return held;
  }

  private moveSegment(plan: WaterPlan, wetting: Wetting | null, segment: number, skin: WetSkin): void {
    const { flowsG, flowsOf, state } = this;
    const first = segment * FLOWS;
    for (let flow = 0; flow < FLOWS; flow++) flowsOf[first + flow] = -flowsG[flow]!;
    for (let index = plan.first[segment]!; index < plan.first[segment + 1]!; index++) {
      this.startedWith[index] = state.waterGPerM2[plan.cell[index]!]!;
    }
    state.skinHeatWPerM2[segment] = this.moveVapour(plan, segment, skin, state.pendingS);
    if (wetting !== null) this.takeFromOutside(plan, segment, wetting, state.pendingS);
    for (let flow = 0; flow < FLOWS; flow++) flowsOf[first + flow] = flowsOf[first + flow]! + flowsG[flow]!;
  }

  private flow(which: number, waterG: number): void {
    this.flowsG[which] = this.flowsG[which]! + waterG;
  }

  /** Whether the other side, dressed alike, was as warm and as wet before: then it is so afterwards. */
  private isMirror(plan: WaterPlan, twin: number, segment: number, { skinC, wettedness }: WetSkin): boolean {
    if (skinC[twin] !== skinC[segment] || wettedness[twin] !== wettedness[segment]) return false;
    const { waterGPerM2 } = this.state;
    const [from, layers] = [plan.first[segment]!, plan.first[segment + 1]! - plan.first[segment]!];
    for (let layer = 0; layer < layers; layer++) {
      if (waterGPerM2[plan.cell[from + layer]!] !== this.startedWith[plan.first[twin]! + layer]) return false;
    }
    return true;
  }

  private copyMirror(plan: WaterPlan, twin: number, segment: number): void {
    const { skinHeatWPerM2, waterGPerM2 } = this.state;
    skinHeatWPerM2[segment] = skinHeatWPerM2[twin]!;
    const layers = plan.first[segment + 1]! - plan.first[segment]!;
    for (let layer = 0; layer < layers; layer++) {
      waterGPerM2[plan.cell[plan.first[segment]! + layer]!] = waterGPerM2[plan.cell[plan.first[twin]! + layer]!]!;
    }
    const first = twin * FLOWS;
    for (let flow = 0; flow < FLOWS; flow++) this.flowsG[flow] = this.flowsG[flow]! + this.flowsOf[first + flow]!;
  }

  /** Moves a segment's vapour and what it leaves or takes; heat that the skin gains by it, W/m². */
  private moveVapour(plan: WaterPlan, segment: number, skin: WetSkin, stepS: number): number {
    const { vapour, state } = this;
    const from = plan.first[segment]!;
    const layers = plan.first[segment + 1]! - from;
    const evaporates = skin.evaporatesWPerM2[segment]!;
    const drips = skin.dripsWPerM2[segment]! + IS_FOOT[segment]! * FOOT_SWEAT_W_PER_M2;
    const gPerW = stepS / LATENT_J_PER_G;
    if (layers === 0) {
      this.flow(FROM_SKIN, (evaporates + drips) * gPerW);
      this.flow(TO_AIR, evaporates * gPerW);
      this.flow(DRIPPED, drips * gPerW);
      return 0;
    }
    // First what drips: what comes and dries within a minute is then the same every minute.
    this.add(plan, from, layers, 0, drips * gPerW);
    this.lay(plan, segment, skin);
    vapour.solve();
    // Sweat that a wet shirt keeps from evaporating stays in it; through dry skin no more comes than gets away.
    const sweats = 1 - DIFFUSION_WETTEDNESS / Math.max(DIFFUSION_WETTEDNESS, skin.wettedness[segment]!);
    const keptBack = Math.max(0, evaporates - vapour.leavesSkinWPerM2) * sweats;
    const dryW = (vapour.skinC - vapour.aroundC) / vapour.heatUpTo[layers]!;
    let heat = evaporates - vapour.leavesSkinWPerM2 + dryW - vapour.dryFromSkinWPerM2;
    let toAir = vapour.leavesSkinWPerM2;
    this.flow(FROM_SKIN, (vapour.leavesSkinWPerM2 + drips + keptBack) * gPerW);
    this.add(plan, from, layers, 0, keptBack * gPerW);
    for (let layer = 0; layer < layers; layer++) {
      const cell = plan.cell[from + layer]!;
      const held = state.waterGPerM2[cell]!;
      const wanted = vapour.condensesWPerM2[layer]!;
      const condenses = Math.max(wanted, -held / gPerW);
      // Water that is gone before the step is takes no more heat: what was reckoned too much is given back by its share.
      heat += (condenses - wanted) * (1 - vapour.heatUpTo[layer]! / vapour.heatUpTo[layers]!);
      toAir -= condenses;
      if (condenses < 0) state.waterGPerM2[cell] = Math.max(0, held + condenses * gPerW);
      else this.add(plan, from, layers, layer, condenses * gPerW);
    }
    this.flow(TO_AIR, toAir * gPerW);
    return heat;
  }

  /** Lays a segment's planes out: resistances up to them, water on them. */
  private lay(plan: WaterPlan, segment: number, skin: WetSkin): void {
    const { vapour, state } = this;
    const from = plan.first[segment]!;
    const layers = plan.first[segment + 1]! - from;
    const clothing = Math.max(LEAST_CLOTHING_M2K_PER_W, skin.clothingM2KPerW[segment]!);
    const vapourAll = skin.vapourM2KPaPerW[segment]!;
    const ofAir = skin.airVapourM2KPaPerW[segment]!;
    const vapourClothing = Math.max(LEAST_CLOTHING_M2KPA_PER_W, vapourAll - ofAir);
    // Dry skin keeps vapour back: as much as leaves it when only so much of it is wet.
    const throughSkin = (1 / skin.wettedness[segment]! - 1) * vapourAll;
    let heat = 0;
    let damp = throughSkin;
    for (let layer = 0; layer < layers; layer++) {
      heat += plan.dryShare[from + layer]! * clothing;
      damp += plan.vapourShare[from + layer]! * vapourClothing;
      vapour.heatUpTo[layer] = heat;
      vapour.vapourUpTo[layer] = damp;
      vapour.waterGPerM2[layer] = state.waterGPerM2[plan.cell[from + layer]!]!;
    }
    vapour.layers = layers;
    vapour.heatUpTo[layers] = clothing + skin.airM2KPerW[segment]!;
    vapour.vapourUpTo[layers] = throughSkin + vapourClothing + ofAir;
    vapour.skinC = skin.skinC[segment]!;
    vapour.aroundC = skin.operativeC[segment]!;
    vapour.skinKPa = skin.skinSaturatedKPa[segment]!;
    vapour.airKPa = skin.vapourPressureKPa[segment]!;
  }

  /** Puts water into a layer; what it cannot hold goes on outwards, and off the last. */
  private add(plan: WaterPlan, from: number, layers: number, layer: number, waterG: number): void {
    let left = waterG;
    for (let index = from + layer; index < from + layers && left > 0; index++) left = this.fill(plan, index, left);
    this.flow(DRIPPED, left);
  }

  /** Rain comes from outside in; what a layer cannot hold goes on inwards, and off the body at the skin. */
  private takeFromOutside(plan: WaterPlan, segment: number, wetting: Wetting, stepS: number): void {
    const from = plan.first[segment]!;
    const to = plan.first[segment + 1]!;
    let left = wetting.outside[segment]! * plan.passes[segment]! * stepS;
    this.flow(FROM_OUTSIDE, left);
    for (let index = to - 1; index >= from && left > 0; index--) left = this.fill(plan, index, left);
    let over = wetting.overTop[segment]! * stepS;
    this.flow(FROM_OUTSIDE, over);
    for (let position = plan.under[segment]!; position >= from && over > 0; position--)
      over = this.fill(plan, position, over);
    this.flow(DRIPPED, left + over);
  }

  /** What a layer takes of water; gives back what it does not. */
  private fill(plan: WaterPlan, index: number, waterG: number): number {
    const { waterGPerM2 } = this.state;
    const cell = plan.cell[index]!;
    const room = Math.max(0, plan.massGPerM2[index]! * MOST_PER_MASS - waterGPerM2[cell]!);
    const taken = Math.min(room, waterG);
    waterGPerM2[cell] = waterGPerM2[cell]! + taken;
    return waterG - taken;
  }

  /** Share of a segment's dry insulation that its wet clothing keeps. */
  private retainedInsulationOf(plan: WaterPlan, segment: number): number {
    const { waterGPerM2 } = this.state;
    let lost = 0;
    for (let index = plan.first[segment]!; index < plan.first[segment + 1]!; index++) {
      const mass = plan.massGPerM2[index]!;
      if (mass === 0) continue;
      const full = Math.min(LOST_UP_TO, waterGPerM2[plan.cell[index]!]! / mass);
      lost += plan.dryShare[index]! * plan.lossAtOwnMass[index]! * full;
    }
    return 1 - lost;
  }
}
