import * as m from "@/messages";
import { insulationText, quantityText } from "../quantities";
import type { Assembly, BattingFibre, Face, Fibre, Material, MaterialKind, SolidSubstance, Wear } from "@/core/labels";
import type { Fit } from "@/core/clothing";
import type { Closure, PieceKind } from "@/core/pieces";
import { plainNumber } from "../numbers";

// What stands on labels, in words; and how to know better than a label tells.

const SUBSTANCE_WORDS: Readonly<Record<SolidSubstance, string>> = {
  rubber: m.rubber,
  cork: m.cork,
  closedCellFoam: m.closedCellFoam,
  foamRubber: m.foamRubber,
  sheepskin: m.sheepskin,
  foil: m.reflectingFoil,
};
const FIBRE_WORDS: Readonly<Record<BattingFibre, string>> = {
  loftyFine: m.fineLoftyBatting,
  continuousFilament: m.continuousFilamentBatting,
};

/** Of a knit, or of cloth known by its thickness alone. */
export const CLOTH_FIBRE_WORDS: Readonly<Record<Fibre, string>> = {
  wool: m.fibreWool,
  synthetic: m.fibreSynthetic,
  cotton: m.fibreCotton,
  silk: m.fibreSilk,
};

const grams = (massGPerM2: number): string => quantityText("areal", massGPerM2);
const millimetres = (thicknessMm: number): string => quantityText("thickness", thicknessMm);

/** A material as a label or two fingers give it: "fleece 200 g/m²". */
export function materialWords(material: Material): string {
  switch (material.kind) {
    case "thickness":
      return m.measured({ millimetres: millimetres(material.thicknessMm) });
    case "highPile":
      return m.highPile({ millimetres: millimetres(material.thicknessMm) });
    case "garmentBatting":
      return `${FIBRE_WORDS[material.fibre]} ${grams(material.massGPerM2)}${material.quilted ? m.quilted : ""}`;
    case "bootBatting":
      return m.bootBatting({ grams: grams(material.massGPerM2) });
    case "gloveBatting":
      return m.gloveBatting({ grams: grams(material.massGPerM2) });
    case "mittBatting":
      return m.mittBatting({ grams: grams(material.massGPerM2) });
    case "fleece":
      return m.fleece({ grams: grams(material.massGPerM2) });
    case "knit":
      return m.knit({ grams: grams(material.massGPerM2) });
    case "felt":
      return m.felt({ millimetres: millimetres(material.thicknessMm) });
    case "down":
      return material.peakLoftMm === undefined
        ? m.downOfFillOnM({
            quantity: quantityText("smallMass", material.fillG),
            fillPowerIn3PerOz: material.fillPowerIn3PerOz,
            panelAreaM2: plainNumber(material.panelAreaM2, 2),
          })
        : m.downChambersAtTheirThickest({ millimetres: millimetres(material.peakLoftMm) });
    case "testSheet":
      return m.testSheet2({ insulationM2KPerW: insulationText(material.insulationM2KPerW) });
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
  garmentBatting: m.thicknessIsTakenFromTheGrams,
  bootBatting: m.bootBattingsAreDenseThicknessIs,
  gloveBatting: m.gloveBattingsAreDenseThicknessIs,
  mittBatting: m.thicknessIsTakenFromTheGramsTitle,
  fleece: m.thicknessIsTakenFromTheGrams2,
  knit: m.thicknessIsTakenFromTheGrams3,
  down: m.loftIsTakenFromFillWeight,
};

export const FACE_WORDS: Readonly<Record<Face, string>> = {
  coated: m.coatedVapourTight,
  membrane: m.membraneWindproof,
  denseWeave: m.denseWeave,
  woven: m.woven,
  knit: m.knit2,
  open: m.openKnitOrMesh,
};
export const FIT_WORDS: Readonly<Record<Fit, string>> = {
  tight: m.tight,
  close: m.close,
  regular: m.regular,
  loose: m.loose,
};
export const WEAR_WORDS: Readonly<Record<Wear, string>> = { new: m.asNew, used: m.used, muchUsed: m.muchUsed };
export const ASSEMBLY_WORDS: Readonly<Record<Assembly, string>> = {
  none: m.plain,
  sewnThrough: m.sewnThrough,
  baffled: m.baffled,
  handwear: m.handwear,
  boot: m.boot,
};
export const KIND_WORDS: Readonly<Record<PieceKind, string>> = {
  garment: m.garment,
  footwear: m.footwear,
  sock: m.sock,
  liner: m.liner,
  footbed: m.footbed,
  handwear: m.handwear,
  headwear: m.headwear,
  neckwear: m.neckwear,
  pad: m.pad,
  protection: m.protection,
  heatSource: m.heatSource,
};

export const CLOSURE_WORDS: Readonly<Record<Closure, string>> = {
  pullOn: m.pulledOn,
  laces: m.laces,
  zip: m.aZip,
  buckles: m.buckles,
  dial: m.aDial,
};
