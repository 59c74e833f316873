import type { Range } from "../errors";

/** What a label prints or a hand measures of one material in a panel. */
export type Material =
  | { readonly kind: "thickness"; readonly thicknessMm: number; readonly fibre?: Fibre | undefined }
  | { readonly kind: "highPile"; readonly thicknessMm: number }
  | {
      readonly kind: "garmentBatting";
      readonly massGPerM2: number;
      readonly fibre: BattingFibre;
      readonly quilted: boolean;
    }
  | { readonly kind: "bootBatting" | "gloveBatting" | "mittBatting"; readonly massGPerM2: number }
  | { readonly kind: "fleece"; readonly massGPerM2: number }
  | { readonly kind: "knit"; readonly massGPerM2: number; readonly fibre?: Fibre | undefined }
  | { readonly kind: "felt"; readonly thicknessMm: number }
  | {
      readonly kind: "down";
      readonly fillPowerIn3PerOz: number;
      readonly fillG: number;
      readonly panelAreaM2: number;
      /** Thickest point of the chambers, mm; overrides the other figures. */
      readonly peakLoftMm?: number | undefined;
    }
  | { readonly kind: "testSheet"; readonly insulationM2KPerW: number; readonly statesTotal: boolean }
  | { readonly kind: "solid"; readonly substance: SolidSubstance; readonly thicknessMm: number };

export type MaterialKind = Material["kind"];
/** Fibre of a knit or of cloth known by its thickness alone. */
export const FIBRES = ["wool", "synthetic", "cotton", "silk"] as const;
export type Fibre = (typeof FIBRES)[number];
export const BATTING_FIBRES = ["loftyFine", "continuousFilament"] as const;
export type BattingFibre = (typeof BATTING_FIBRES)[number];
export const SOLID_SUBSTANCES = ["rubber", "cork", "closedCellFoam", "foamRubber", "sheepskin", "foil"] as const;
export type SolidSubstance = (typeof SOLID_SUBSTANCES)[number];

/** Ranges of label figures. */
export const LABEL_RANGE = {
  thicknessMm: [0.05, 120],
  massGPerM2: [5, 3000],
  fillPowerIn3PerOz: [300, 1000],
  fillG: [5, 1500],
  panelAreaM2: [0.01, 4],
  testedM2KPerW: [0.01, 2],
} as const satisfies Record<string, Range>;
