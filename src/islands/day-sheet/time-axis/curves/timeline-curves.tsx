import * as m from "@/messages";
import { memo } from "react";
import { bodyChart, type Curve } from "@/charts/body-chart";
import type { TimeAxis } from "@/charts/time-axis";
import { LIMIT_TABLE, LIMITS, type Level, type Limit } from "@/core/limits";
import type { RangeBands } from "@/core/range";
import type { OutingSeries } from "@/core/simulation";
import { degreesText } from "@/formats/display/numbers";
import type { Preferences } from "@/formats/display/preferences";
import { TEMPERATURE } from "@/formats/display/units";
import { LEVEL_WORDS } from "@/formats/display/words/sheet-words";
import { BandArea, BoundLines, Curves, Ghosts, Legend, Points } from "./curve-parts";
import { legendAt, type Section, type SheetFrame } from "../layout";
import { boundsOf, FACE, LIMIT_CURVES, LIMIT_LOOKS, type DecidingSit } from "./limit-curves";
import { SectionTitle } from "../timeline-parts";
import { WaterCurves } from "./water-curves";

type Props = {
  readonly axis: TimeAxis;
  readonly frame: SheetFrame;
  readonly sections: { readonly temperatures: Section; readonly debt: Section; readonly water: Section };
  /** Where eight cases of ten lie; `null` until it is computed. */
  readonly bands: RangeBands | null;
  readonly series: OutingSeries;
  readonly sit: DecidingSit;
  readonly trial: OutingSeries | null;
  readonly preferences: Preferences;
  readonly minute: number;
};

/** The face is judged by limits of its own, which the lines drawn are not: its curve says so. */
const legendName = (key: string, { temperature }: Preferences): string => {
  const { name } = LIMIT_LOOKS[key]!;
  const isFace = FACE.some((part) => part === key);
  return isFace ? m.ofLimit({ name, cold: degreesText(LIMIT_TABLE.face.value.cold, temperature) }) : name;
};

const TEMPERATURE_SPAN = { lowest: 5, highest: 36 };
const DEBT_SPAN = { lowest: 0, highest: 65 };
/** Curves drawn on the scale of a chart but apart from its own. */
const GHOST = "ghost ";
const asGhosts = (curves: readonly Curve[]): Curve[] => curves.map(({ key, values }) => ({ key: GHOST + key, values }));
const isGhost = ({ key }: { readonly key: string }): boolean => key.startsWith(GHOST);

type SectionName = "temperatures" | "debt";
const curvesIn = (section: SectionName, series: OutingSeries, sit: DecidingSit): Curve[] =>
  LIMITS.flatMap((limit) => {
    const drawn = LIMIT_CURVES[limit];
    return drawn?.section === section ? drawn.curves(series, sit) : [];
  });

/** One chart of the limits drawn in a section, by the bounds of one of them. */
function LimitChart({
  section: name,
  bounds,
  span,
  text,
  ...props
}: Pick<Props, "axis" | "frame" | "sections" | "bands" | "series" | "sit" | "trial" | "minute"> & {
  readonly section: SectionName;
  readonly bounds: Limit;
  readonly span: { readonly lowest: number; readonly highest: number };
  readonly text: (bound: { readonly key: string; readonly value: number }) => string;
}) {
  const { axis, sections, bands, series, sit, trial, minute } = props;
  const curves = curvesIn(name, series, sit);
  const tried = trial ? asGhosts(curvesIn(name, trial, null)) : [];
  const chart = bodyChart(axis, [...curves, ...tried], boundsOf(bounds), { ...sections[name], ...span });
  const bandsDrawn = LIMITS.flatMap((limit) => {
    const look = LIMIT_CURVES[limit]?.section === name ? LIMIT_CURVES[limit].band : null;
    const band = bands?.[limit as keyof RangeBands];
    return look && band ? [{ limit, look, band }] : [];
  });
  return (
    <>
      {bandsDrawn.map(({ limit, look, band }) => (
        <BandArea key={limit} chart={chart} band={band} look={look} />
      ))}
      <BoundLines bounds={chart.bounds} axis={axis} text={text} />
      <Ghosts paths={chart.curves.filter(isGhost)} />
      <Curves paths={chart.curves.filter((curve) => !isGhost(curve))} looks={LIMIT_LOOKS} />
      <Points chart={chart} curves={curves} looks={LIMIT_LOOKS} axis={axis} minute={minute} />
    </>
  );
}

function AllCurves(props: Props) {
  const { axis, frame, sections, series, sit, preferences } = props;
  const levelText = (key: string): string => (frame.narrow ? "" : `${LEVEL_WORDS[key as Level]} `);
  return (
    <g>
      <SectionTitle
        frame={frame}
        section={sections.temperatures}
        title={m.bodyTitle}
        note={TEMPERATURE[preferences.temperature].label}
      />
      <LimitChart
        {...props}
        section="temperatures"
        bounds="toes"
        span={TEMPERATURE_SPAN}
        text={({ key, value }) => `${levelText(key)}${degreesText(value, preferences.temperature)}`}
      />
      <Legend
        curves={curvesIn("temperatures", series, sit)}
        looks={LIMIT_LOOKS}
        nameOf={(key) => legendName(key, preferences)}
        {...legendAt(axis, frame, sections.temperatures)}
      />
      <SectionTitle frame={frame} section={sections.debt} title={m.heatDebtTitle} />
      <text x={axis.right - 4} y={sections.debt.top + 10} textAnchor="end" fontSize={11.5} className="fill-muted">
        {LIMIT_TABLE.heatDebt.unit}
      </text>
      <LimitChart {...props} section="debt" bounds="heatDebt" span={DEBT_SPAN} text={({ value }) => String(value)} />
      <WaterCurves axis={axis} frame={frame} section={sections.water} series={series} />
    </g>
  );
}

/** Toes, fingers, the face where it comes near its limit, and heat debt with the limits they are judged by, and where eight cases of ten lie. */
export const TimelineCurves = memo(AllCurves);
