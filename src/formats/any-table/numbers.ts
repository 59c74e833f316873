export type DecimalMark = "point" | "comma";

/** A number as tables hold it: with spaces, apostrophes, points or commas between thousands, and a fraction. */
const NUMBER = String.raw`(?:\d{1,3}(?:[ '’]\d{3})+|\d+)(?:[.,]\d+)*|[.,]\d+`;
/** Numbers of a cell, each with what stands before and directly behind it. */
export const NUMBERS = new RegExp(NUMBER, "g");

const FRACTIONS: Readonly<Record<string, string>> = { "½": ".5", "¼": ".25", "¾": ".75", "⅓": ".333", "⅔": ".667" };
/** Vulgar fractions as decimals: "1½ lb" is "1.5 lb". */
export const withoutFractions = (text: string): string =>
  text.replace(/(\d*) ?([½¼¾⅓⅔])/g, (_, whole: string, sign: string) => `${whole || "0"}${FRACTIONS[sign]!}`);

/** One mark with three digits behind it and up to three before: thousands to one, a fraction to another. */
const TWO_MEANINGS = /^[1-9]\d{0,2}[.,]\d{3}$/;

/** Which mark the fractions of a column have, from its clear cells; `null` where none is clear. */
export function decimalMarkOf(cells: readonly string[]): DecimalMark | null {
  const votes = { point: 0, comma: 0 };
  for (const token of cells.flatMap((cell) => withoutFractions(cell).match(NUMBERS) ?? [])) {
    const marks = token.match(/[.,]/g) ?? [];
    const last = marks.at(-1);
    if (!last || TWO_MEANINGS.test(token.replace(/[ '’]/g, ""))) continue;
    const isThousands = marks.length > 1 && marks.every((mark) => mark === last);
    if ((last === ",") !== isThousands) votes.comma += 1;
    else votes.point += 1;
  }
  return votes.comma === votes.point ? null : votes.comma > votes.point ? "comma" : "point";
}

/**
 * The value of one token of `NUMBERS`.
 * @param mark decimal mark of its column, where it is known
 * @param isThousandsIfUnclear what "1,150" is where nothing else tells
 */
export function valueOf(token: string, mark: DecimalMark | null, isThousandsIfUnclear: boolean): number {
  const plain = token.replace(/[ '’]/g, "");
  const marks = plain.match(/[.,]/g) ?? [];
  const last = marks.at(-1);
  if (!last) return Number(plain);
  const asDecimal = (): number => {
    const at = plain.lastIndexOf(last);
    return Number(`${plain.slice(0, at).replace(/[.,]/g, "")}.${plain.slice(at + 1)}`);
  };
  const asThousands = (): number => Number(plain.replace(/[.,]/g, ""));
  if (new Set(marks).size > 1) return asDecimal();
  if (marks.length > 1) return asThousands();
  if (!TWO_MEANINGS.test(plain)) return asDecimal();
  if (mark !== null) return (mark === "comma") === (last === ",") ? asDecimal() : asThousands();
  return isThousandsIfUnclear ? asThousands() : asDecimal();
}
