import * as m from "@/messages";
import { NUMBERS, valueOf, withoutFractions, type DecimalMark } from "../any-table/numbers";
import { folded, wordsOf } from "../any-table/words";
import { QUANTITIES } from "../display/units";

/** Units in which lists give masses. */
export const MASS_UNITS = ["g", "kg", "oz", "lb"] as const;
export type MassUnit = (typeof MASS_UNITS)[number];

const G_PER_KG = 1000;
export const G_PER: Readonly<Record<MassUnit, number>> = {
  g: 1,
  kg: G_PER_KG,
  oz: QUANTITIES.smallMass.oz.toSi(1),
  lb: QUANTITIES.mass.lb.toSi(1) * G_PER_KG,
};

const UNIT_WORDS: Readonly<Record<MassUnit, RegExp>> = {
  g: /^(g|gr|gm|gms|gram|grams|gramm)\b/,
  kg: /^(kg|kgs|kilo|kilos|kilogram\w*)\b/,
  oz: /^(oz|ozs|ounces?|unzen?)\b/,
  lb: /^(lb|lbs|pounds?|pund|pfund)\b/,
};
const unitAt = (text: string): MassUnit | null =>
  MASS_UNITS.find((unit) => UNIT_WORDS[unit].test(text.replace(/^[ .]+/, ""))) ?? null;

/** The unit a head names, as in "Weight (oz)". */
export const massUnitOfHead = (head: string): MassUnit | null =>
  wordsOf(head)
    .map((word) => unitAt(word))
    .find((unit) => unit !== null) ?? null;

/** The unit of figures that name none: clothes weigh tens to thousands of grams, tenths to units of kilograms (assumption). */
const LEAST_MEDIAN_IN_G = 30;
const MOST_MEDIAN_IN_KG = 3;
export function massUnitBySize(values: readonly number[]): MassUnit | null {
  if (values.length === 0) return null;
  const median = [...values].sort((one, other) => one - other)[Math.floor(values.length / 2)]!;
  return median >= LEAST_MEDIAN_IN_G ? "g" : median <= MOST_MEDIAN_IN_KG ? "kg" : null;
}

export type ReadMass = { readonly massG: number; readonly told?: string };

/**
 * The mass a cell gives: "1.2 kg", "2 lb 3 oz", "450–500 g", "2 x 120 g".
 * @param unit of figures that name none
 * @returns `null` where the cell gives none
 */
export function massOf(cell: string, unit: MassUnit, mark: DecimalMark | null): ReadMass | null {
  const plain = folded(withoutFractions(cell));
  const parts = [...plain.matchAll(NUMBERS)].map((match) => {
    const own = unitAt(plain.slice(match.index + match[0].length));
    return { value: valueOf(match[0], mark, (own ?? unit) !== "kg" && (own ?? unit) !== "lb"), own, at: match.index };
  });
  const [first, second] = parts;
  if (!first) return null;
  if (!second) return { massG: first.value * G_PER[first.own ?? unit] };
  const between = plain.slice(first.at, second.at);
  const inUnit = (value: number, own: MassUnit | null): number => value * G_PER[own ?? unit];
  if (/[x×*] ?$/.test(between)) {
    const massG = first.value * inUnit(second.value, second.own);
    return { massG, told: m.isTakenAsAllOfThem({ cell }) };
  }
  if (/[-–—] ?$|to $|til $|bis $/.test(between)) {
    const massG = (inUnit(first.value, first.own ?? second.own) + inUnit(second.value, second.own)) / 2;
    return { massG, told: m.theMiddleOfIsTaken({ cell }) };
  }
  const isCompound = first.own !== null && second.own !== null && G_PER[first.own] > G_PER[second.own];
  if (isCompound) return { massG: inUnit(first.value, first.own) + inUnit(second.value, second.own) };
  // The same mass in two units, "450 g (15.9 oz)": the first says it.
  return { massG: inUnit(first.value, first.own) };
}
