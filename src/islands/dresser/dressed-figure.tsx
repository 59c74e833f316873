import * as m from "@/messages";
import { FIGURE_SIZE, FRONT_FIGURE, SIDE_FIGURE, type FigureShape } from "@/charts/figure";
import type { Patch } from "@/core/patches";
import { insulationText } from "@/formats/display/quantities";
import { PATCH_WORDS } from "@/formats/display/words/body-words";

/** About three clo of cloth over a part is as dark as it gets (assumption). */
const DARKEST_M2K_PER_W = 0.5;
const LEAST_OPACITY = 0.06;

type Props = {
  readonly title: string;
  readonly view: "front" | "side";
  readonly insulation: Readonly<Record<Patch, number>>;
};

const opacityOf = (m2KPerW: number): number => Math.max(LEAST_OPACITY, Math.min(1, m2KPerW / DARKEST_M2K_PER_W));

function Shapes({
  shapes,
  insulation,
}: {
  readonly shapes: readonly FigureShape[];
  readonly insulation: Props["insulation"];
}) {
  return shapes.map(({ patch, side, path }) => (
    <path
      key={`${patch} ${side ?? ""}`}
      d={path}
      strokeWidth={1}
      className="fill-ink stroke-line"
      fillOpacity={opacityOf(insulation[patch])}
    >
      <title>{m.cloOverPart({ part: PATCH_WORDS[patch], insulation: insulationText(insulation[patch], 1) })}</title>
    </path>
  ));
}

/** Our figure dressed: the darker a part, the more cloth is over it. */
export function DressedFigure({ title, view, insulation }: Props) {
  const { width, height } = FIGURE_SIZE;
  return (
    <figure className="w-36 min-w-0 sm:w-44">
      <svg viewBox={`0 0 ${width} ${height + 4}`} role="img" aria-label={title} className="block w-full">
        {view === "side" ? (
          <>
            <path
              d="M40,166 H122 M48,166 V248 M112,166 V248 M20,249 H186"
              strokeWidth={3}
              fill="none"
              className="stroke-line"
            />
            <Shapes shapes={SIDE_FIGURE} insulation={insulation} />
          </>
        ) : (
          <>
            <Shapes shapes={FRONT_FIGURE.middle} insulation={insulation} />
            <Shapes shapes={FRONT_FIGURE.right} insulation={insulation} />
            <g transform={`translate(${width},0) scale(-1,1)`}>
              <Shapes shapes={FRONT_FIGURE.left} insulation={insulation} />
            </g>
          </>
        )}
      </svg>
      <figcaption className="text-muted text-sm">{title}</figcaption>
    </figure>
  );
}
