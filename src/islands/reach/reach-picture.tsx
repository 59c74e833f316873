import * as m from "@/messages";
import { REACH_BANDS, reachChart, type ReachMap } from "@/charts/reach-chart";
import type { WindPlace } from "@/core/reach";
import { degreesText, plainNumber } from "@/formats/display/numbers";
import type { Preferences } from "@/formats/display/preferences";
import { durationText } from "@/formats/display/time";
import { unitOf } from "@/formats/display/units";
import { reachCellWords, reachLimitWords } from "@/formats/display/words/reach-words";
import { useId, type KeyboardEvent, type PointerEvent, type RefObject } from "react";
import { useWidth } from "../page/use-width";

const USUAL_WIDTH = 820;
const HEIGHT = 442;
const LEFT_PX = 52;
const RIGHT_PX = 14;
const TOP_PX = 24;
const FOOT_PX = 44;
const AIR_TICKS_C = [10, 0, -10, -20, -30, -40];
const WIND_TICKS_M_PER_S = [0, 2, 4, 6, 8, 10, 12];

/** How long it lasts, from nothing on: the scale of the body's states, and how thickly it is laid on. */
const BAND_LOOK: readonly { readonly fill: string; readonly opacity: number }[] = [
  { fill: "fill-cranberry", opacity: 0.42 },
  { fill: "fill-rust", opacity: 0.4 },
  { fill: "fill-rust", opacity: 0.2 },
  { fill: "fill-lichen", opacity: 0.28 },
  { fill: "fill-moss", opacity: 0.3 },
  { fill: "fill-moss", opacity: 0.5 },
];

/** The cell that is read, on every ground. */
const READ_RINGS = [
  { className: "stroke-ground", strokeWidth: 4 },
  { className: "stroke-ink", strokeWidth: 2 },
] as const;

type Props = {
  readonly map: ReachMap;
  readonly over: ReachMap | null;
  readonly windPlace: WindPlace;
  readonly wantedMinutes: number;
  readonly plannedMinutes: number;
  readonly read: number | null;
  readonly onRead: (place: number) => void;
  readonly preferences: Preferences;
  readonly picture: RefObject<SVGSVGElement | null>;
};

