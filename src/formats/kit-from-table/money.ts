import { MINOR_PER_UNIT, MOST_PRICE } from "@/core/pieces";
import { NUMBERS, valueOf, type DecimalMark } from "../any-table/numbers";

const SIGNS: readonly (readonly [RegExp, string])[] = [
  [/€/, "EUR"],
  [/£/, "GBP"],
  [/\$/, "USD"],
  [/\bkr\b|,-/i, "NOK"],
];
const CODE = /\b(EUR|NOK|SEK|DKK|ISK|USD|CAD|AUD|NZD|GBP|CHF|PLN|CZK|JPY)\b/i;

/** The currency a text names by code or sign; crowns are Norwegian where a list says no more. */
export const currencyIn = (text: string): string | null =>
  CODE.exec(text)?.[0].toUpperCase() ?? SIGNS.find(([sign]) => sign.test(text))?.[1] ?? null;

/** The price a cell gives, in hundredths; `null` where it gives none that can be kept. */
export function priceMinorOf(cell: string, mark: DecimalMark | null): number | null {
  const token = cell.replace(/,-$|\.-$/, "").match(NUMBERS)?.[0];
  if (!token) return null;
  const price = valueOf(token, mark, true);
  return price <= MOST_PRICE ? Math.round(price * MINOR_PER_UNIT) : null;
}
