import type { Range } from "../errors";

/** What a label prints or a hand measures of one material in a panel. */
export type Material =
  | { readonly kind: "thickness"; readonly thicknessMm: number }
  | { readonly kind: "highPile"; readonly thicknessMm: number }
  | {
      readonly kind: "garmentBatting";
      readonly massGPerM2: number;
      readonly fibre: BattingFibre;
      readonly quilted: boolean;
    }
  | { readonly kind: "bootBatting" | "gloveBatting" | "mittBatting"; readonly massGPerM2: number }
  | { readonly kind: "fleece"; readonly massGPerM2: number }
  | { readonly kind: "knit"; readonly massGPerM2: number }
  | { readonly kind: "felt"; readonly thicknessMm: number }
  | { readonly kind: "down"; readonly fillPowerIn3PerOz: number; readonly fillG: number; readonly panelAreaM2: number }
  | { readonly kind: "solid"; readonly substance: SolidSubstance; readonly thicknessMm: number };

export type MaterialKind = Material["kind"];
export const BATTING_FIBRES = ["loftyFine", "continuousFilament"] as const;
export type BattingFibre = (typeof BATTING_FIBRES)[number];
export const SOLID_SUBSTANCES = ["rubber", "cork", "closedCellFoam", "foamRubber", "sheepskin"] as const;
export type SolidSubstance = (typeof SOLID_SUBSTANCES)[number];

/** Ranges of label figures. */
export const LABEL_RANGE = {
  thicknessMm: [0.05, 120],
  massGPerM2: [5, 3000],
  fillPowerIn3PerOz: [300, 1000],
  fillG: [5, 1500],
  panelAreaM2: [0.01, 4],
} as const satisfies Record<string, Range>;
