import { memo } from "react";
import { bodyChart, type BodyChart, type Bound, type Curve } from "@/charts/body-chart";
import { laidInARow } from "@/charts/legend";
import type { TimeAxis } from "@/charts/time-axis";
import { LEVELS, LIMIT_TABLE, type Level, type Limit } from "@/core/limits";
import type { OutingSeries, SitAnswer } from "@/core/simulation";
import { degreesText } from "@/formats/display/numbers";
import type { Preferences } from "@/formats/display/preferences";
import { TEMPERATURE } from "@/formats/display/units";
import { LEVEL_WORDS } from "@/formats/display/words/sheet-words";
import type { RangeBands } from "@/core/range";
import type { Section, SheetFrame } from "./layout";
import { SectionTitle } from "./timeline-parts";

type Props = {
  readonly axis: TimeAxis;
  readonly frame: SheetFrame;
  readonly sections: { readonly temperatures: Section; readonly debt: Section; readonly water: Section };
  /** Where eight cases of ten lie; `null` until it is worked out. */
  readonly bands: RangeBands | null;
  readonly series: OutingSeries;
  /** The sit that decides: the face is drawn where it comes near its limit there. */
  readonly sit: Pick<SitAnswer, "fromMinute" | "toMinute"> | null;
  readonly trial: OutingSeries | null;
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
  nose: { className: "stroke-sea", dash: "8 3 2 3", name: "nose" },
  cheeks: { className: "stroke-sea", dash: "8 3 2 3", name: "cheeks" },
  ears: { className: "stroke-sea", dash: "8 3 2 3", name: "ears" },
  debt: { className: "stroke-moss", name: "heat debt" },
  waterTrunk: { className: "stroke-sea", name: "trunk" },
  waterFeet: { className: "stroke-sea", dash: "6 3", name: "feet" },
  waterHands: { className: "stroke-sea", dash: "2 3", name: "hands" },
};
/** Clothes with less water than this are as good as dry: the scale never shows less as much, g/m². */
const WATER_SPAN = { lowest: 0, highest: 60 };
const waterCurves = ({ waterGPerM2 }: OutingSeries): Curve[] => [
  { key: "waterTrunk", values: waterGPerM2.trunk },
  { key: "waterFeet", values: waterGPerM2.feet },
  { key: "waterHands", values: waterGPerM2.hands },
];
const SAME_K = 0.05;
const NARROW_LEGEND_X_PX = 66; // beside the title
const LEGEND_TOP_PX = 11;
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

/** Parts of the face, and how near to their first limit the coldest has to come to be drawn, K. */
const FACE = ["nose", "cheeks", "ears"] as const;
const FACE_NEAR_K = 1;
/** After the way in the face comes back under its cover: what it is like before is not the sit's. */
const SETTLES_MINUTES = 10;

/** The part of the face that comes nearest to its limit, where it comes near; left out where it never does. */
function face(series: OutingSeries, sit: Props["sit"]): Curve[] {
  if (!sit) return [];
  const inSit = (part: (typeof FACE)[number]): Float64Array =>
    series.digitC[part].subarray(sit.fromMinute + SETTLES_MINUTES, sit.toMinute + 1);
  const coldest = FACE.map((part) => ({ part, leastC: Math.min(...inSit(part)) })).sort(
    (one, other) => one.leastC - other.leastC,
  )[0]!;
  if (coldest.leastC > LIMIT_TABLE.face.value.comfort + FACE_NEAR_K) return [];
  return [{ key: coldest.part, values: series.digitC[coldest.part] }];
}

const LABEL_APART_PX = 11;

/** Bounds that may carry their label: where the scale presses them together, the hardest ones. */
const labelled = (bounds: readonly Bound[]): ReadonlySet<Bound> =>
  [...bounds].reverse().reduce<Set<Bound>>((kept, bound) => {
    const isFree = [...kept].every(({ y }) => Math.abs(y - bound.y) >= LABEL_APART_PX);
    return isFree ? kept.add(bound) : kept;
  }, new Set());

