import { contactInsulation } from "../clothing";
import { SITES } from "../patches";
import type { SiteLayers } from "./outfit";
import type { SitterPosture } from "./conditions";

/** Share of the body's weight the soles still carry while sitting (assumption: 70 % comes off). */
const SOLE_LOAD_SITTING = 0.3;

/**
 * Resistance of the sites that touch the ground or the seat, m²·K/W; NaN where a site is free.
 * @param groundM2KPerW the ground's own resistance, m²·K/W
 */
export function contactResistances(layers: SiteLayers, posture: SitterPosture, groundM2KPerW: number): Float64Array {
  const load = posture === "sitting" ? SOLE_LOAD_SITTING : 1;
  return Float64Array.from(SITES, ({ patch }, index) => {
    if (patch === "sole") {
      const eased = layers[index]!.map((layer) => ({ ...layer, keptUnderLoad: 1 - (1 - layer.keptUnderLoad) * load }));
      return contactInsulation(eased, groundM2KPerW);
    }
    const onSeat = posture === "sitting" && (patch === "seat" || patch === "thighOnSeat");
    return onSeat ? contactInsulation(layers[index]!, groundM2KPerW) : NaN;
  });
}
