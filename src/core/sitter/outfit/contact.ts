import {
  contactInsulation,
  coveredRegions,
  fitShare,
  sideBySide,
  type ClothFactor,
  type WornLayer,
} from "../../clothing";
import { SEGMENT_COUNT } from "../../body";
import { SITE_INDEX, SITES, type Patch } from "../../patches";
import type { SitterPosture } from "../conditions";
import type { SiteLayers } from "./outfit";
import type { ContactWater } from "./wet-contact";

/** Share of the body's weight the soles carry (assumption: sitting takes 70 % off); `null` where they touch nothing. */
export const SOLE_LOAD: Readonly<Record<SitterPosture, number | null>> = {
  standing: 1,
  sitting: 0.3,
  kneeling: null,
  lying: null,
};
/**
 * What else of the body carries weight: of who sits on the seat, of others on what feet stand on. Lying on the belly is
 * taken as lying on the back (assumption).
 */
const RESTS_ON: Readonly<Record<SitterPosture, readonly Patch[]>> = {
  standing: [],
  sitting: ["seat", "thighOnSeat"],
  kneeling: ["knee"],
  lying: ["back", "lowerBack", "seat", "thighOnSeat"],
};

/** Parts that meet what feet stand on, or stand in, however a person sits. */
const BELOW_THE_SEAT: readonly Patch[] = ["knee", "calf", "ankle", "footUpper", "sole", "toes"];
/** What of a leg and foot stands in the water of who wades, as deep as waders are used sitting still (assumption). */
const IN_WATER: readonly Patch[] = ["calf", "ankle", "footUpper", "toes"];
const RESTS_LOW = Uint8Array.from({ length: SEGMENT_COUNT }, (_, segment) =>
  SITES.some((site) => site.segmentIndex === segment && BELOW_THE_SEAT.includes(site.patch)) ? 1 : 0,
);

/** Whether what a segment touches is the seat, not the ground. */
export const restsOnSeat = (segment: number, posture: SitterPosture): boolean =>
  RESTS_LOW[segment] === 0 && posture === "sitting";

/** Resistance of a loaded patch, its regions side by side. */
const loaded = (worn: SiteLayers[number], groundM2KPerW: number, load: number): number =>
  sideBySide(
    coveredRegions(worn).map(({ share, layers }) => ({
      share,
      insulationM2KPerW: contactInsulation(layers, groundM2KPerW, load),
    })),
  );

const withInsulation = (worn: WornLayer, times: number): WornLayer => ({
  ...worn,
  layer: { ...worn.layer, insulationM2KPerW: worn.layer.insulationM2KPerW * times },
});

/** What is pressed over the foot because a boot is full is pressed under it as well: socks, down to the boot's own sole. */
function inTheirRoom(own: SiteLayers[number], layers: SiteLayers, site: number): SiteLayers[number] {
  const { patch, side } = SITES[site]!;
  if (patch !== "sole") return own;
  const share = fitShare(layers[SITE_INDEX[`footUpper.${side!}`]!]!.map(({ layer }) => layer));
  if (share === 1) return own;
  const boot = own.findIndex(({ layer }) => layer.easeMm !== undefined);
  return own.map((worn, index) => (index < boot ? withInsulation(worn, share) : worn));
}

/** How a person rests. */
export type Rest = {
  readonly posture: SitterPosture;
  /** The back lies against something at the seat's temperature. */
  readonly leaning: boolean;
  /** Feet stand in water. */
  readonly wading?: boolean | undefined;
};

/** The own resistance of what feet stand on and of the seat, m²·K/W. */
export type UnderResistances = { readonly groundM2KPerW: number; readonly seatM2KPerW: number };

/** A site that carries weight or stands in water, which share of the full weight, 0…1, and whether the seat carries it. */
type Loaded = { readonly site: number; readonly load: number; readonly onSeat: boolean };

function loadedSites({ posture, leaning, wading = false }: Rest): readonly Loaded[] {
  const resting: readonly Patch[] = leaning ? [...RESTS_ON[posture], "back"] : RESTS_ON[posture];
  const soleLoad = SOLE_LOAD[posture];
  return SITES.flatMap(({ patch, segmentIndex }, site) => {
    const onSeat = restsOnSeat(segmentIndex, posture);
    if (resting.includes(patch)) return [{ site, load: 1, onSeat }];
    if (patch === "sole" && soleLoad !== null) return [{ site, load: soleLoad, onSeat }];
    return wading && IN_WATER.includes(patch) ? [{ site, load: 0, onSeat }] : [];
  });
}

const LOADED = new Map<string, readonly Loaded[]>();
function loadsOf(rest: Rest): readonly Loaded[] {
  const key = `${rest.posture} ${rest.leaning} ${rest.wading ?? false}`;
  const known = LOADED.get(key) ?? loadedSites(rest);
  LOADED.set(key, known);
  return known;
}

/**
 * Resistance of the sites that touch the ground or the seat, m²·K/W; NaN where a site is free.
 * @param under the own resistance of ground and seat, m²·K/W
 * @param factor how much more or less cloth insulates than read, if it does
 */
export function contactResistances(
  layers: SiteLayers,
  rest: Rest,
  under: UnderResistances,
  factor: ClothFactor | null = null,
): Float64Array {
  const resistances = new Float64Array(SITES.length).fill(NaN);
  for (const { site, load, onSeat } of loadsOf(rest)) {
    const own = onSeat ? under.seatM2KPerW : under.groundM2KPerW;
    const asRead = layers[site]!;
    const worn = factor ? asRead.map((layer) => withInsulation(layer, factor(layer.layer))) : asRead;
    resistances[site] = loaded(inTheirRoom(worn, layers, site), own, load);
  }
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
