import type { Material, MaterialKind } from "@/core/labels";

/** A material of each kind with usual figures, to begin with (assumptions near the starter kit's). */
export const USUAL_MATERIALS: Readonly<Record<MaterialKind, Material>> = {
  thickness: { kind: "thickness", thicknessMm: 3 },
  highPile: { kind: "highPile", thicknessMm: 12 },
  garmentBatting: { kind: "garmentBatting", massGPerM2: 100, fibre: "loftyFine", quilted: true },
  bootBatting: { kind: "bootBatting", massGPerM2: 400 },
  gloveBatting: { kind: "gloveBatting", massGPerM2: 150 },
  mittBatting: { kind: "mittBatting", massGPerM2: 200 },
  fleece: { kind: "fleece", massGPerM2: 200 },
  knit: { kind: "knit", massGPerM2: 200 },
  felt: { kind: "felt", thicknessMm: 6 },
  down: { kind: "down", fillPowerIn3PerOz: 650, fillG: 200, panelAreaM2: 1.5 },
  testSheet: { kind: "testSheet", insulationM2KPerW: 0.3, statesTotal: true },
  solid: { kind: "solid", substance: "closedCellFoam", thicknessMm: 10 },
};
