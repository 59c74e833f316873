import { useMemo } from "react";
import { LANES, laneOf } from "@/charts/lane-of";
import { wearLanes } from "@/charts/spans";
import { timeAxis } from "@/charts/time-axis";
import type { OutingResult } from "@/core/outing";
import type { Preferences } from "@/formats/display/preferences";
import type { OutingView } from "@/formats/wire/outing-view";
import type { Selection } from "@/stores/day-sheet";
import { useWidth } from "../use-width";
import { sheetFrame, sheetLayout } from "./layout";
import { TimelineCurves } from "./timeline-curves";
import { TimelineLanes, type WornItem } from "./timeline-lanes";
import { TimelinePhases } from "./timeline-phases";
import { TimelineWeather } from "./timeline-weather";

type Props = {
  readonly view: OutingView;
  readonly result: OutingResult | null;
  readonly preferences: Preferences;
  readonly selection: Selection;
  /** Minute read out. */
  readonly minute: number;
  readonly onSelect: (selection: Selection) => void;
};

const WIDTH_BEFORE_MEASURED_PX = 880;

function wornItems(view: OutingView): WornItem[] {
  const kit = new Map(view.kit.map((piece) => [piece.id, piece]));
  return view.wearings.flatMap((wearing): WornItem[] => {
    const piece = kit.get(wearing.pieceId);
    return piece ? [{ ...wearing, lane: laneOf(piece), name: piece.name }] : [];
  });
}

/** The day on one time axis: weather, phases, wear lanes and curves. */
export function Timeline({ view, result, preferences, selection, minute, onSelect }: Props) {
  const [ref, width] = useWidth<HTMLDivElement>(WIDTH_BEFORE_MEASURED_PX);
  const { left, right } = sheetFrame(width);
  const totalMinutes = view.phases.reduce((total, phase) => total + phase.minutes, 0);
  const axis = useMemo(
    () => timeAxis({ startsAt: view.startsAt, timeZone: view.place.timeZone, totalMinutes }, left, right),
    [view.startsAt, view.place.timeZone, totalMinutes, left, right],
  );
  const lanes = useMemo(() => wearLanes(axis, wornItems(view), LANES), [axis, view]);
  const layout = sheetLayout(width, lanes);
  const shared = { view, axis, layout, selection, onSelect };
  const sit = result?.sits[result.decidingSit];
  const end = sit && sit.verdict.kind !== "longerThan" ? sit.fromMinute + sit.verdict.crossing.minute : null;
  return (
    <div ref={ref}>
      <svg
        width="100%"
        viewBox={`0 0 ${width} ${layout.height}`}
        role="group"
        aria-label="Day sheet"
        className="block select-none"
      >
        {axis.ticks.map(({ x, text }) => (
          <g key={`${text} ${x}`}>
            <line
              x1={x}
              x2={x}
              y1={layout.weather.top}
              y2={layout.axis.top}
              className="stroke-line"
              strokeDasharray="1 5"
            />
            <text x={x} y={layout.axis.top + 17} textAnchor="middle" fontSize={12.5} className="fill-muted">
              {text}
            </text>
          </g>
        ))}
        <TimelineWeather {...shared} preferences={preferences} />
        <TimelinePhases {...shared} />
        <TimelineLanes {...shared} lanes={lanes} />
        {result && (
          <TimelineCurves
            axis={axis}
            layout={layout}
            series={result.series}
            sits={result.sits}
            preferences={preferences}
            minute={Math.min(minute, result.series.minutes)}
          />
        )}
        {end !== null && end <= totalMinutes && (
          <line
            x1={axis.x(end)}
            x2={axis.x(end)}
            y1={layout.weather.top}
            y2={layout.axis.top}
            strokeWidth={1.5}
            className="stroke-rust pointer-events-none"
          />
        )}
        <line
          x1={axis.x(Math.min(minute, totalMinutes))}
          x2={axis.x(Math.min(minute, totalMinutes))}
          y1={layout.weather.top}
          y2={layout.axis.top}
          className="stroke-ink pointer-events-none"
        />
      </svg>
    </div>
  );
}
