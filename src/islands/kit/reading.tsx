import * as m from "@/messages";
import { insulationFigure, unitLabel } from "@/formats/display/quantities";
import { FIGURE_SIZE, FRONT_FIGURE, SIDE_FIGURE, type FigureShape } from "@/charts/figure";
import type { Label } from "@/core/labels";
import type { Patch } from "@/core/patches";
import { readingRows, type ReadingRow } from "@/formats/display/words/reading-words";

/** As warm as a part is shown at its fullest: about what the thickest parka reads. */
const FULLEST_CLO = 5;
const FAINTEST = 0.3;

const opacityOf = (clo: number): number => FAINTEST + (1 - FAINTEST) * Math.min(1, clo / FULLEST_CLO);

function Shapes({
  shapes,
  cloOf,
}: {
  readonly shapes: readonly FigureShape[];
  readonly cloOf: ReadonlyMap<Patch, number>;
}) {
  return shapes.map(({ patch, side, path }) => {
    const clo = cloOf.get(patch);
    return (
      <path
        key={`${patch} ${side}`}
        d={path}
        strokeWidth={1.5}
        opacity={clo === undefined ? 1 : opacityOf(clo)}
        className={`stroke-ground ${clo === undefined ? "fill-line" : "fill-accent"}`}
      />
    );
  });
}

/** Where a piece lies and how warm it is there, on the sitter; the fuller the colour, the warmer. */
function OnTheSitter({ rows }: { readonly rows: readonly ReadingRow[] }) {
  const cloOf = new Map(rows.flatMap(({ patches, clo }) => patches.map((patch): [Patch, number] => [patch, clo])));
  const { width, height } = FIGURE_SIZE;
  return (
    <svg viewBox={`0 0 ${2 * width} ${height + 4}`} aria-hidden="true" className="block w-full max-w-72">
      <Shapes shapes={SIDE_FIGURE} cloOf={cloOf} />
      <g transform={`translate(${width} 0)`}>
        <Shapes shapes={FRONT_FIGURE.middle} cloOf={cloOf} />
        <Shapes shapes={FRONT_FIGURE.right} cloOf={cloOf} />
        <g transform={`translate(${width} 0) scale(-1 1)`}>
          <Shapes shapes={FRONT_FIGURE.left} cloOf={cloOf} />
        </g>
      </g>
    </svg>
  );
}

/** What a label comes to, part by part, in one unit, with its spread; drawn on the sitter. */
export function Reading({ label }: { readonly label: Label }) {
  const rows = readingRows(label);
  return (
    <section aria-label={m.whatTheLabelComesTo} className="flex flex-col gap-2">
      <table className="w-full text-sm">
        <thead className="text-muted text-left">
          <tr>
            <th scope="col" className="pr-3 font-normal">
              {m.on}
            </th>
            <th scope="col" className="pr-3 text-right font-normal">
              {unitLabel("insulation")}
            </th>
          </tr>
        </thead>
        <tbody>
          {rows.map(({ parts, insulationM2KPerW, spreadM2KPerW }) => (
            <tr key={parts} className="border-line border-t align-top">
              <th scope="row" className="py-1 pr-3 text-left font-normal">
                {parts}
              </th>
              <td className="py-1 pr-3 text-right whitespace-nowrap">
                <strong>{insulationFigure(insulationM2KPerW, 2)}</strong> ± {insulationFigure(spreadM2KPerW, 2)}
              </td>
            </tr>
          ))}
        </tbody>
      </table>
      <OnTheSitter rows={rows} />
      <p className="text-muted text-sm">{m.ofThePieceAloneLyingFlat}</p>
    </section>
  );
}
