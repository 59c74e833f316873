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
  membrane: 1,
  denseWeave: 8,
  woven: 50,
  knit: 200,
  open: 1000,
} as const;
export type Face = keyof typeof FACE_PERMEABILITY_L_PER_M2S;

/** A panel of a piece: what lies over these patches, from the skin out. */
export type LabelPanel = { readonly patches: readonly Patch[]; readonly materials: readonly Material[] };

/** Layers given as they are, with no label to read. */
export type ExplicitPanel = {
  readonly patches: readonly Patch[];
  readonly side: Side | "both";
  readonly layers: readonly Layer[];
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
    }
  | { readonly kind: "explicit"; readonly panels: readonly ExplicitPanel[] };
