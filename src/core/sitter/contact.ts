import { contactInsulation, coveredRegions, sideBySide, type ClothFactor, type Layer } from "../clothing";
import { SITES, type Patch } from "../patches";
import type { SitterPosture } from "./conditions";
import type { SiteLayers } from "./outfit";

/** Share of the body's weight the soles carry (assumption: sitting takes 70 % off); `null` where they touch nothing. */
export const SOLE_LOAD: Readonly<Record<SitterPosture, number | null>> = {
  standing: 1,
  sitting: 0.3,
  kneeling: null,
  lying: null,
};
/** What else of the body carries weight. Lying on the belly is taken as lying on the back (assumption). */
const RESTS_ON: Readonly<Record<SitterPosture, readonly Patch[]>> = {
  standing: [],
  sitting: ["seat", "thighOnSeat"],
  kneeling: ["knee"],
  lying: ["back", "lowerBack", "seat", "thighOnSeat"],
};

/** Resistance of a loaded patch, its regions side by side. */
const loaded = (worn: SiteLayers[number], groundM2KPerW: number, load: number, factor: ClothFactor | null): number =>
  sideBySide(
    coveredRegions(worn).map(({ share, layers }) => ({
      share,
      insulationM2KPerW: contactInsulation(factor ? factored(layers, factor) : layers, groundM2KPerW, load),
    })),
  );

const factored = (layers: readonly Layer[], factor: ClothFactor): Layer[] =>
  layers.map((layer) => ({ ...layer, insulationM2KPerW: layer.insulationM2KPerW * factor(layer) }));

/** How a person rests. */
export type Rest = {
  readonly posture: SitterPosture;
  /** The back lies against something at ground temperature. */
  readonly leaning: boolean;
};

/**
 * Resistance of the sites that touch the ground or the seat, m²·K/W; NaN where a site is free.
 * @param groundM2KPerW the ground's own resistance, m²·K/W
 * @param factor how much more or less cloth insulates than read, if it does
 */
export function contactResistances(
  layers: SiteLayers,
  rest: Rest,
  groundM2KPerW: number,
  factor: ClothFactor | null = null,
): Float64Array {
  const { posture, leaning } = rest;
  const resting: readonly Patch[] = leaning ? [...RESTS_ON[posture], "back"] : RESTS_ON[posture];
  const soleLoad = SOLE_LOAD[posture];
  const resistances = new Float64Array(SITES.length).fill(NaN);
  SITES.forEach(({ patch }, site) => {
    if (patch === "sole" && soleLoad !== null)
      resistances[site] = loaded(layers[site]!, groundM2KPerW, soleLoad, factor);
    if (resting.includes(patch)) resistances[site] = loaded(layers[site]!, groundM2KPerW, 1, factor);
  });
  return resistances;
}
