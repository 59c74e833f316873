import type { Fit, Layer } from "../clothing";
import type { Patch, Side } from "../patches";
import type { Material } from "./material";

/** How a piece is put together, and what of its stack the seams and openings leave (assumptions, one table). */
export const ASSEMBLY_FACTOR = { none: 1, sewnThrough: 0.8, baffled: 0.95, handwear: 0.8, boot: 0.75 } as const;
export type Assembly = keyof typeof ASSEMBLY_FACTOR;

/** At the toes a boot loses again: the welt is near and the vamp thin (assumption). */
export const BOOT_TOE_FACTOR = 0.85;

/** Loft kept by wear, asked in three steps (assumption). */
export const LOFT_KEPT = { new: 1, used: 0.85, muchUsed: 0.7 } as const;
export type Wear = keyof typeof LOFT_KEPT;

/** Air permeability by the kind of outer face, L/(m²·s) at 100 Pa (typical, assumption). */
export const FACE_PERMEABILITY_L_PER_M2S = {
  coated: 1,
  membrane: 1,
  denseWeave: 8,
  woven: 50,
  knit: 200,
  open: 1000,
} as const;
export type Face = keyof typeof FACE_PERMEABILITY_L_PER_M2S;

/** Vapour index by the kind of outer face: 0.38 is ordinary clothing's (ISO 9920:2007), the others are assumptions. */
export const FACE_VAPOUR_INDEX: Readonly<Record<Face, number>> = {
  coated: 0.1,
  membrane: 0.3,
  denseWeave: 0.38,
  woven: 0.38,
  knit: 0.38,
  open: 0.45,
};

/** A panel of a piece: what lies over these patches, from the skin out. */
export type LabelPanel = {
  readonly patches: readonly Patch[];
  readonly materials: readonly Material[];
  /** Share of each patch that the panel covers; all of it when not given. */
  readonly coverShare?: number | undefined;
  /** Part of the piece that comes off or folds away: a lining, a hood, a mitt's cap, a boot's liner. */
  readonly part?: string | undefined;
};

/** Layers given as they are, with no label to read. */
export type ExplicitPanel = {
  readonly patches: readonly Patch[];
  readonly side: Side | "both";
  readonly layers: readonly Layer[];
  readonly coverShare?: number | undefined;
  readonly part?: string | undefined;
};

/** What is printed on a piece or measured of it. */
export type Label =
  | {
      readonly kind: "panels";
      readonly panels: readonly LabelPanel[];
      readonly assembly: Assembly;
      readonly face: Face;
      readonly fit: Fit;
      readonly wear: Wear;
      /** Room for what is worn under the piece, mm of cloth. */
      readonly easeMm?: number | undefined;
    }
  | { readonly kind: "explicit"; readonly panels: readonly ExplicitPanel[] };