/** The map: one stop for the keyboard, arrows go from cell to cell. */
export function ReachPicture(props: Props) {
  const { map, over, windPlace, wantedMinutes, plannedMinutes, read, onRead, preferences, picture } = props;
  const [box, width] = useWidth<HTMLDivElement>(USUAL_WIDTH);
  const clip = useId();
  const frame = { left: LEFT_PX, right: width - RIGHT_PX, top: TOP_PX, bottom: HEIGHT - FOOT_PX };
  const chart = reachChart(map, frame);
  const columns = map.windsMPerS.length;
  const at = read ?? 0;
  const step = (event: KeyboardEvent<SVGSVGElement>): void => {
    const by = { ArrowRight: 1, ArrowLeft: -1, ArrowDown: columns, ArrowUp: -columns }[event.key];
    if (by === undefined) return;
    event.preventDefault();
    const leavesRow = Math.abs(by) === 1 && Math.floor((at + by) / columns) !== Math.floor(at / columns);
    if (!leavesRow && at + by >= 0 && at + by < map.cells.length) onRead(read === null ? 0 : at + by);
  };
  const pointed = ({ clientX, clientY, currentTarget }: PointerEvent<SVGSVGElement>): void => {
    const { left, top } = currentTarget.getBoundingClientRect(); // a unit is a pixel
    onRead(chart.nearest(clientX - left, clientY - top));
  };
  const cell = map.cells[at]!;
  const wind = unitOf("wind", preferences);
  const overChart = over && reachChart(over, frame);
  return (
    <div ref={box}>
      <svg
        ref={picture}
        viewBox={`0 0 ${width} ${HEIGHT}`}
        role="slider"
        tabIndex={0}
        aria-label={m.reachMap}
        aria-valuemin={1}
        aria-valuemax={map.cells.length}
        aria-valuenow={at + 1}
        aria-valuetext={reachCellWords(cell, plannedMinutes, preferences)}
        onKeyDown={step}
        onPointerMove={pointed}
        onPointerDown={pointed}
        className="block w-full touch-none"
        data-testid="reach-map"
      >
        <clipPath id={clip}>
          <rect x={frame.left} y={frame.top} width={frame.right - frame.left} height={frame.bottom - frame.top} />
        </clipPath>
        <g clipPath={`url(#${clip})`}>
          {chart.bands.map(({ fromMinutes, path }, band) => (
            <g key={fromMinutes}>
              <path d={path} className="fill-ground" />
              <path d={path} className={BAND_LOOK[band]!.fill} opacity={BAND_LOOK[band]!.opacity} />
              {band > 0 && <path d={path} fill="none" strokeWidth={0.75} className="stroke-muted" />}
            </g>
          ))}
          <path d={chart.limitEdges} fill="none" strokeWidth={1.25} strokeDasharray="2 4" className="stroke-ink" />
          {overChart && (
            <path
              d={overChart.lineOf(wantedMinutes)}
              fill="none"
              strokeWidth={3}
              strokeDasharray="9 5"
              className="stroke-sea"
            />
          )}
          <path d={chart.lineOf(wantedMinutes)} fill="none" strokeWidth={3.5} className="stroke-accent" />
        </g>
        {chart.limitLabels.map(({ cell: own, x, y }) => (
          <text
            key={own.limit}
            x={Math.min(x, frame.right - 40)}
            y={Math.max(y, frame.top + 14)}
            textAnchor="middle"
            fontSize={13}
            paintOrder="stroke"
            strokeWidth={3}
            className="fill-ink stroke-ground"
          >
            {reachLimitWords(own)}
          </text>
        ))}
        {read !== null &&
          READ_RINGS.map(({ className, strokeWidth }) => (
            <circle
              key={className}
              cx={chart.x(cell.windMPerS)}
              cy={chart.y(cell.airTemperatureC)}
              r={7}
              fill="none"
              strokeWidth={strokeWidth}
              className={className}
            />
          ))}
        <text x={6} y={14} fontSize={12} className="fill-muted">
          {m.reachAxisAir({ unit: unitOf("temperature", preferences).label })}
        </text>
        {AIR_TICKS_C.map((air) => (
          <text key={air} x={frame.left - 6} y={chart.y(air) + 4} textAnchor="end" fontSize={12} className="fill-muted">
            {degreesText(air, preferences.temperature)}
          </text>
        ))}
        {WIND_TICKS_M_PER_S.map((own) => (
          <text
            key={own}
            x={chart.x(own)}
            y={frame.bottom + 17}
            textAnchor="middle"
            fontSize={12}
            className="fill-muted"
          >
            {plainNumber(wind.fromSi(own), 0)}
          </text>
        ))}
        <text x={frame.right} y={HEIGHT - 8} textAnchor="end" fontSize={12} className="fill-muted">
          {windPlace === "seat" ? m.reachAxisWindSeat({ unit: wind.label }) : m.reachAxisWind10({ unit: wind.label })}
        </text>
      </svg>
    </div>
  );
}

/** What the colours and lines of the map mean. */
export function ReachLegend({ wantedMinutes, hasOver }: { readonly wantedMinutes: number; readonly hasOver: boolean }) {
  const duration = durationText(wantedMinutes);
  return (
    <ul className="text-muted flex flex-wrap gap-x-4 gap-y-1 text-sm">
      {REACH_BANDS.map((fromMinutes, band) => (
        <li key={fromMinutes} className="flex items-center gap-1.5">
          <svg width={16} height={12} aria-hidden="true">
            <rect width={16} height={12} className={BAND_LOOK[band]!.fill} opacity={BAND_LOOK[band]!.opacity} />
          </svg>
          {band === 0
            ? m.reachBandUnder({ duration: durationText(REACH_BANDS[1]) })
            : m.reachBandFrom({ duration: durationText(fromMinutes) })}
        </li>
      ))}
      <LineKey words={m.reachWantedLine({ duration })} className="stroke-accent" strokeWidth={3.5} />
      {hasOver && <LineKey words={m.reachOtherLine({ duration })} className="stroke-sea" strokeWidth={3} dash="9 5" />}
      <LineKey words={m.reachLimitEdge} className="stroke-ink" strokeWidth={1.25} dash="2 4" />
    </ul>
  );
}

type LineProps = {
  readonly words: string;
  readonly className: string;
  readonly strokeWidth: number;
  readonly dash?: string;
};

const LineKey = ({ words, className, strokeWidth, dash }: LineProps) => (
  <li className="flex items-center gap-1.5">
    <svg width={24} height={12} aria-hidden="true">
      <line x1={0} x2={24} y1={6} y2={6} strokeWidth={strokeWidth} strokeDasharray={dash} className={className} />
    </svg>
    {words}
  </li>
);
