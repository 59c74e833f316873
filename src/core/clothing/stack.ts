import { airGapInsulation } from "./air-gap";
import { curvedInsulation, skinOverOuterArea, type PatchForm } from "./curvature";
import { fitLayers } from "./fit-budget";
import { ORDINARY_VAPOUR_INDEX, type Layer } from "./layer";
import {
  clothPermeability,
  STATIC_AIR_LAYER_M2K_PER_W,
  stirredAirLayer,
  windFactor,
  type ClothPermeability,
} from "./wind-factor";

/** A stack with everything that does not depend on the weather resolved once. */
export type Stack = {
  /** The layers as worn, before any is pressed, from the skin out. */
  readonly worn: readonly Layer[];
  /** Resistance of each layer with the gap under it, on skin area, m²·K/W, from the skin out. */
  readonly shellsM2KPerW: readonly number[];
  /** The same without the gaps. */
  readonly clothM2KPerW: readonly number[];
  /** Tightest cloth at or outside each layer; `null` under a rigid wall, where no wind comes. */
  readonly protection: readonly (ClothPermeability | null)[];
  readonly stillM2KPerW: number;
  readonly skinOverOuterArea: number;
  /** Of the outermost layer; bare skin as ordinary clothing, whose term vanishes there. */
  readonly vapourIndex: number;
  /** By how much what is under a layer exceeds its room, mm. */
  readonly overfillMm: number;
};

/** What an opening beside a patch lets through, L/(m²·s): as a knit does (assumption). */
export const OPENING_PERMEABILITY_L_PER_M2S = 200;

/**
 * Works out a stack of layers on a patch.
 * @param worn from the skin out; empty is bare skin
 * @param form radius and shape of the patch
 * @param leaks an opening of the clothing lies at the patch: wind comes in whatever is worn, but not under a wall
 * @source physics of cylinder and sphere; protection by the tightest outer layer is ours, within 7 % of ISO 11079
 */
export function buildStack(worn: readonly Layer[], form: PatchForm, leaks = false): Stack {
  const { layers, overfillMm } = fitLayers(worn);
  let radiusMm = form.shape === "flat" ? 0 : form.radiusMm;
  const clothM2KPerW: number[] = [];
  const shellsM2KPerW = layers.map((layer) => {
    const gap = curvedInsulation(form, airGapInsulation(layer.gapMm), layer.gapMm, radiusMm);
    radiusMm += layer.gapMm;
    const cloth = curvedInsulation(form, layer.insulationM2KPerW, layer.thicknessMm, radiusMm);
    radiusMm += layer.thicknessMm;
    clothM2KPerW.push(cloth);
    return gap + cloth;
  });
  return {
    worn,
    shellsM2KPerW,
    clothM2KPerW,
    protection: protectionFromOutside(layers, leaks ? OPENING_PERMEABILITY_L_PER_M2S : 0),
    stillM2KPerW: sumOf(shellsM2KPerW),
    skinOverOuterArea: skinOverOuterArea(form, radiusMm),
    vapourIndex: layers.at(-1)?.vapourIndex ?? ORDINARY_VAPOUR_INDEX,
    overfillMm,
  };
}

/** How many times as much as it is read to a layer insulates. */
export type ClothFactor = (layer: Layer) => number;

/** How cloth and the air under it are misread. */
export type Misfit = {
  readonly cloth: ClothFactor;
  /** How many times as thick as fit says the gaps of air are. */
  readonly gaps: number;
};

/**
 * A stack whose cloth and air insulate more or less than read, where it lies as before: exact for the cloth, since every
 * shell is linear in it; gaps change what they insulate, not how thick the stack is.
 */
export function withMisfit(stack: Stack, { cloth: factor, gaps }: Misfit): Stack {
  const { worn } = stack;
  const shellsM2KPerW = stack.shellsM2KPerW.slice();
  const clothM2KPerW = stack.clothM2KPerW.slice();
  for (let layer = 0; layer < worn.length; layer++) {
    const read = clothM2KPerW[layer]!;
    const cloth = read * factor(worn[layer]!);
    clothM2KPerW[layer] = cloth;
    const gap = (shellsM2KPerW[layer]! - read) * gapRatio(worn[layer]!.gapMm, gaps);
    shellsM2KPerW[layer] = gap + cloth;
  }
  // Field by field: a spread would make objects of another layout, and code compiled for one layout start again for two.
  const { protection, skinOverOuterArea: outer, vapourIndex, overfillMm } = stack;
  return {
    worn,
    shellsM2KPerW,
    clothM2KPerW,
    protection,
    stillM2KPerW: sumOf(shellsM2KPerW),
    skinOverOuterArea: outer,
    vapourIndex,
    overfillMm,
  };
}

const gapRatio = (gapMm: number, factor: number): number =>
  factor === 1 || gapMm <= 0 ? 1 : airGapInsulation(gapMm * factor) / airGapInsulation(gapMm);

const sumOf = (values: readonly number[]): number => values.reduce((total, value) => total + value, 0);

function protectionFromOutside(layers: readonly Layer[], leastPermeability: number): (ClothPermeability | null)[] {
  const protection: (ClothPermeability | null)[] = [];
  let tightest = Infinity;
  let walled = false;
  for (const layer of [...layers].reverse()) {
    tightest = Math.min(tightest, layer.airPermeabilityLPerM2S);
    walled ||= layer.rigidWall;
    protection.unshift(walled ? null : clothPermeability(Math.max(tightest, leastPermeability)));
  }
  return protection;
}

/**
 * Resistance of the clothing alone in wind and walking, on skin area, m²·K/W.
 * @param stirred from `stirring(wind, walk)`
 * @source ISO 11079:2007 annex, applied layer by layer
 */
export function clothingInsulation(stack: Stack, stirred: number): number {
  const { shellsM2KPerW, protection } = stack;
  if (shellsM2KPerW.length === 0) return 0;
  let kept = 0;
  let innermostFactor = 1;
  for (let layer = shellsM2KPerW.length - 1; layer >= 0; layer--) {
    const cloth = protection[layer]!;
    innermostFactor = cloth === null ? 1 : windFactor(stirred, cloth);
    kept += innermostFactor * shellsM2KPerW[layer]!;
  }
  const standardAir = Math.max(0, STATIC_AIR_LAYER_M2K_PER_W * innermostFactor - stirredAirLayer(stirred));
  return Math.min(stack.stillM2KPerW, kept + standardAir);
}

/**
 * Resistance from skin to surroundings, on skin area, m²·K/W.
 * @param surfaceWPerM2K convection and radiation at the outer face, W/(m²·K)
 */
export const totalInsulation = (stack: Stack, stirred: number, surfaceWPerM2K: number): number =>
  clothingInsulation(stack, stirred) + stack.skinOverOuterArea / surfaceWPerM2K;
