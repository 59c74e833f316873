import { SEGMENT_COUNT, SEGMENT_INDEX } from "../body";
import { mouthKeptShare, moveBreath, type Breathed, type BreathMoved } from "./breath-cover";
import { LayerWater } from "./layer-water";
import { MoveSchedule } from "./move-schedule";
import { SegmentVapour } from "./segment-vapour";
import { DRIPPED, FROM_BREATH, TO_AIR, WaterLedger } from "./water-ledger";
import type { BreathPlan, WaterPlan, Wetting } from "./water-plan";
import { LOST_UP_TO, MOST_PER_MASS } from "./water-properties";
import { WaterState } from "./water-state";
import type { WetSkin } from "./wet-skin";

/** A change of a segment's insulation smaller than this is not worth recomputing its resistances. */
const NOTICED_SHARE = 0.002;

/**
 * The water in what a person wears, cell by cell (a piece on a segment), g/m² of skin: from sweat that finds no room, from
 * vapour that condenses, from rain, snow, spray and slush; it dries through what lies outside it.
 * @source Glaser's method (EN ISO 13788); docs/method.md, "Water"
 */
export class ClothingMoisture {
  readonly state: WaterState;
  /** Rises whenever insulation has changed enough to be recomputed. */
  version = 0;
  readonly ledger = new WaterLedger();
  readonly schedule: MoveSchedule;
  private readonly layers: LayerWater;
  private readonly vapour: SegmentVapour;
  private readonly moved: BreathMoved = { skinWPerM2: 0, heldG: 0, takenG: 0, driedG: 0, drippedG: 0 };

  constructor(cells: number) {
    this.state = new WaterState(cells);
    this.schedule = new MoveSchedule(this.state);
    this.layers = new LayerWater(this.state, this.ledger);
    this.vapour = new SegmentVapour(this.state, this.layers, this.ledger);
  }

  /** Moves the water of the time that has passed. @param wetting what meets the outside, if anything does */
  move(plan: WaterPlan, wetting: Wetting | null, skin: WetSkin): void {
    const { state } = this;
    let noticed = false;
    let turned = 0;
    let lost = 0;
    for (let segment = 0; segment < SEGMENT_COUNT; segment++) {
      const pointedTo = this.schedule.heatAheadWPerM2(segment, 0);
      state.heatBeforeWPerM2[segment] = state.skinHeatWPerM2[segment]!;
      state.skinHeatWPerM2[segment] = this.vapour.move(plan, segment, skin, state.pendingS);
      if (wetting !== null) this.layers.takeFromOutside(plan, segment, wetting, state.pendingS);
      turned = Math.max(turned, Math.abs(state.skinHeatWPerM2[segment]! - pointedTo));
      const kept = this.retainedInsulationOf(plan, segment);
      const lostNow = Math.abs(kept - state.retainedInsulation[segment]!);
      lost = Math.max(lost, lostNow);
      if (lostNow <= NOTICED_SHARE) continue;
      state.retainedInsulation[segment] = kept;
      noticed = true;
    }
    if (noticed) this.version++;
    this.schedule.moved(turned, lost);
  }

  /** Lets breath through what covers the mouth for a step. @returns heat that it brings to the skin there, W/m² */
  breathe(plan: BreathPlan, breathed: Breathed, stepS: number): number {
    const { moved, state } = this;
    moveBreath(moved, plan, breathed, state.waterGPerM2[plan.cell]!, stepS);
    state.waterGPerM2[plan.cell] = moved.heldG;
    this.ledger.note(FROM_BREATH, moved.takenG);
    this.ledger.note(TO_AIR, moved.driedG);
    this.ledger.note(DRIPPED, moved.drippedG);
    const kept = mouthKeptShare(plan, moved.heldG);
    if (Math.abs(kept - state.mouthKeptShare) > NOTICED_SHARE) {
      state.mouthKeptShare = kept;
      this.version++;
    }
    return moved.skinWPerM2;
  }

  /** After a change of clothes: what is worn now may be wet or dry. */
  afterChange(plan: WaterPlan): void {
    const { retainedInsulation, skinHeatWPerM2 } = this.state;
    for (let segment = 0; segment < SEGMENT_COUNT; segment++)
      retainedInsulation[segment] = this.retainedInsulationOf(plan, segment);
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
      this.ledger.note(TO_AIR, dried);
    }
  }

  /** Fills all that is worn below the neck. */
  soak(plan: WaterPlan): void {
    for (let segment = SEGMENT_INDEX.chest; segment < SEGMENT_COUNT; segment++) {
      for (let index = plan.first[segment]!; index < plan.first[segment + 1]!; index++) {
        this.state.waterGPerM2[plan.cell[index]!] = plan.massGPerM2[index]! * MOST_PER_MASS;
      }
    }
    this.afterChange(plan);
  }

  /** Water in all layers of a segment, g/m². */
  heldGPerM2(plan: WaterPlan, segment: number): number {
    let held = 0;
    for (let index = plan.first[segment]!; index < plan.first[segment + 1]!; index++) {
      held += this.state.waterGPerM2[plan.cell[index]!]!;
    }
    return held;
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
