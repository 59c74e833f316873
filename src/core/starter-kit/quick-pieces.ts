import { LABEL_RANGE, type Face, type Label, type Material, type Wear } from "@/core/labels";
import type { PieceKind, PieceTraits } from "@/core/pieces";
import type { Range } from "@/core/errors";
import type { Patch } from "@/core/patches";

// What people own, by the one figure that is printed on it: enough for a label to be read.

/** A figure asked for: what it is called, its unit, and what is usual. */
type Figure = {
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

const TRUNK: Patch[] = ["chest", "back", "belly", "lowerBack"];
const ARMS: Patch[] = ["upperArm", "forearm", "wrist"];
const LEGS: Patch[] = ["seat", "thigh", "thighOnSeat", "knee", "calf", "ankle"];
const HEAD: Patch[] = ["scalp", "ears"];
const HAND: Patch[] = ["hand", "fingers", "wrist"];
const FOOT: Patch[] = ["footUpper", "toes", "ankle"];

const GRAMS = (words: string, usual: number, range: Range): Figure => ({
  words,
  unit: "g/m²",
  usual,
  range,
});
const THICK = (words: string, usual: number): Figure => ({
  words,
  unit: "mm",
  usual,
  range: LABEL_RANGE.thicknessMm,
});

type PanelsLabel = Extract<Label, { kind: "panels" }>;
const label = (
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
const quick = (
  words: string,
  kind: PieceKind,
  figure: Figure,
  labelOf: QuickPiece["labelOf"],
  { fingersTogether = false, traits = {} }: Rest = {},
): QuickPiece => ({ words, kind, figure, labelOf, fingersTogether, traits });

const KNIT = GRAMS("Weight of the knit", 200, LABEL_RANGE.massGPerM2);
const FLEECE = GRAMS("Weight of the fleece", 200, LABEL_RANGE.massGPerM2);
const BATTING = GRAMS("Batting", 150, LABEL_RANGE.massGPerM2);

const knitted =
  (patches: readonly Patch[]): QuickPiece["labelOf"] =>
  (massGPerM2, wear) =>
    label(patches, [{ kind: "knit", massGPerM2 }], "knit", wear, { fit: "close" });
const fleeced =
  (patches: readonly Patch[]): QuickPiece["labelOf"] =>
  (massGPerM2, wear) =>
    label(patches, [{ kind: "fleece", massGPerM2 }], "open", wear);
const padded =
  (patches: readonly Patch[], face: Face): QuickPiece["labelOf"] =>
  (massGPerM2, wear) =>
    label(patches, [{ kind: "garmentBatting", massGPerM2, fibre: "loftyFine", quilted: true }], face, wear, {
      assembly: "sewnThrough",
      fit: "loose",
    });
const thick =
  (patches: readonly Patch[], face: Face, rest: Partial<PanelsLabel> = {}): QuickPiece["labelOf"] =>
  (thicknessMm, wear) =>
    label(patches, [{ kind: "thickness", thicknessMm }], face, wear, rest);

const SOLE: readonly Material[] = [
  { kind: "solid", substance: "rubber", thicknessMm: 12 },
  { kind: "felt", thicknessMm: 4 },
];
const boot =
  (upper: (value: number) => readonly Material[]): QuickPiece["labelOf"] =>
  (value, wear) => ({
    kind: "panels",
    panels: [
      { patches: FOOT, materials: upper(value) },
      { patches: ["sole"], materials: SOLE },
    ],
    face: "membrane",
    assembly: "boot",
    fit: "close",
    wear,
  });

/** From head to foot. */
export const QUICK_PIECES: readonly QuickPiece[] = [
  quick("Hat, knitted", "headwear", THICK("Thickness, pressed lightly", 4), thick(HEAD, "knit", { fit: "close" })),
  quick("Balaclava, fleece", "headwear", { ...FLEECE, usual: 150 }, fleeced([...HEAD, "neck"])),
  quick("Face mask, windproof", "headwear", THICK("Thickness", 2), thick(["face"], "membrane", { fit: "close" })),
  quick("Neck tube", "neckwear", THICK("Thickness, as worn", 3), thick(["neck"], "knit", { fit: "close" })),
  quick("Base layer, top", "garment", KNIT, knitted([...TRUNK, ...ARMS])),
  quick("Fleece jacket", "garment", FLEECE, fleeced([...TRUNK, ...ARMS])),
  quick("Wool shirt or sweater", "garment", THICK("Thickness", 4), thick([...TRUNK, ...ARMS], "woven")),
  quick("Insulated vest", "garment", { ...BATTING, usual: 100 }, padded(TRUNK, "denseWeave")),
  quick("Insulated jacket, batting", "garment", BATTING, padded([...TRUNK, ...ARMS, "seat"], "denseWeave")),
  quick(
    "Down jacket",
    "garment",
    { words: "Down, all of it (at 700 fill power)", unit: "g", usual: 250, range: [30, 900] },
    (fillG, wear) =>
      label(
        [...TRUNK, ...ARMS, "seat"],
        [{ kind: "down", fillPowerIn3PerOz: 700, fillG, panelAreaM2: 1.8 }],
        "denseWeave",
        wear,
        { assembly: "baffled", fit: "loose" },
      ),
  ),
  quick(
    "Shell jacket",
    "garment",
    { ...THICK("Thickness", 0.4), range: [0.1, 3] },
    thick([...TRUNK, ...ARMS, "seat"], "membrane", { fit: "loose" }),
  ),
  quick("Base layer, legs", "garment", KNIT, knitted(LEGS), { traits: { opensOverBoots: false } }),
  quick("Fleece trousers", "garment", FLEECE, fleeced(LEGS), { traits: { opensOverBoots: false } }),
  quick("Walking trousers", "garment", { ...THICK("Thickness", 0.6), range: [0.2, 4] }, thick(LEGS, "denseWeave"), {
    traits: { opensOverBoots: false },
  }),
  quick(
    "Insulated bib, side zips",
    "garment",
    { ...BATTING, usual: 130 },
    padded(["belly", "lowerBack", ...LEGS], "membrane"),
    { traits: { opensOverBoots: true } },
  ),
  quick("Gloves, knitted", "handwear", { ...KNIT, usual: 250 }, knitted(HAND), { traits: { dexterity: 3 } }),
  quick(
    "Gloves, insulated",
    "handwear",
    { ...BATTING, words: "Insulation", usual: 150 },
    (massGPerM2, wear) =>
      label(HAND, [{ kind: "gloveBatting", massGPerM2 }], "membrane", wear, { assembly: "handwear", fit: "close" }),
    { traits: { dexterity: 2 } },
  ),
  quick(
    "Mitts, insulated",
    "handwear",
    { ...BATTING, words: "Insulation", usual: 200 },
    (massGPerM2, wear) =>
      label(HAND, [{ kind: "mittBatting", massGPerM2 }], "membrane", wear, { assembly: "handwear" }),
    { fingersTogether: true, traits: { dexterity: 1 } },
  ),
  quick("Socks", "sock", THICK("Thickness, pressed lightly", 3), thick([...FOOT, "sole"], "knit", { fit: "tight" })),
  quick(
    "Boots, insulated",
    "footwear",
    { ...BATTING, words: "Insulation", usual: 400 },
    boot((massGPerM2) => [
      { kind: "bootBatting", massGPerM2 },
      { kind: "thickness", thicknessMm: 2 },
    ]),
  ),
  quick(
    "Boots, felt liner",
    "footwear",
    { ...THICK("Thickness of the felt", 9), range: [2, 20] },
    boot((thicknessMm) => [
      { kind: "felt", thicknessMm },
      { kind: "solid", substance: "rubber", thicknessMm: 2 },
    ]),
  ),
  quick("Footbed, felt", "footbed", THICK("Thickness", 6), (thicknessMm, wear) =>
    label(["sole"], [{ kind: "felt", thicknessMm }], "knit", wear),
  ),
  quick("Seat pad, foam", "pad", THICK("Thickness", 15), (thicknessMm, wear) =>
    label(["seat", "thighOnSeat"], [{ kind: "solid", substance: "closedCellFoam", thicknessMm }], "membrane", wear),
  ),
  quick("Foot pad, foam", "pad", THICK("Thickness", 20), (thicknessMm, wear) =>
    label(["sole"], [{ kind: "solid", substance: "closedCellFoam", thicknessMm }], "membrane", wear),
  ),
];
