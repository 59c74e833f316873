import * as m from "@/messages";
import { STATIC_AIR_LAYER_M2K_PER_W } from "../clothing";
import type { BattingFibre, Material, SolidSubstance } from "./material";

/** A material read from its label: what the physics needs of it. */
export type MaterialReading = {
  readonly thicknessMm: number;
  readonly insulationM2KPerW: number;
  /** Share kept when weight lies on it. */
  readonly keptUnderLoad: number;
  /** One standard deviation of the resistance, as a share of it; cut at two. */
  readonly relativeSpread: number;
  /** Where the figure comes from, in a phrase. */
  readonly source: string;
};

const MM_PER_M = 1000;
const CM3_PER_M3 = 1e6;
const CM3_PER_G_PER_FILL_POWER = 0.578; // 1 in³/oz in cm³/g: exact to three figures
const DOWN_PACKING = 0.45; // share of the free loft that a chamber leaves (assumption)
const QUILTING = 0.8; // share of thickness left between seams (assumption)

type Textile = {
  readonly densityKgPerM3: number;
  readonly conductivityWPerMK: number;
  readonly keptUnderLoad: number;
  readonly relativeSpread: number;
};

const ASSUMED = m.typicalDensityAndConductivity;

const GARMENT_BATTING: Readonly<Record<BattingFibre, Textile>> = {
  loftyFine: { densityKgPerM3: 8, conductivityWPerMK: 0.038, keptUnderLoad: 0.25, relativeSpread: 0.15 },
  continuousFilament: { densityKgPerM3: 8, conductivityWPerMK: 0.042, keptUnderLoad: 0.25, relativeSpread: 0.15 },
};
const DENSE_BATTING: Readonly<Record<"bootBatting" | "gloveBatting" | "mittBatting", Textile>> = {
  bootBatting: { densityKgPerM3: 75, conductivityWPerMK: 0.04, keptUnderLoad: 0.5, relativeSpread: 0.15 },
  gloveBatting: { densityKgPerM3: 45, conductivityWPerMK: 0.04, keptUnderLoad: 0.5, relativeSpread: 0.15 },
  mittBatting: { densityKgPerM3: 25, conductivityWPerMK: 0.04, keptUnderLoad: 0.5, relativeSpread: 0.15 },
};
const FLEECE: Textile = { densityKgPerM3: 45, conductivityWPerMK: 0.042, keptUnderLoad: 0.5, relativeSpread: 0.12 };
const KNIT: Textile = { densityKgPerM3: 180, conductivityWPerMK: 0.045, keptUnderLoad: 0.7, relativeSpread: 0.15 };

/** Resistance, load and spread of sheets by substance; conductivities of common handbooks, spreads assumed. */
const SOLID: Readonly<Record<SolidSubstance, Omit<Textile, "densityKgPerM3">>> = {
  rubber: { conductivityWPerMK: 0.16, keptUnderLoad: 1, relativeSpread: 0.1 },
  cork: { conductivityWPerMK: 0.045, keptUnderLoad: 0.9, relativeSpread: 0.1 },
  closedCellFoam: { conductivityWPerMK: 0.04, keptUnderLoad: 0.85, relativeSpread: 0.1 },
  foamRubber: { conductivityWPerMK: 0.054, keptUnderLoad: 0.85, relativeSpread: 0.1 },
  /** Sends back what little radiation there is; no agreed gain, so none is shown. */
  foil: { conductivityWPerMK: 200, keptUnderLoad: 1, relativeSpread: 0 },
  sheepskin: { conductivityWPerMK: 0.045, keptUnderLoad: 0.4, relativeSpread: 0.2 },
};
const STILL_AIR_TEXTILE_W_PER_MK = 0.04;
const HIGH_PILE_W_PER_MK = 0.045;
const FELT_W_PER_MK = 0.045;
const DOWN = { conductivityWPerMK: 0.04, keptUnderLoad: 0.1, relativeSpread: 0.2 };
const DOWN_MEASURED = { ...DOWN, relativeSpread: 0.1 };
export const MEAN_OF_PEAK_LOFT = 0.65; // mean thickness of a chamber over its thickest point (assumption)
export const TESTED_SPREAD = 0.05;
const TESTED_KEPT = 0.5; // a test sheet says nothing of load (assumption)

