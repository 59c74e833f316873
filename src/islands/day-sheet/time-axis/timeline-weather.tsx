import * as m from "@/messages";
import { dequal } from "dequal/lite";
import { memo, type KeyboardEvent } from "react";
import type { TimeAxis } from "@/charts/time-axis";
import { weatherChart, type HourMark, type WeatherChart } from "@/charts/weather-chart";
import type { LightSpan } from "@/core/day";
import { lightSpans } from "@/core/day";
import { CONDITION_RANGE } from "@/core/sitter";
import { windShareAtSeat } from "@/core/weather";
import { degreesText, plainNumber, temperatureText, windText } from "@/formats/display/numbers";
import type { Preferences } from "@/formats/display/preferences";
import { clockText } from "@/formats/display/time";
import { WIND } from "@/formats/display/units";
import { LIGHT_WORDS } from "@/formats/display/words/sheet-words";
import { minutesFrom } from "@/formats/outing-file/to-outing";
import type { OutingView, WeatherHourView } from "@/formats/wire/outing/outing-view";
import type { Selection } from "@/stores/sheet/day-sheet";
import { editHour } from "@/stores/sheet/edits";
import { drawnFrom } from "../drawn-from";
import type { Section, SheetFrame } from "./layout";
import { Pressable, SectionTitle } from "./timeline-parts";
import { useHeld } from "./use-held";

type Props = {
  readonly view: OutingView;
  readonly axis: TimeAxis;
  readonly frame: SheetFrame;
  readonly section: Section;
  readonly preferences: Preferences;
  readonly selection: Selection;
  readonly onSelect: (selection: Selection) => void;
};

const TARGET_HALF_PX = 15;
const KEY_STEP_K = 0.5;
const KEY_STEP_M_PER_S = 0.5;
const CLOUD_PX = 5;
const RAIN_PX = 22;

const roundedTo = (value: number, step: number, [low, high]: readonly [number, number]): number =>
  Math.min(high, Math.max(low, Math.round(value / step) * step));
const setTemperature = (index: number, valueC: number, step: number): void =>
  editHour(index, {
    airTemperatureC: roundedTo(valueC, step, CONDITION_RANGE.airTemperatureC),
    airTemperatureTyped: null,
  });
const setWind = (index: number, valueMPerS: number, step: number): void =>
  editHour(index, { windMPerS: roundedTo(valueMPerS, step, CONDITION_RANGE.windMPerS), windTyped: null });

/** Up and down for the air, with Shift for the wind. */
function onHourKey(event: KeyboardEvent, index: number, hour: WeatherHourView): boolean {
  const sign = event.key === "ArrowUp" ? 1 : event.key === "ArrowDown" ? -1 : 0;
  if (sign === 0) return false;
  if (event.shiftKey) setWind(index, hour.windMPerS + sign * KEY_STEP_M_PER_S, KEY_STEP_M_PER_S);
  else setTemperature(index, hour.airTemperatureC + sign * KEY_STEP_K, KEY_STEP_K);
  return true;
}

type DragScale = Pick<WeatherChart, "windBaseY" | "windTopY" | "kelvinPerPx" | "windPerPx">;
type HourProps = Pick<Props, "section" | "preferences" | "onSelect"> & {
  readonly hour: WeatherHourView;
  readonly timeZone: string;
  readonly isChosen: boolean;
  readonly mark: HourMark;
  readonly scale: DragScale;
  readonly totalMinutes: number;
  readonly isLabelled: boolean;
};

type HeldHour = { readonly what: "air" | "wind"; readonly from: number; readonly perPx: number };

/** An hour: drag its point up and down for the air, its wind mark for the wind. Drawn again when it or the scale changes. */
const Hour = memo(function Hour(props: HourProps) {
  const { hour, timeZone, isChosen, section, preferences, onSelect, mark, scale, totalMinutes, isLabelled } = props;
  const { index, x, temperatureY, wind, seatWind } = mark;
  const label = m.hourWind({
    at: clockText(hour.at, timeZone),
    airTemperatureC: temperatureText(hour.airTemperatureC, preferences.temperature, 1),
    windMPerS: windText(hour.windMPerS, preferences.wind, 1),
  });
  const bind = useHeld<HeldHour>(
    {
      take: ({ y }) =>
        y < scale.windTopY
          ? { what: "air", from: hour.airTemperatureC, perPx: scale.kelvinPerPx }
          : { what: "wind", from: hour.windMPerS, perPx: scale.windPerPx },
      move: ({ what, from, perPx }, by, isFine) => {
        const value = from - by.y * perPx;
        if (what === "air") setTemperature(index, value, isFine ? 0.1 : 0.5);
        else setWind(index, value, isFine ? 0.1 : 0.5);
      },
    },
    totalMinutes,
  );
  return (
    <Pressable
      {...bind()}
      opensEditor
      label={label}
      pressed={isChosen}
      onPress={() => onSelect({ kind: "hour", index })}
      onKey={(event) => onHourKey(event, index, hour)}
      shortcuts="ArrowUp ArrowDown Shift+ArrowUp Shift+ArrowDown"
    >
      <rect
        x={x - TARGET_HALF_PX}
        y={section.top}
        width={2 * TARGET_HALF_PX}
        height={section.height}
        rx={4}
        strokeWidth={1.5}
        className={`focus-ring cursor-ns-resize touch-none ${isChosen ? "stroke-accent-text fill-transparent" : "fill-transparent"}`}
      />
      <circle cx={x} cy={temperatureY} r={4} strokeWidth={2} className="fill-ground stroke-sea" />
      {isLabelled && (
        <text
          x={x}
          y={temperatureY - 8}
          textAnchor="middle"
          fontSize={12.5}
          fontWeight={600}
          className="fill-sea-deep pointer-events-none"
        >
          {degreesText(hour.airTemperatureC, preferences.temperature)}
        </text>
      )}
      <line
        x1={x}
        y1={scale.windBaseY}
        x2={wind.x}
        y2={wind.y}
        strokeWidth={1.5}
        strokeLinecap="round"
        className="stroke-sea-light"
      />
      <line
        x1={x}
        y1={scale.windBaseY}
        x2={seatWind.x}
        y2={seatWind.y}
        strokeWidth={4}
        strokeLinecap="round"
        className="stroke-sea"
      />
      {isLabelled && (
        <text x={wind.x + 5} y={scale.windBaseY - 3} fontSize={11.5} className="fill-sea pointer-events-none">
          {plainNumber(WIND[preferences.wind].fromSi(hour.windMPerS), 0)}
        </text>
      )}
    </Pressable>
  );
}, dequal);