function BoundLines({
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

/** The face is judged by limits of its own, which the lines drawn are not: its curve says so. */
const legendName = (key: string, preferences: Preferences | null): string => {
  const { name } = CURVE_LOOK[key]!;
  const isFace = FACE.some((part) => part === key);
  return isFace && preferences
    ? `${name}, limit ${degreesText(LIMIT_TABLE.face.value.cold, preferences.temperature)}`
    : name;
};

function Legend({
  curves,
  x,
  y,
  preferences = null,
}: {
  readonly curves: readonly Curve[];
  readonly x: number;
  readonly y: number;
  readonly preferences?: Preferences | null;
}) {
  const { entries, width } = laidInARow(
    curves.map(({ key }) => ({ key, look: CURVE_LOOK[key]!, name: legendName(key, preferences) })),
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

/** Curves of a change being tried: thin and pale beside those of the plan. */
const Ghosts = ({ paths }: { readonly paths: readonly { readonly key: string; readonly path: string }[] }) =>
  paths.map(({ key, path }) => (
    <path key={key} d={path} fill="none" strokeWidth={1.75} strokeDasharray="2 4" className="stroke-accent" />
  ));

const TEMPERATURE_SPAN = { lowest: 5, highest: 36 };
const DEBT_SPAN = { lowest: 0, highest: 65 };
/** Curves drawn on the scale of a chart but apart from its own. */
const GHOST = "ghost ";
const asGhosts = (curves: readonly Curve[]): Curve[] => curves.map(({ key, values }) => ({ key: GHOST + key, values }));
const isGhost = ({ key }: { readonly key: string }): boolean => key.startsWith(GHOST);

const BAND_LOOK: Readonly<Record<string, string>> = {
  toes: "fill-rust",
  fingers: "fill-ink",
  heatDebt: "fill-moss",
};
/** The fingers' band is ink: paler than the coloured ones to look the same. */
const BAND_OPACITY: Readonly<Record<string, number>> = { toes: 0.15, fingers: 0.08, heatDebt: 0.15 };

/** Between what curves eight cases of ten lie. */
function Bands({ chart, bands }: { readonly chart: BodyChart; readonly bands: Partial<RangeBands> | null }) {
  return Object.entries(bands ?? {}).map(([name, { low, high }]) => (
    <path key={name} d={chart.band(low, high)} opacity={BAND_OPACITY[name]} className={BAND_LOOK[name]} />
  ));
}

/** Water in the clothes of trunk, feet and hands. */
function Water({
  axis,
  frame,
  section,
  series,
}: Pick<Props, "axis" | "frame" | "series"> & { readonly section: Section }) {
  const curves = waterCurves(series);
  const chart = bodyChart(axis, curves, [], { ...section, ...WATER_SPAN });
  return (
    <>
      <SectionTitle frame={frame} section={section} title="Water" />
      <text x={axis.right - 4} y={section.top + 10} textAnchor="end" fontSize={11.5} className="fill-muted">
        {`to ${Math.round(chart.y.domain()[1]!)} g/m²`}
      </text>
      <line x1={axis.left} x2={axis.right} y1={chart.y(0)} y2={chart.y(0)} className="stroke-line" />
      <Curves paths={chart.curves} />
      <Legend
        curves={curves}
        x={frame.narrow ? NARROW_LEGEND_X_PX : axis.left + 6}
        y={section.top + (frame.narrow ? -5 : LEGEND_TOP_PX)}
      />
    </>
  );
}

function AllCurves({ axis, frame, sections, series, sit, trial, bands, preferences, minute }: Props) {
  const digits = [...pair("Toes", series), ...pair("Fingers", series), ...face(series, sit)];
  const triedDigits = trial ? asGhosts([...pair("Toes", trial), ...pair("Fingers", trial)]) : [];
  const temperatures = bodyChart(axis, [...digits, ...triedDigits], boundsOf("toes"), {
    ...sections.temperatures,
    ...TEMPERATURE_SPAN,
  });
  const debtCurve: Curve = { key: "debt", values: series.heatDebtWhPerM2 };
  const triedDebt = trial ? asGhosts([{ key: "debt", values: trial.heatDebtWhPerM2 }]) : [];
  const debt = bodyChart(axis, [debtCurve, ...triedDebt], boundsOf("heatDebt"), { ...sections.debt, ...DEBT_SPAN });
  const unit = TEMPERATURE[preferences.temperature].label;
  const levelText = (key: string): string => (frame.narrow ? "" : `${LEVEL_WORDS[key as Level]} `);
  return (
    <g>
      <SectionTitle frame={frame} section={sections.temperatures} title="Body" note={unit} />
      <Bands chart={temperatures} bands={bands && { toes: bands.toes, fingers: bands.fingers }} />
      <BoundLines
        bounds={temperatures.bounds}
        axis={axis}
        text={({ key, value }) => `${levelText(key)}${degreesText(value, preferences.temperature)}`}
      />
      <Ghosts paths={temperatures.curves.filter(isGhost)} />
      <Curves paths={temperatures.curves.filter((curve) => !isGhost(curve))} />
      <Legend
        curves={digits}
        preferences={preferences}
        x={frame.narrow ? NARROW_LEGEND_X_PX : axis.left + 6}
        y={sections.temperatures.top + (frame.narrow ? -5 : LEGEND_TOP_PX)}
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
      <SectionTitle frame={frame} section={sections.debt} title="Heat debt" />
      <text x={axis.right - 4} y={sections.debt.top + 10} textAnchor="end" fontSize={11.5} className="fill-muted">
        W·h/m²
      </text>
      <Bands chart={debt} bands={bands && { heatDebt: bands.heatDebt }} />
      <BoundLines bounds={debt.bounds} axis={axis} text={({ value }) => String(value)} />
      <Ghosts paths={debt.curves.filter(isGhost)} />
      <Curves paths={debt.curves.filter((curve) => !isGhost(curve))} />
      <circle
        cx={axis.x(minute)}
        cy={debt.y(series.heatDebtWhPerM2[minute] ?? 0)}
        r={4}
        strokeWidth={2}
        className="fill-ground stroke-moss"
      />
      <Water axis={axis} frame={frame} section={sections.water} series={series} />
    </g>
  );
}

/** Toes, fingers, the face where it comes near its limit, and heat debt with the limits they are judged by, and where eight cases of ten lie. */
export const TimelineCurves = memo(AllCurves);
