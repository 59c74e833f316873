import { contactInsulation } from "../clothing";
import { SITES, type Patch } from "../patches";
import type { SiteLayers } from "./outfit";
import type { SitterPosture } from "./conditions";

/** Share of the body's weight the soles still carry while sitting (assumption: 70 % comes off). */
const SOLE_LOAD_SITTING = 0.3;

const sitesOf = (...patches: Patch[]): number[] =>
  SITES.flatMap(({ patch }, site) => (patches.includes(patch) ? [site] : []));
const SOLE_SITES = sitesOf("sole");
const SEAT_SITES = sitesOf("seat", "thighOnSeat");

/**
 * Resistance of the sites that touch the ground or the seat, m²·K/W; NaN where a site is free.
 * @param groundM2KPerW the ground's own resistance, m²·K/W
 */
export function contactResistances(layers: SiteLayers, posture: SitterPosture, groundM2KPerW: number): Float64Array {
  const load = posture === "sitting" ? SOLE_LOAD_SITTING : 1;
  const resistances = new Float64Array(SITES.length).fill(NaN);
  for (const site of SOLE_SITES) resistances[site] = contactInsulation(layers[site]!, groundM2KPerW, load);
  if (posture === "sitting") {
    for (const site of SEAT_SITES) resistances[site] = contactInsulation(layers[site]!, groundM2KPerW, 1);
  }
  return resistances;
}
