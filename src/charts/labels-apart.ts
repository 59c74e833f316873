/** A line of text on a chart, by its baseline. */
export type ChartLabel = {
  readonly text: string;
  readonly x: number;
  readonly y: number;
  readonly anchor: "start" | "end";
};

/** What a letter takes in the charts' small text, px: wide enough for bold (assumption). */
const LETTER_PX = 7;
const LINE_PX = 15;

const spanOf = ({ text, x, anchor }: ChartLabel): readonly [from: number, to: number] => {
  const width = text.length * LETTER_PX;
  return anchor === "start" ? [x, x + width] : [x - width, x];
};

/** Baselines of labels, moved down line by line until none lies over one that stands before it. */
export function labelsApart(labels: readonly ChartLabel[]): number[] {
  const placed: { readonly span: readonly [number, number]; readonly y: number }[] = [];
  for (const label of labels) {
    const span = spanOf(label);
    const isOver = (y: number): boolean =>
      placed.some((other) => span[0] < other.span[1] && other.span[0] < span[1] && Math.abs(other.y - y) < LINE_PX);
    let { y } = label;
    while (isOver(y)) y += LINE_PX;
    placed.push({ span, y });
  }
  return placed.map(({ y }) => y);
}
