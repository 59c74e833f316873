import type { Material } from "./material";

/** What a material takes up of water, and what that costs. */
export type Absorption = {
  readonly massGPerM2: number;
  /** Share of its resistance lost when it holds its own mass of water. */
  readonly lossAtOwnMass: number;
};

/** Share of the resistance lost at a kg of water a kg of fibre. From the trade's practice: assumptions. */
export const LOSS_AT_OWN_MASS = {
  down: 0.7,
  cotton: 0.6,
  wool: 0.3,
  silk: 0.3,
  synthetic: 0.25,
  batting: 0.35,
  none: 0,
} as const;

/** Bulk densities of what is known by its thickness, kg/m³: typical, assumptions. */
const DENSITY_KG_PER_M3 = { cloth: 60, pile: 45, felt: 200, sheepskin: 60 } as const;
/** Down and its cover: a chamber holds more than its fill (assumption). */
const COVER_G_PER_M2 = 60;
/** Of what a test sheet measured nothing else is known: cloth that gives so much resistance (assumption). */
const TESTED_G_PER_M2K_PER_W = 1500;

const NOTHING: Absorption = { massGPerM2: 0, lossAtOwnMass: 0 };

/**
 * Areal mass that takes up water, g/m², and the loss at its own mass of water.
 * @source assumptions from the trade's practice (docs/method.md, "Water")
 */
export function absorptionOf(material: Material): Absorption {
  switch (material.kind) {
    case "knit":
      return { massGPerM2: material.massGPerM2, lossAtOwnMass: LOSS_AT_OWN_MASS[material.fibre ?? "wool"] };
    case "fleece":
      return { massGPerM2: material.massGPerM2, lossAtOwnMass: LOSS_AT_OWN_MASS.synthetic };
    case "garmentBatting":
    case "bootBatting":
    case "gloveBatting":
    case "mittBatting":
      return { massGPerM2: material.massGPerM2, lossAtOwnMass: LOSS_AT_OWN_MASS.batting };
    case "down":
      return {
        massGPerM2: material.fillG / material.panelAreaM2 + COVER_G_PER_M2,
        lossAtOwnMass: LOSS_AT_OWN_MASS.down,
      };
    case "felt":
      return { massGPerM2: material.thicknessMm * DENSITY_KG_PER_M3.felt, lossAtOwnMass: LOSS_AT_OWN_MASS.wool };
    case "highPile":
      return { massGPerM2: material.thicknessMm * DENSITY_KG_PER_M3.pile, lossAtOwnMass: LOSS_AT_OWN_MASS.synthetic };
    case "thickness":
      return {
        massGPerM2: material.thicknessMm * DENSITY_KG_PER_M3.cloth,
        lossAtOwnMass: LOSS_AT_OWN_MASS[material.fibre ?? "synthetic"],
      };
    case "testSheet":
      return {
        massGPerM2: material.insulationM2KPerW * TESTED_G_PER_M2K_PER_W,
        lossAtOwnMass: LOSS_AT_OWN_MASS.batting,
      };
    case "solid":
      return material.substance === "sheepskin"
        ? { massGPerM2: material.thicknessMm * DENSITY_KG_PER_M3.sheepskin, lossAtOwnMass: LOSS_AT_OWN_MASS.wool }
        : NOTHING;
  }
}
