import { bodyChart, type Bound, type Curve } from "@/charts/body-chart";
import type { TimeAxis } from "@/charts/time-axis";
import { LEVELS, LIMIT_TABLE, type Level, type Limit } from "@/core/limits";
import type { OutingSeries, SitAnswer } from "@/core/outing";
import { degreesText } from "@/formats/display/numbers";
import type { Preferences } from "@/formats/display/preferences";
import { TEMPERATURE } from "@/formats/display/units";
import { LEVEL_WORDS } from "@/formats/display/words";
import type { SheetLayout } from "./layout";
import { SectionTitle } from "./timeline-parts";

type Props = {
  readonly axis: TimeAxis;
  readonly layout: SheetLayout;
  readonly series: OutingSeries;
  readonly sits: readonly SitAnswer[];
  readonly preferences: Preferences;
  readonly minute: number;
};

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
/** A second cue beside colour: each curve has a dash of its own. */
const CURVE_LOOK: Readonly<Record<string, { className: string; dash?: string; name: string }>> = {
  toes: { className: "stroke-rust", name: "toes" },
  leftToes: { className: "stroke-rust", name: "toes L" },
  rightToes: { className: "stroke-rust", dash: "10 4", name: "toes R" },
  fingers: { className: "stroke-ink", dash: "6 3", name: "fingers" },
  leftFingers: { className: "stroke-ink", dash: "2 3", name: "fingers L" },
  rightFingers: { className: "stroke-ink", dash: "6 3", name: "fingers R" },
  debt: { className: "stroke-moss", name: "heat debt" },
};
const SAME_K = 0.05;
const NARROW_LEGEND_X_PX = 66; // beside the title
const LEGEND_LINE_PX = 24;

const boundsOf = (limit: Limit): { key: Level; value: number }[] =>
  LEVELS.flatMap((level) => {
    const value = LIMIT_TABLE[limit].value[level];
    return value === null ? [] : [{ key: level, value }];
  });

/** Left and right as one curve where they never differ. */
function pair(name: "Toes" | "Fingers", series: OutingSeries): Curve[] {
  const left = series.digitC[`left${name}`];
  const right = series.digitC[`right${name}`];
  const same = left.every((value, minute) => Math.abs(value - right[minute]!) < SAME_K);
  return same
    ? [{ key: name.toLowerCase(), values: left }]
    : [
        { key: `left${name}`, values: left },
        { key: `right${name}`, values: right },
      ];
}

function BoundLines({
  bounds,
  axis,
  text,
}: {
  readonly bounds: readonly Bound[];
  readonly axis: TimeAxis;
  readonly text: (bound: Bound) => string;
}) {
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
    </g>
  ));
}

function Legend({ curves, x, y }: { readonly curves: readonly Curve[]; readonly x: number; readonly y: number }) {
  let at = x;
  return curves.map(({ key }) => {
    const look = CURVE_LOOK[key]!;
    const left = at;
    at += 44 + look.name.length * 7;
    return (
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
          {look.name}
        </text>
      </g>
    );
  });
}

const Curves = ({ paths }: { readonly paths: readonly { readonly key: string; readonly path: string }[] }) =>
  paths.map(({ key, path }) => (
    <path
      key={key}
      d={path}
      fill="none"
      strokeWidth={2.5}
      strokeDasharray={CURVE_LOOK[key]!.dash}
      className={CURVE_LOOK[key]!.className}
    />
  ));

/** Toes, fingers and heat debt with the limits they are judged by. */
export function TimelineCurves({ axis, layout, series, preferences, minute }: Props) {
  const digits = [...pair("Toes", series), ...pair("Fingers", series)];
  const temperatures = bodyChart(axis, digits, boundsOf("toes"), { ...layout.temperatures, lowest: 5, highest: 36 });
  const debtCurve: Curve = { key: "debt", values: series.heatDebtWhPerM2 };
  const debt = bodyChart(axis, [debtCurve], boundsOf("heatDebt"), { ...layout.debt, lowest: 0, highest: 65 });
  const unit = TEMPERATURE[preferences.temperature].label;
  const levelText = (key: string): string => (layout.narrow ? "" : `${LEVEL_WORDS[key as Level]} `);
  return (
    <g>
      <SectionTitle layout={layout} section={layout.temperatures} title="Body" note={unit} />
      <BoundLines
        bounds={temperatures.bounds}
        axis={axis}
        text={({ key, value }) => `${levelText(key)}${degreesText(value, preferences.temperature)}`}
      />
      <Curves paths={temperatures.curves} />
      <Legend
        curves={digits}
        x={layout.narrow ? NARROW_LEGEND_X_PX : axis.left + 6}
        y={layout.temperatures.top + (layout.narrow ? -5 : 8)}
      />
      {digits.map(({ key, values }) => (
        <circle
          key={key}
          cx={axis.x(minute)}
          cy={temperatures.y(values[minute] ?? 0)}
          r={4}
          strokeWidth={2}
          className={`fill-ground ${CURVE_LOOK[key]!.className}`}
        />
      ))}
      <SectionTitle layout={layout} section={layout.debt} title="Heat debt" note="W·h/m²" />
      <BoundLines bounds={debt.bounds} axis={axis} text={({ key, value }) => `${levelText(key)}${value}`} />
      <Curves paths={debt.curves} />
      <circle
        cx={axis.x(minute)}
        cy={debt.y(series.heatDebtWhPerM2[minute] ?? 0)}
        r={4}
        strokeWidth={2}
        className="fill-ground stroke-moss"
      />
    </g>
  );
}
