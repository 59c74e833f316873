import { TOUCH_M2K_PER_W } from "../../clothing";

/** What contact loses by water: one entry for each layer under weight that takes it up. */
export type ContactWater = {
  readonly site: Int32Array;
  readonly cell: Int32Array;
  /** Water at which the loss is full, g/m². */
  readonly massGPerM2: Float64Array;
  /** Resistance lost by then, m²·K/W. */
  readonly lostWhenFullM2KPerW: Float64Array;
};

/** Takes from the resistances of contact what water in the layers costs; never below the touch itself. */
export function wetContact(
  contactM2KPerW: Float64Array,
  { site, cell, massGPerM2, lostWhenFullM2KPerW }: ContactWater,
  waterGPerM2: Float64Array,
): void {
  for (let entry = 0; entry < site.length; entry++) {
    const index = site[entry]!;
    const full = Math.min(1, waterGPerM2[cell[entry]!]! / massGPerM2[entry]!);
    contactM2KPerW[index] = Math.max(TOUCH_M2K_PER_W, contactM2KPerW[index]! - lostWhenFullM2KPerW[entry]! * full);
  }
}