const LIGHT_LOOK: Readonly<Record<LightSpan["light"], string>> = {
  dark: "fill-night-sky",
  twilight: "fill-twilight-sky",
  day: "fill-none",
};

type LightProps = Pick<Props, "view" | "axis" | "section">;

function LightSpans({ view, axis, section }: LightProps) {
  const { latitudeDeg, longitudeDeg } = view.setting;
  if (latitudeDeg === undefined || longitudeDeg === undefined) return null;
  const spans = lightSpans(Date.parse(view.startsAt), axis.totalMinutes, latitudeDeg, longitudeDeg);
  return spans.map(({ fromMinute, toMinute, light }) => {
    const x = axis.x(fromMinute);
    const width = axis.x(toMinute) - x;
    return (
      <g key={fromMinute}>
        <rect x={x} y={section.top} width={width} height={section.height} className={LIGHT_LOOK[light]} />
        {width > 50 && (
          <text x={x + 5} y={section.top + 18} fontSize={11.5} className="fill-muted">
            {LIGHT_WORDS[light]}
          </text>
        )}
      </g>
    );
  });
}

/** Dark and twilight behind the weather, where the place says where on earth it is; no edit of the weather moves the sun. */
const Light = memo(LightSpans, drawnFrom<LightProps>("setting", "startsAt"));

function Strips({ chart, section }: { readonly chart: WeatherChart; readonly section: Section }) {
  return (
    <>
      {chart.clouds.map(({ x, width, share }) => (
        <rect
          key={x}
          x={x}
          y={section.top}
          width={width}
          height={CLOUD_PX}
          opacity={0.15 + 0.75 * share}
          className="fill-cloud"
        />
      ))}
      {chart.precipitation.map(({ x, width, share }) => (
        <rect
          key={x}
          x={x + 1}
          y={section.top + CLOUD_PX}
          width={Math.max(1, width - 2)}
          height={3 + (RAIN_PX - 3) * share}
          className="fill-rain"
        />
      ))}
    </>
  );
}

/** Hours of weather: temperature as a line, wind as marks, thin the forecast's, thick at the seat. */
function AllHours(props: Props) {
  const { view, axis, frame, section, preferences, selection, onSelect } = props;
  const hours = view.weather.map((hour) => ({ ...hour, minute: minutesFrom(view.startsAt, hour.at) }));
  const windShare = windShareAtSeat(view.setting.shelter, view.setting.seatHeightM);
  const chart = weatherChart(axis, hours, windShare, section.top, section.height);
  const { windBaseY, windTopY, kelvinPerPx, windPerPx } = chart;
  const scale: DragScale = { windBaseY, windTopY, kelvinPerPx, windPerPx };
  const everyOther = chart.hours.length > 1 && chart.hours[1]!.x - chart.hours[0]!.x < 34;
  return (
    <g>
      <SectionTitle
        frame={frame}
        section={section}
        title={m.weather}
        note={m.airWind({ wind: WIND[preferences.wind].label })}
      />
      <Light view={view} axis={axis} section={section} />
      <Strips chart={chart} section={section} />
      <path d={chart.areaPath} className="fill-sea-pale" opacity={0.5} />
      <path d={chart.temperaturePath} fill="none" strokeWidth={2.5} className="stroke-sea" />
      <line x1={axis.left} x2={axis.right} y1={chart.windBaseY} y2={chart.windBaseY} className="stroke-line" />
      {chart.hours.map((mark, index) => (
        <Hour
          key={view.weather[mark.index]!.at}
          hour={view.weather[mark.index]!}
          timeZone={view.place.timeZone}
          isChosen={selection?.kind === "hour" && selection.index === mark.index}
          section={section}
          preferences={preferences}
          onSelect={onSelect}
          mark={mark}
          scale={scale}
          totalMinutes={axis.totalMinutes}
          isLabelled={!everyOther || index % 2 === 0}
        />
      ))}
    </g>
  );
}

/** An edit of clothes or phases leaves the weather as it is drawn. */
export const TimelineWeather = memo(AllHours, drawnFrom("weather", "setting", "startsAt"));