const fromThickness = (
  thicknessMm: number,
  textile: Pick<Textile, "conductivityWPerMK" | "keptUnderLoad" | "relativeSpread">,
  source: string,
): MaterialReading => ({
  thicknessMm,
  insulationM2KPerW: thicknessMm / MM_PER_M / textile.conductivityWPerMK,
  keptUnderLoad: textile.keptUnderLoad,
  relativeSpread: textile.relativeSpread,
  source,
});

const fromMass = (massGPerM2: number, textile: Textile, thicknessShare = 1): MaterialReading =>
  // g/m² over kg/m³ is millimetres
  fromThickness((massGPerM2 / textile.densityKgPerM3) * thicknessShare, textile, ASSUMED);

/**
 * Reads one material: thickness in mm, resistance in m²·K/W, share kept under load and spread.
 * @source R = t/k; thickness of still-air textiles about 1.6 clo per cm (Fourt & Hollies 1970); densities, packing and
 * spreads are assumptions listed in docs/method.md
 * @example readMaterial({ kind: "fleece", massGPerM2: 200 }).insulationM2KPerW // ≈ 0.106, 0.68 clo
 */
export function readMaterial(material: Material): MaterialReading {
  switch (material.kind) {
    case "thickness":
      return fromThickness(
        material.thicknessMm,
        { conductivityWPerMK: STILL_AIR_TEXTILE_W_PER_MK, keptUnderLoad: 0.7, relativeSpread: 0.1 },
        m.measuredThickness16CloPer,
      );
    case "highPile":
      return fromThickness(
        material.thicknessMm,
        { conductivityWPerMK: HIGH_PILE_W_PER_MK, keptUnderLoad: 0.4, relativeSpread: 0.15 },
        ASSUMED,
      );
    case "garmentBatting":
      return fromMass(material.massGPerM2, GARMENT_BATTING[material.fibre], material.quilted ? QUILTING : 1);
    case "bootBatting":
    case "gloveBatting":
    case "mittBatting":
      return fromMass(material.massGPerM2, DENSE_BATTING[material.kind]);
    case "fleece":
      return fromMass(material.massGPerM2, FLEECE);
    case "knit":
      return fromMass(material.massGPerM2, KNIT);
    case "felt":
      return fromThickness(
        material.thicknessMm,
        { conductivityWPerMK: FELT_W_PER_MK, keptUnderLoad: 0.8, relativeSpread: 0.1 },
        ASSUMED,
      );
    case "down": {
      if (material.peakLoftMm !== undefined) {
        return fromThickness(material.peakLoftMm * MEAN_OF_PEAK_LOFT, DOWN_MEASURED, m.measuredLoftMeanOfTheChamber);
      }
      const loftM3 = (material.fillG * material.fillPowerIn3PerOz * CM3_PER_G_PER_FILL_POWER) / CM3_PER_M3;
      const thicknessMm = (loftM3 / material.panelAreaM2) * DOWN_PACKING * MM_PER_M;
      return fromThickness(thicknessMm, DOWN, m.fillPowerFillAndAreaPacking);
    }
    case "testSheet": {
      const air = material.statesTotal ? STATIC_AIR_LAYER_M2K_PER_W : 0;
      const insulationM2KPerW = Math.max(0, material.insulationM2KPerW - air);
      return {
        thicknessMm: insulationM2KPerW * STILL_AIR_TEXTILE_W_PER_MK * MM_PER_M,
        insulationM2KPerW,
        keptUnderLoad: TESTED_KEPT,
        relativeSpread: TESTED_SPREAD,
        source: material.statesTotal ? m.testSheetsTotalLessTheAir : m.testSheet,
      };
    }
    case "solid":
      return fromThickness(material.thicknessMm, SOLID[material.substance], ASSUMED);
  }
}
