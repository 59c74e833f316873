import * as m from "@/messages";
import { totalMinutes } from "@/core/outing";
import { memo, useMemo } from "react";
import { LANES } from "@/core/pieces";
import { wearLanes, type Lane } from "@/charts/spans";
import { timeAxis, type TimeAxis } from "@/charts/time-axis";
import type { OutingResult, SitAnswer } from "@/core/simulation";
import { estimatedHeadline, type Headline, type RangeBands } from "@/core/range";
import type { ShownHeadline } from "@/stores/answer/headline";
import type { Preferences } from "@/formats/display/preferences";
import { clockText } from "@/formats/display/time";
import { limitWords } from "@/formats/display/words/limit-words";
import { instantAt } from "@/formats/outing-file/to-outing";
import type { OutingView } from "@/formats/wire/outing/outing-view";
import type { Selection } from "@/stores/sheet/day-sheet";
import { useWidth } from "../../page/use-width";
import { CarriedLine } from "../clothes/carried-line";
import { curvesLayout, lanesLayout, sheetFrame, topLayout, type SheetFrame } from "./layout";
import { ScrolledLanes } from "./scrolled-lanes";
import { Scrubber } from "./scrubber";
import { TimelineCurves } from "./curves/timeline-curves";
import { TimelineLanes, type WornItem } from "./timeline-lanes";
import { MinuteLine } from "./timeline-parts";
import { TimelinePhases } from "./timeline-phases";
import { TimelineWeather } from "./timeline-weather";
import { wornItems } from "../clothes/worn-items";

type Props = {
  readonly view: OutingView;
  readonly result: OutingResult | null;
  /** The figure told first, and what another single run is multiplied by to stand beside it. */
  readonly shown: ShownHeadline | null;
  readonly ratio: number;
  /** What a change being tried would give, drawn beside. */
  readonly trial: OutingResult | null;
  readonly bands: RangeBands | null;
  readonly preferences: Preferences;
  readonly selection: Selection;
  /** Minute read out. */
  readonly minute: number;
  /** Minutes the axis spans while something is held. */
  readonly heldMinutes: number | null;
  readonly onSelect: (selection: Selection) => void;
};

const WIDTH_BEFORE_MEASURED_PX = 880;

/** Minute at which a sit ends; `null` where nothing ends it. */
const endOf = ({ fromMinute }: SitAnswer, headline: Headline | null | undefined): number | null =>
  !headline || headline.kind === "longerThan" ? null : fromMinute + headline.minutes;

type MinuteLinesProps = {
  readonly axis: TimeAxis;
  readonly width: number;
  readonly minute: number;
  readonly end: number | null;
  readonly trialEnd: number | null;
};

/**
 * Ticks, the minute read out and where the sit ends, through all parts of the sheet and behind them: a layer of its own,
 * so that an answer that moves a line leaves what stands before it as it was painted.
 */
const MinuteLines = memo(function MinuteLines({ axis, width, minute, end, trialEnd }: MinuteLinesProps) {
  const isOnAxis = (at: number | null): at is number => at !== null && at <= axis.totalMinutes;
  return (
    <svg
      viewBox={`0 0 ${width} 1`}
      preserveAspectRatio="none"
      aria-hidden="true"
      className="minute-lines own-layer pointer-events-none absolute top-0 left-0 w-full"
    >
      {axis.ticks.map(({ minute: tick, x }) => (
        <MinuteLine key={tick} x={x} className="stroke-line" dash="1 5" isThin />
      ))}
      {isOnAxis(trialEnd) && <MinuteLine x={axis.x(trialEnd)} className="stroke-accent" dash="2 4" />}
      {isOnAxis(end) && <MinuteLine x={axis.x(end)} className="stroke-rust" />}
      <MinuteLine x={axis.x(Math.min(minute, axis.totalMinutes))} className="stroke-ink" />
    </svg>
  );
});

const Ticks = memo(({ axis, top }: { readonly axis: TimeAxis; readonly top: number }) =>
  axis.ticks.map(({ minute, x, text }) => (
    <text key={minute} x={x} y={top + 15} textAnchor="middle" fontSize={12.5} className="fill-muted">
      {text}
    </text>
  )),
);

const END_LABEL_UP_PX = 6;
const END_LABEL_LETTER_PX = 6.6;

