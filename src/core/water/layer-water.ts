import { DRIPPED, FROM_OUTSIDE, type WaterLedger } from "./water-ledger";
import type { WaterPlan, Wetting } from "./water-plan";
import { MOST_PER_MASS } from "./water-properties";
import type { WaterState } from "./water-state";

/** How much water the layers take up, and where it goes that they cannot hold. */
export class LayerWater {
  constructor(
    private readonly state: WaterState,
    private readonly ledger: WaterLedger,
  ) {}

  /** Puts water into a layer; what it cannot hold goes on outwards, and off the last. */
  add(plan: WaterPlan, from: number, layers: number, layer: number, waterG: number): void {
    let left = waterG;
    for (let index = from + layer; index < from + layers && left > 0; index++) left = this.fill(plan, index, left);
    this.ledger.note(DRIPPED, left);
  }

  /** Rain comes from outside in; what a layer cannot hold goes on inwards, and off the body at the skin. */
  takeFromOutside(plan: WaterPlan, segment: number, wetting: Wetting, stepS: number): void {
    const from = plan.first[segment]!;
    const to = plan.first[segment + 1]!;
    let left = wetting.outside[segment]! * plan.passes[segment]! * stepS;
    this.ledger.note(FROM_OUTSIDE, left);
    for (let index = to - 1; index >= from && left > 0; index--) left = this.fill(plan, index, left);
    let over = wetting.overTop[segment]! * stepS;
    this.ledger.note(FROM_OUTSIDE, over);
    for (let position = plan.under[segment]!; position >= from && over > 0; position--)
      over = this.fill(plan, position, over);
    this.ledger.note(DRIPPED, left + over);
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
}
