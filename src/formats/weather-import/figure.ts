/** A figure with what may stand round it: a direction before it, a unit and a direction behind it. */
const FIGURE =
  /^(?:[nesw]{1,3} )?([+\-−–]?(?:\d+(?:[.,]\d*)?|[.,]\d+)(?:e[+-]?\d+)?)(?: ?[-–] ?(\d+(?:[.,]\d*)?))? ?(?:°|%|[a-zæøå°][a-zæøå/°]*[²2]?)?(?: [nesw]{1,3})?$/i;
const NOT_GIVEN = /^(|-+|–|—|n\/?a|nan|null|none|m|\?|x)$/i;
const NOTHING = /^(calm|stille|windstill|trace|tr|dry|ingen)$/i;
const number = (text: string): number => Number(text.replace(",", ".").replace(/[−–]/, "-"));

/** A cell as a figure; the middle of two where it gives a span. @returns `null` where it is none */
export function figureOf(cell: string): number | null {
  if (NOTHING.test(cell)) return 0;
  const found = FIGURE.exec(cell);
  if (!found) return null;
  const value = number(found[1]!);
  return found[2] === undefined ? value : (value + number(found[2])) / 2;
}
/** Whether a cell gives anything: not a dash, a question mark or another way to leave it out. */
export const isGiven = (cell: string | undefined): cell is string => cell !== undefined && !NOT_GIVEN.test(cell);
