import { folded } from "../any-table/words";
import { NUMBERS, valueOf, withoutFractions, type DecimalMark } from "../any-table/numbers";
import { QUANTITIES } from "../display/units";

/** Figures of warmth that a text gives, each in the unit of the core. */
export type Figures = {
  readonly massGPerM2?: number;
  readonly thicknessMm?: number;
  readonly downG?: number;
  readonly clo?: number;
  /** A number of grams that does not say of what: of an insulation it is grams per m². */
  readonly bareG?: number;
  /** A number alone. */
  readonly bare?: number;
};

const CM = 10;
const UNITS: readonly (readonly [keyof Figures, RegExp, (value: number) => number])[] = [
  ["massGPerM2", /^ ?(g(r|ram|rams)? ?\/? ?(m2|m²|m\^2|sqm|per m2|per m²)|gsm)/, (value) => value],
  ["massGPerM2", /^ ?oz ?\/ ?(sq ?)?(yd2|yd²|yd)/, QUANTITIES.areal["oz/yd²"].toSi],
  ["thicknessMm", /^ ?mm\b/, (value) => value],
  ["thicknessMm", /^ ?cm\b/, (value) => value * CM],
  ["thicknessMm", /^ ?("|in\b|inch)/, QUANTITIES.thickness.in.toSi],
  ["downG", /^ ?(g|gr|grams?|gramm)? ?(of )?(down|goose|duck|dun\b|daunen?)/, (value) => value],
  ["clo", /^ ?clo\b/, (value) => value],
];
/** What number before or after such words is no figure of warmth: fill power, per cent, a temperature, a size. */
const FILL_POWER_BEHIND = /^ ?\+? ?(fp\b|fill|cuin|cu ?in)/;
const NO_FIGURE_BEHIND =
  /^ ?(%|°|percent|prosent|prozent|l\b|liters?|kg\b|€|\$|kr\b|eur\b|nok\b|years?|st\b|ml\b|w\b|wh\b|mah\b|v\b|d\b|den\b|k\b)/;
/** The figure of an area is none of its own: "g/m2". */
const AREA_BEFORE = /(\/ ?m|sqm|\/ ?(sq ?)?yd|per m)\^?$/;
const BARE_GRAMS = /^ ?(g|gr|grams?|gramm)\b/;

/** Figures in a text of any kind: "merino 200 g/m²", "700 fp, 250 g down", "felt 9 mm". */
export function figuresIn(text: string, mark: DecimalMark | null): Figures {
  const plain = folded(withoutFractions(text));
  const found: { -readonly [Key in keyof Figures]: number } = {};
  for (const match of plain.matchAll(NUMBERS)) {
    const behind = plain.slice(match.index + match[0].length);
    const before = plain.slice(0, match.index);
    if (AREA_BEFORE.test(before)) continue;
    if (FILL_POWER_BEHIND.test(behind) || /(fp|fill power)[ :]*$/.test(before)) continue;
    if (
      NO_FIGURE_BEHIND.test(behind) ||
      /[-−]$/.test(before) ||
      /^\p{L}/u.test(behind.replace(/^(g|mm|cm|in|oz|clo|gsm)/, ""))
    ) {
      if (!UNITS.some(([, pattern]) => pattern.test(behind))) continue;
    }
    const value = valueOf(match[0], mark, true);
    const [role, , toSi] = UNITS.find(([, pattern]) => pattern.test(behind)) ?? [
      BARE_GRAMS.test(behind) ? "bareG" : "bare",
      null,
      (own: number) => own,
    ];
    found[role] ??= toSi(value);
  }
  return found;
}
