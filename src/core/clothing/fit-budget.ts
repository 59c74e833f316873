import { clamp } from "../numeric";
import { GAP_BY_FIT_MM, type Layer } from "./layer";

/** Cloth cannot be pressed thinner than this share of itself (assumption). */
const LEAST_THICKNESS_SHARE = 0.2;
/** What a mm too much takes of the blood to fingers or toes, and the least that is left (assumptions). */
export const FLOW_LOST_PER_MM = 0.35;
export const LEAST_FLOW_SHARE = 0.3;

/** Layers as they lie once what has too little room is pressed. */
export type FittedLayers = {
  readonly layers: readonly Layer[];
  /** The most by which what is under a layer exceeds its room, mm. */
  readonly overfillMm: number;
};

function pressed(layer: Layer, share: number): Layer {
  return {
    ...layer,
    insulationM2KPerW: layer.insulationM2KPerW * share,
    thicknessMm: layer.thicknessMm * share,
    gapMm: Math.min(layer.gapMm, GAP_BY_FIT_MM.tight),
  };
}

/**
 * Presses what lies under each layer into the room that layer has: thickness lost is overfill, resistance goes with it.
 * @param layers from the skin out
 * @source the budget of the model's description (docs/method.md): assumption
 */
export function fitLayers(layers: readonly Layer[]): FittedLayers {
  if (layers.every(({ easeMm }) => easeMm === undefined)) return { layers, overfillMm: 0 };
  const fitted = [...layers];
  let overfillMm = 0;
  layers.forEach(({ easeMm }, index) => {
    if (easeMm === undefined) return;
    const underMm = fitted.slice(0, index).reduce((total, { thicknessMm }) => total + thicknessMm, 0);
    const excessMm = underMm - easeMm;
    if (excessMm <= 0) return;
    overfillMm = Math.max(overfillMm, excessMm);
    const share = clamp(easeMm / underMm, LEAST_THICKNESS_SHARE, 1);
    for (let inner = 0; inner < index; inner++) fitted[inner] = pressed(fitted[inner]!, share);
    fitted[index] = { ...fitted[index]!, gapMm: Math.min(fitted[index]!.gapMm, GAP_BY_FIT_MM.tight) };
  });
  return { layers: fitted, overfillMm };
}

/**
 * Share of its thickness that what lies innermost in a stack keeps in the room it has.
 * @param layers from the skin out
 */
export function fitShare(layers: readonly Layer[]): number {
  const { layers: fitted } = fitLayers(layers);
  const innermost = layers[0]?.thicknessMm ?? 0;
  return innermost > 0 ? fitted[0]!.thicknessMm / innermost : 1;
}

/** Share of the blood that a tight boot or glove lets through to toes or fingers. */
export const digitFlowWhenTight = (overfillMm: number): number =>
  Math.max(LEAST_FLOW_SHARE, 1 - FLOW_LOST_PER_MM * overfillMm);
