import { SEGMENT_COUNT } from "../body";

/** Most layers of a stack that water is followed through; what lies outside them is taken as one with the last. */
export const MOST_LAYERS_FOLLOWED = 12;

/** Water of a piece is followed on each segment, and in the cloth over the mouth apart. */
export const FACE_CELL = SEGMENT_COUNT;
export const CELLS_PER_PIECE = SEGMENT_COUNT + 1;

/** The cloth that breath meets: of all that covers the mouth, the one nearest to it. */
export type BreathPlan = {
  readonly cell: number;
  readonly massGPerM2: number;
  /** Share of the face's clothing that lies inside its outer side, that is its own, and of that lost at its own mass. */
  readonly innerShare: number;
  readonly dryShare: number;
  readonly lossAtOwnMass: number;
  /** Of the face's outermost layer. */
  readonly vapourIndex: number;
  /** Share of the face that it covers. */
  readonly coverShare: number;
};

/**
 * The layers of every segment as water meets them, from the skin out, one segment after another. Water is followed per
 * segment and piece, on the patch with the greatest share (assumption).
 */
export type WaterPlan = {
  /** Place of each segment's first layer in the arrays below; one more entry than segments. */
  readonly first: Int32Array;
  /** Cell of the book that holds a layer's water. */
  readonly cell: Int32Array;
  /** Share of the clothing's dry resistance, and of its resistance to vapour. */
  readonly dryShare: Float64Array;
  readonly vapourShare: Float64Array;
  /** What takes up water, g/m², and the share of its resistance (gap included) lost at its own mass of water. */
  readonly massGPerM2: Float64Array;
  readonly lossAtOwnMass: Float64Array;
  /** By segment: share of what falls on it that passes the outer face. */
  readonly passes: Float64Array;
  /** By segment: place of the layer that water from over the top of a boot runs into. */
  readonly under: Int32Array;
  /** `null` where nothing covers the mouth, or nothing that takes up water. */
  readonly breath: BreathPlan | null;
};

/** Water that meets the body from outside, g/(m²·s) by segment. */
export type Wetting = {
  /** On the outer face. */
  readonly outside: Float64Array;
  /** Over the top of the boots. */
  readonly overTop: Float64Array;
};
