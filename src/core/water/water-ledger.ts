/** Where the water of a step came from and went to, g over a m² of every segment and the face: in = held more + out. */
export const WATER_FLOWS = ["fromSkin", "fromOutside", "toAir", "dripped", "fromBreath"] as const;
export const [FROM_SKIN, FROM_OUTSIDE, TO_AIR, DRIPPED, FROM_BREATH] = [0, 1, 2, 3, 4] as const;

/** What came and went since the start: nothing of the water in the clothes is made or lost. */
export class WaterLedger {
  /** By the order of WATER_FLOWS, g over a m² of every segment. */
  readonly flowsG = new Float64Array(WATER_FLOWS.length);

  note(flow: number, waterG: number): void {
    this.flowsG[flow] = this.flowsG[flow]! + waterG;
  }
}
