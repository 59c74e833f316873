import type { Range } from "../errors";

/** One layer of clothing over one patch, and the gap of air under it. */
export type Layer = {
  /** Thermal resistance of the layer itself, flat, without air, m²·K/W. */
  readonly insulationM2KPerW: number;
  readonly thicknessMm: number;
  /** Air under the layer, mm. */
  readonly gapMm: number;
  /** Air permeability, L/(m²·s) at 100 Pa: 1 is windproof, 1000 open. */
  readonly airPermeabilityLPerM2S: number;
  /** Share of the resistance kept when a body's weight lies on it. */
  readonly keptUnderLoad: number;
  /** A wall that wind does not press in: no wind reaches what lies at or under it. */
  readonly rigidWall: boolean;
  /** Room for what is under it, mm of cloth; what is thicker is pressed. Nothing given: it gives way. */
  readonly easeMm?: number | undefined;
  /** How easily vapour passes for the warmth; the outermost layer's counts. Nothing given: ordinary clothing. */
  readonly vapourIndex?: number | undefined;
  /** What takes up water, g/m², and the share of the resistance lost at its own mass. Nothing given: it stays dry. */
  readonly absorbingGPerM2?: number | undefined;
  readonly lossAtOwnMass?: number | undefined;
};

/** Vapour index of ordinary clothing. @source ISO 9920:2007 */
export const ORDINARY_VAPOUR_INDEX = 0.38;

/** A layer as worn: the share of its patch that it covers. */
export type WornLayer = { readonly layer: Layer; readonly coverShare: number };

/** Ranges of a layer as labels and files may give it. */
export const LAYER_RANGE = {
  insulationM2KPerW: [0, 5],
  thicknessMm: [0, 150],
  gapMm: [0, 50],
  airPermeabilityLPerM2S: [1, 1000],
  keptUnderLoad: [0, 1],
  easeMm: [0, 60],
  vapourIndex: [0.02, 0.5],
  coverShare: [0.05, 1],
} as const satisfies Record<string, Range>;

/**
 * Gap of air under a layer by fit, mm: assumptions, no source.
 * Tight presses on the skin, close touches it, regular moves with it, loose hangs.
 */
export const GAP_BY_FIT_MM = { tight: 0.3, close: 1, regular: 2, loose: 3 } as const;
export type Fit = keyof typeof GAP_BY_FIT_MM;
