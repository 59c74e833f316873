import { contactInsulation, coveredRegions, sideBySide, type ClothFactor, type Layer } from "../clothing";
import { SITES, type Patch } from "../patches";
import type { SitterPosture } from "./conditions";
import type { SiteLayers } from "./outfit";
import type { ContactWater } from "./wet-contact";

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

/** A site that carries weight, and which share of the full weight, 0…1. */
type Loaded = { readonly site: number; readonly load: number };

function loadedSites(posture: SitterPosture, leaning: boolean): Loaded[] {
  const resting: readonly Patch[] = leaning ? [...RESTS_ON[posture], "back"] : RESTS_ON[posture];
  const soleLoad = SOLE_LOAD[posture];
  return SITES.flatMap(({ patch }, site) => {
    if (resting.includes(patch)) return [{ site, load: 1 }];
    return patch === "sole" && soleLoad !== null ? [{ site, load: soleLoad }] : [];
  });
}

const loadedOf = (leaning: boolean): Readonly<Record<SitterPosture, readonly Loaded[]>> => ({
  standing: loadedSites("standing", leaning),
  sitting: loadedSites("sitting", leaning),
  kneeling: loadedSites("kneeling", leaning),
  lying: loadedSites("lying", leaning),
});
const LOADED = { upright: loadedOf(false), leaning: loadedOf(true) };
const loadsOf = ({ posture, leaning }: Rest): readonly Loaded[] => LOADED[leaning ? "leaning" : "upright"][posture];

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
  const resistances = new Float64Array(SITES.length).fill(NaN);
  for (const { site, load } of loadsOf(rest)) resistances[site] = loaded(layers[site]!, groundM2KPerW, load, factor);
  return resistances;
}

/** Cell of the book that holds the water of a site's layer, counted from the skin out. */
export type CellAt = (site: number, within: number) => number;

/**
 * What the layers of the sites that carry weight lose when wet. What is pressed loses the same share as what is not.
 * @param layers on every site, from the skin out
 * @returns `null` where nothing under weight takes up water
 */
export function contactWater(
  layers: SiteLayers,
  cellAt: CellAt,
  rest: Rest,
  factor: ClothFactor | null = null,
): ContactWater | null {
  const [sites, cells, masses, lost]: number[][] = [[], [], [], []];
  for (const { site, load } of loadsOf(rest)) {
    layers[site]!.forEach(({ layer, coverShare }, within) => {
      const { absorbingGPerM2, lossAtOwnMass } = layer;
      if (!absorbingGPerM2 || !lossAtOwnMass) return;
      const pressedM2KPerW = contactInsulation([layer], 0, load) * (factor?.(layer) ?? 1);
      sites!.push(site);
      cells!.push(cellAt(site, within));
      masses!.push(absorbingGPerM2);
      lost!.push(pressedM2KPerW * coverShare * lossAtOwnMass);
    });
  }
  if (sites!.length === 0) return null;
  return {
    site: Int32Array.from(sites!),
    cell: Int32Array.from(cells!),
    massGPerM2: Float64Array.from(masses!),
    lostWhenFullM2KPerW: Float64Array.from(lost!),
  };
}
