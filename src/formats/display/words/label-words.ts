import { insulationText, quantityText } from "../quantities";
import type { Assembly, BattingFibre, Face, Material, MaterialKind, SolidSubstance, Wear } from "@/core/labels";
import type { Fit } from "@/core/clothing";
import type { Closure, PieceKind } from "@/core/pieces";
import { plainNumber } from "../numbers";

// What stands on labels, in words; and how to know better than a label tells.

const SUBSTANCE_WORDS: Readonly<Record<SolidSubstance, string>> = {
  rubber: "rubber",
  cork: "cork",
  closedCellFoam: "closed-cell foam",
  foamRubber: "foam rubber",
  sheepskin: "sheepskin",
  foil: "reflecting foil",
};
const FIBRE_WORDS: Readonly<Record<BattingFibre, string>> = {
  loftyFine: "fine lofty batting",
  continuousFilament: "continuous-filament batting",
};

const grams = (massGPerM2: number): string => quantityText("areal", massGPerM2);
const millimetres = (thicknessMm: number): string => quantityText("thickness", thicknessMm);

/** A material as a label or two fingers give it: "fleece 200 g/m²". */
export function materialWords(material: Material): string {
  switch (material.kind) {
    case "thickness":
      return `measured ${millimetres(material.thicknessMm)}`;
    case "highPile":
      return `high pile ${millimetres(material.thicknessMm)}`;
    case "garmentBatting":
      return `${FIBRE_WORDS[material.fibre]} ${grams(material.massGPerM2)}${material.quilted ? ", quilted" : ""}`;
    case "bootBatting":
      return `boot batting ${grams(material.massGPerM2)}`;
    case "gloveBatting":
      return `glove batting ${grams(material.massGPerM2)}`;
    case "mittBatting":
      return `mitt batting ${grams(material.massGPerM2)}`;
    case "fleece":
      return `fleece ${grams(material.massGPerM2)}`;
    case "knit":
      return `knit ${grams(material.massGPerM2)}`;
    case "felt":
      return `felt ${millimetres(material.thicknessMm)}`;
    case "down":
      return material.peakLoftMm === undefined
        ? `down ${quantityText("smallMass", material.fillG)} of ${material.fillPowerIn3PerOz} fill on ${plainNumber(material.panelAreaM2, 2)} m²`
        : `down, chambers ${millimetres(material.peakLoftMm)} at their thickest`;
    case "testSheet":
      return `test sheet ${insulationText(material.insulationM2KPerW)}`;
    case "solid":
      return `${SUBSTANCE_WORDS[material.substance]} ${millimetres(material.thicknessMm)}`;
  }
}

/** What a reading of such a material takes for granted, and how to know better. */
export const BETTER_KNOWN: Readonly<Record<MaterialKind, string | null>> = {
  thickness: null,
  highPile: null,
  felt: null,
  testSheet: null,
  solid: null,
  garmentBatting:
    "Thickness is taken from the grams by a typical loft. Pinch it without pressing: how many millimetres?",
  bootBatting: "Boot battings are dense; thickness is taken from the grams. Pinch the shaft: how many millimetres?",
  gloveBatting: "Glove battings are dense; thickness is taken from the grams. Pinch the back of the hand.",
  mittBatting: "Thickness is taken from the grams by a typical loft. Pinch the back of the hand.",
  fleece: "Thickness is taken from the grams by a typical density. Pinch it: how many millimetres?",
  knit: "Thickness is taken from the grams by a typical knit. Pinch it: how many millimetres?",
  down: "Loft is taken from fill weight, fill power and an assumed area. Lay it flat: how thick are the chambers?",
};

export const FACE_WORDS: Readonly<Record<Face, string>> = {
  coated: "coated, vapour-tight",
  membrane: "membrane, windproof",
  denseWeave: "dense weave",
  woven: "woven",
  knit: "knit",
  open: "open knit or mesh",
};
export const FIT_WORDS: Readonly<Record<Fit, string>> = {
  tight: "tight",
  close: "close",
  regular: "regular",
  loose: "loose",
};
export const WEAR_WORDS: Readonly<Record<Wear, string>> = { new: "as new", used: "used", muchUsed: "much used" };
export const ASSEMBLY_WORDS: Readonly<Record<Assembly, string>> = {
  none: "plain",
  sewnThrough: "sewn through",
  baffled: "baffled",
  handwear: "handwear",
  boot: "boot",
};
export const KIND_WORDS: Readonly<Record<PieceKind, string>> = {
  garment: "garment",
  footwear: "footwear",
  sock: "sock",
  liner: "liner",
  footbed: "footbed",
  handwear: "handwear",
  headwear: "headwear",
  neckwear: "neckwear",
  pad: "pad",
  protection: "protection",
  heatSource: "heat source",
};

export const CLOSURE_WORDS: Readonly<Record<Closure, string>> = {
  pullOn: "pulled on",
  laces: "laces",
  zip: "a zip",
  buckles: "buckles",
  dial: "a dial",
};
