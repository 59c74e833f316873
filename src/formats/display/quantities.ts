import { fixedNumber, plainNumber } from "./numbers";
import { shownAs } from "./style";
import { unitOf, type Quantity } from "./units";

// Quantities in the unit and with the decimals of whoever reads them. Values are in base units, see units.ts.

/** "2.3 km", "1.4 mi". @param decimals those of the unit where it is not given */
export function quantityText(quantity: Quantity, value: number, decimals?: number): string {
  const unit = unitOf(quantity, shownAs());
  return `${plainNumber(unit.fromSi(value), decimals ?? unit.decimals)} ${unit.label}`;
}

/** The same without its unit and with all decimals, for columns that name it in their head. */
export function quantityFigure(quantity: Quantity, value: number, decimals?: number): string {
  const unit = unitOf(quantity, shownAs());
  return fixedNumber(unit.fromSi(value), decimals ?? unit.decimals);
}

/** The unit's sign, for heads of columns and labels of fields. */
export const unitLabel = (quantity: Quantity): string => unitOf(quantity, shownAs()).label;

/** "1.24 clo". */
export const insulationText = (m2KPerW: number, decimals?: number): string =>
  quantityText("insulation", m2KPerW, decimals === undefined ? undefined : decimals + finerBy());

/** m²K/W are a sixth of clo: as fine a figure needs one decimal more. */
const finerBy = (): number => (shownAs().insulation === "clo" ? 0 : 1);

export const insulationFigure = (m2KPerW: number, decimals: number): string =>
  quantityFigure("insulation", m2KPerW, decimals + finerBy());

/** Loads and outfits: "3.4 kg", "7.5 lb". */
export const loadText = (grams: number): string => quantityText("mass", grams / G_PER_KG, 1);
const G_PER_KG = 1000;

/** Rain and snow as water: "1.2 mm", "0.05 in". */
export const rainText = (millimetres: number): string => quantityText("thickness", millimetres);

/** A difference of temperatures in the degrees chosen. */
export const degreesOfKelvin = (kelvin: number): number => {
  const { fromSi } = unitOf("temperature", shownAs());
  return fromSi(kelvin) - fromSi(0);
};

/** "2.1 °C": how far two temperatures lie apart. */
export const differenceText = (kelvin: number, decimals: number): string =>
  `${plainNumber(degreesOfKelvin(kelvin), decimals)} ${unitLabel("temperature")}`;
