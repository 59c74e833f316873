import * as m from "@/messages";
import { LABEL_RANGE, type Face, type Label, type Material, type SolidSubstance, type Wear } from "@/core/labels";
import type { PieceKind, PieceTraits } from "@/core/pieces";
import type { Range } from "@/core/errors";
import type { Patch } from "@/core/patches";

/** A figure asked for: what it is called, its unit, and what is usual (assumptions). */
export type Figure = {
  readonly words: string;
  readonly unit: "g/m²" | "mm" | "g";
  readonly usual: number;
  readonly range: Range;
};

/** A kind of piece that is known by one figure. */
export type QuickPiece = {
  readonly words: string;
  readonly kind: PieceKind;
  readonly figure: Figure;
  readonly fingersTogether: boolean;
  readonly traits: PieceTraits;
  readonly labelOf: (value: number, wear: Wear) => Label;
};

export const HAND: readonly Patch[] = ["hand", "fingers", "wrist"];
export const FOOT: readonly Patch[] = ["footUpper", "toes", "ankle"];

export const grams = (words: string, usual: number, range: Range = LABEL_RANGE.massGPerM2): Figure => ({
  words,
  unit: "g/m²",
  usual,
  range,
});
export const thick = (words: string, usual: number, range: Range = LABEL_RANGE.thicknessMm): Figure => ({
  words,
  unit: "mm",
  usual,
  range,
});
export const KNIT = grams(m.weightOfTheKnit, 200);
export const FLEECE = grams(m.weightOfTheFleece, 200);
export const BATTING = grams(m.batting, 150);

type PanelsLabel = Extract<Label, { kind: "panels" }>;
export const label = (
  patches: readonly Patch[],
  materials: readonly Material[],
  face: Face,
  wear: Wear,
  rest: Partial<PanelsLabel> = {},
): Label => ({
  kind: "panels",
  panels: [{ patches, materials }],
  face,
  assembly: "none",
  fit: "regular",
  wear,
  ...rest,
});

type Rest = { readonly fingersTogether?: boolean; readonly traits?: PieceTraits };
export const quick = (
  words: string,
  kind: PieceKind,
  figure: Figure,
  labelOf: QuickPiece["labelOf"],
  { fingersTogether = false, traits = {} }: Rest = {},
): QuickPiece => ({ words, kind, figure, labelOf, fingersTogether, traits });

export const knitted =
  (patches: readonly Patch[]): QuickPiece["labelOf"] =>
  (massGPerM2, wear) =>
    label(patches, [{ kind: "knit", massGPerM2 }], "knit", wear, { fit: "close" });
export const fleeced =
  (patches: readonly Patch[]): QuickPiece["labelOf"] =>
  (massGPerM2, wear) =>
    label(patches, [{ kind: "fleece", massGPerM2 }], "open", wear);
export const padded =
  (patches: readonly Patch[], face: Face): QuickPiece["labelOf"] =>
  (massGPerM2, wear) =>
    label(patches, [{ kind: "garmentBatting", massGPerM2, fibre: "loftyFine", quilted: true }], face, wear, {
      assembly: "sewnThrough",
      fit: "loose",
    });
export const asThick =
  (patches: readonly Patch[], face: Face, rest: Partial<PanelsLabel> = {}): QuickPiece["labelOf"] =>
  (thicknessMm, wear) =>
    label(patches, [{ kind: "thickness", thicknessMm }], face, wear, rest);
/** Cotton loses most of what it insulates when it is wet: its fibre is told. */
export const cotton =
  (patches: readonly Patch[], face: Face): QuickPiece["labelOf"] =>
  (thicknessMm, wear) =>
    label(patches, [{ kind: "thickness", thicknessMm, fibre: "cotton" }], face, wear);
export const ofSubstance =
  (patches: readonly Patch[], substance: SolidSubstance, face: Face, rest: Partial<PanelsLabel> = {}) =>
  (thicknessMm: number, wear: Wear): Label =>
    label(patches, [{ kind: "solid", substance, thicknessMm }], face, wear, rest);
