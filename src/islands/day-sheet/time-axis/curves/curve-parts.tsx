import type { BodyChart, Bound, Curve } from "@/charts/body-chart";
import { laidInARow } from "@/charts/legend";
import type { TimeAxis } from "@/charts/time-axis";
import type { Level } from "@/core/limits";
import type { Band } from "@/core/range";
import type { CurveLook } from "./curve-look";

// What charts over the time axis are drawn with.

const LEVEL_TEXT: Readonly<Record<Level, string>> = {
  comfort: "fill-lichen-text",
  cold: "fill-rust-text",
  hard: "fill-cranberry",
};
const LEVEL_LINE: Readonly<Record<Level, string>> = {
  comfort: "stroke-lichen",
  cold: "stroke-rust",
  hard: "stroke-cranberry",
};
const LEGEND_LINE_PX = 24;

const LABEL_APART_PX = 11;

/** Bounds that may carry their label: where the scale presses them together, the hardest ones. */
const labelled = (bounds: readonly Bound[]): ReadonlySet<Bound> =>
  [...bounds].reverse().reduce<Set<Bound>>((kept, bound) => {
    const isFree = [...kept].every(({ y }) => Math.abs(y - bound.y) >= LABEL_APART_PX);
    return isFree ? kept.add(bound) : kept;
  }, new Set());

/** Lines of the levels, with their labels where there is room. */
export function BoundLines({
  bounds,
  axis,
  text,
}: {
  readonly bounds: readonly Bound[];
  readonly axis: TimeAxis;
  readonly text: (bound: Bound) => string;
}) {
  const withLabel = labelled(bounds);
  return bounds.map((bound) => (
    <g key={bound.key}>
      <line
        x1={axis.left}
        x2={axis.right}
        y1={bound.y}
        y2={bound.y}
        strokeDasharray="4 4"
        className={LEVEL_LINE[bound.key as Level]}
      />
      {withLabel.has(bound) && (
        <text
          x={axis.left - 5}
          y={bound.y + 4}
          textAnchor="end"
          fontSize={11.5}
          fontWeight={600}
          className={LEVEL_TEXT[bound.key as Level]}
        >
          {text(bound)}
        </text>
      )}
    </g>
  ));
}

/** Names of curves in a row. */
export function Legend({
  curves,
  x,
  y,
  looks,
  nameOf = (key) => looks[key]!.name,
}: {
  readonly curves: readonly Curve[];
  readonly x: number;
  readonly y: number;
  readonly looks: Readonly<Record<string, CurveLook>>;
  readonly nameOf?: (key: string) => string;
}) {
  const { entries, width } = laidInARow(
    curves.map(({ key }) => ({ key, look: looks[key]!, name: nameOf(key) })),
    ({ name }) => name,
    x,
  );
  return (
    <g className="pointer-events-none">
      <rect x={x - 4} y={y - 13} width={width} height={18} className="fill-ground" opacity={0.85} />
      {entries.map(({ item: { key, look, name }, left }) => (
        <g key={key}>
          <line
            x1={left}
            x2={left + LEGEND_LINE_PX}
            y1={y - 4}
            y2={y - 4}
            strokeWidth={2.5}
            strokeDasharray={look.dash}
            className={look.className}
          />
          <text x={left + 30} y={y} fontSize={12} className="fill-ink">
            {name}
          </text>
        </g>
      ))}
    </g>
  );
}

type Drawn = { readonly paths: readonly { readonly key: string; readonly path: string }[] };

export const Curves = ({ paths, looks }: Drawn & { readonly looks: Readonly<Record<string, CurveLook>> }) =>
  paths.map(({ key, path }) => (
    <path
      key={key}
      d={path}
      fill="none"
      strokeWidth={2.5}
      strokeDasharray={looks[key]!.dash}
      className={looks[key]!.className}
    />
  ));

/** Curves of a change being tried: thin and pale beside those of the plan. */
export const Ghosts = ({ paths }: Drawn) =>
  paths.map(({ key, path }) => (
    <path
      key={key}
      d={path}
      fill="none"
      strokeWidth={1.75}
      strokeDasharray="2 4"
      className="stroke-accent"
      data-testid="ghost"
    />
  ));

/** A point of each curve at the minute read out. */
export const Points = ({
  chart,
  curves,
  looks,
  axis,
  minute,
}: {
  readonly chart: BodyChart;
  readonly curves: readonly Curve[];
  readonly looks: Readonly<Record<string, CurveLook>>;
  readonly axis: TimeAxis;
  readonly minute: number;
}) =>
  curves.map(({ key, values }) => (
    <circle
      key={key}
      cx={axis.x(minute)}
      cy={chart.y(values[minute] ?? 0)}
      r={4}
      strokeWidth={2}
      className={`fill-ground ${looks[key]!.className}`}
    />
  ));

/** Between what curves eight cases of ten lie. */
export const BandArea = ({
  chart,
  band: { low, high },
  look,
}: {
  readonly chart: BodyChart;
  readonly band: Band;
  readonly look: { readonly className: string; readonly opacity: number };
}) => <path d={chart.band(low, high)} opacity={look.opacity} className={look.className} />;
