const LINE_AND_GAPS_PX = 44;
const LETTER_PX = 7;

/** Entries of a legend one after the other, each with a line before its name. */
export function laidInARow<Item>(items: readonly Item[], nameOf: (item: Item) => string, x: number) {
  const widths = items.map((item) => LINE_AND_GAPS_PX + nameOf(item).length * LETTER_PX);
  const lefts = widths.map((_, index) => widths.slice(0, index).reduce((sum, width) => sum + width, x));
  return {
    entries: items.map((item, index) => ({ item, left: lefts[index]! })),
    width: widths.reduce((sum, width) => sum + width, 0),
  };
}