/** When and by what the sit ends, at the foot of its line where curves seldom run; to its right where the left is near. */
function EndLabel({
  x,
  left,
  y,
  text,
}: {
  readonly x: number;
  readonly left: number;
  readonly y: number;
  readonly text: string;
}) {
  const width = text.length * END_LABEL_LETTER_PX + 8;
  const from = x - 6 - width < left ? x + 6 : x - 6 - width;
  return (
    <g className="pointer-events-none">
      <rect x={from - 2} y={y - 13} width={width} height={18} opacity={0.8} className="fill-ground" />
      <text x={from + 2} y={y} fontSize={12.5} fontWeight={650} className="fill-rust-text">
        {text}
      </text>
    </g>
  );
}

const part = (frame: SheetFrame, height: number) => ({
  width: frame.width,
  height,
  viewBox: `0 0 ${frame.width} ${height}`,
  role: "group",
  className: "own-layer relative block shrink-0 select-none",
});

/** The day on one time axis: weather and phases, wear lanes that scroll by themselves, and curves. */
export function Timeline(props: Props) {
  const { view, result, shown, ratio, trial, bands, preferences, selection, minute, heldMinutes, onSelect } = props;
  const [ref, width] = useWidth<HTMLDivElement>(WIDTH_BEFORE_MEASURED_PX);
  const frame = useMemo(() => sheetFrame(width), [width]);
  const planned = totalMinutes(view.phases);
  const minutesShown = heldMinutes ?? planned;
  const { startsAt } = view;
  const { timeZone } = view.place;
  // The same axis as long as nothing of it changes: parts of the sheet that an edit leaves alone are not drawn again.
  const axis = useMemo(() => {
    const { left, right } = sheetFrame(width);
    return timeAxis({ startsAt, timeZone, totalMinutes: minutesShown }, left, right);
  }, [startsAt, timeZone, minutesShown, width]);
  const { kit, wearings, phases } = view;
  const lanes: Lane<WornItem>[] = useMemo(
    () => wearLanes(axis, wornItems({ kit, wearings, phases }), LANES),
    [axis, kit, wearings, phases],
  );
  const top = useMemo(() => topLayout(sheetFrame(width)), [width]);
  const wear = useMemo(() => lanesLayout(frame, lanes), [frame, lanes]);
  const curves = useMemo(() => curvesLayout(frame), [frame]);
  const shared = { view, axis, frame, selection, onSelect };
  const sit = result?.sits[result.decidingSit];
  const trialSit = result && trial?.sits[result.decidingSit];
  const headline = shown?.headline;
  const tried = trialSit && estimatedHeadline(trialSit, ratio);
  const marks = { minute, end: sit ? endOf(sit, headline) : null, trialEnd: trialSit ? endOf(trialSit, tried) : null };
  return (
    <div ref={ref} className="timeline flex min-h-0 min-w-0 flex-col overflow-x-clip">
      <div className="relative flex min-h-0 flex-col">
        <MinuteLines axis={axis} width={frame.width} {...marks} />
        <h2 className="sr-only">{m.weatherAndPhases}</h2>
        <svg {...part(frame, top.height)} aria-label={m.weatherAndPhases}>
          <TimelineWeather {...shared} section={top.weather} preferences={preferences} />
          <TimelinePhases {...shared} section={top.phases} />
        </svg>
        <h2 className="sr-only">{m.whatIsWorn}</h2>
        <ScrolledLanes rows={wear.height}>
          {lanes.length === 0 ? (
            <p className="text-muted py-6 text-center">{m.nothingIsWornYetPressAdd}</p>
          ) : (
            <svg {...part(frame, wear.height)} aria-label={m.wearLanes}>
              <TimelineLanes {...shared} sections={wear.sections} lanes={lanes} />
            </svg>
          )}
        </ScrolledLanes>
        <CarriedLine view={view} minute={minute} />
        <h2 className="sr-only">{m.howPartsOfTheBodyCool}</h2>
        <svg {...part(frame, curves.height)} aria-label={m.curves}>
          <Ticks axis={axis} top={curves.axis.top} />
          {result && (
            <TimelineCurves
              axis={axis}
              frame={frame}
              sections={curves}
              series={result.series}
              sit={sit ?? null}
              trial={trial?.series ?? null}
              bands={bands}
              preferences={preferences}
              minute={Math.min(minute, result.series.minutes)}
            />
          )}
          {headline?.endedBy && marks.end !== null && marks.end <= minutesShown && (
            <EndLabel
              x={axis.x(marks.end)}
              left={frame.left}
              y={curves.temperatures.top + curves.temperatures.height - END_LABEL_UP_PX}
              text={`${clockText(instantAt(startsAt, marks.end), timeZone)} ${limitWords(headline.endedBy.limit, headline.endedBy.place)}`}
            />
          )}
          <Scrubber view={view} axis={axis} sections={curves} minute={Math.min(minute, minutesShown)} />
        </svg>
      </div>
    </div>
  );
}
