import type { TimeAxis } from "@/charts/time-axis";
import { weatherChart } from "@/charts/weather-chart";
import { degreesText, plainNumber, temperatureText, windText } from "@/formats/display/numbers";
import type { Preferences } from "@/formats/display/preferences";
import { clockText } from "@/formats/display/time";
import { WIND } from "@/formats/display/units";
import { minutesFrom } from "@/formats/outing-file/to-outing";
import type { OutingView } from "@/formats/wire/outing-view";
import type { Selection } from "@/stores/day-sheet";
import type { SheetLayout } from "./layout";
import { Pressable, SectionTitle } from "./timeline-parts";

type Props = {
  readonly view: OutingView;
  readonly axis: TimeAxis;
  readonly layout: SheetLayout;
  readonly preferences: Preferences;
  readonly selection: Selection;
  readonly onSelect: (selection: Selection) => void;
};

const TARGET_HALF_PX = 15;

/** Hours of weather: temperature as a line, wind as marks; each hour can be pressed. */
export function TimelineWeather({ view, axis, layout, preferences, selection, onSelect }: Props) {
  const { top, height } = layout.weather;
  const hours = view.weather.map((hour) => ({ ...hour, minute: minutesFrom(view.startsAt, hour.at) }));
  const chart = weatherChart(axis, hours, top, height);
  const everyOther = chart.hours.length > 1 && chart.hours[1]!.x - chart.hours[0]!.x < 34;
  return (
    <g>
      <SectionTitle layout={layout} section={layout.weather} title="Weather" note={`air; wind ${preferences.wind}`} />
      <path d={chart.areaPath} className="fill-sea-pale" opacity={0.55} />
      <path d={chart.temperaturePath} fill="none" strokeWidth={2.5} className="stroke-sea" />
      <line x1={axis.left} x2={axis.right} y1={chart.windBaseY} y2={chart.windBaseY} className="stroke-line" />
      {chart.hours.map(({ index, x, temperatureY, windX, windY }, place) => {
        const hour = hours[index]!;
        const chosen = selection?.kind === "hour" && selection.index === index;
        const clock = clockText(hour.at, view.place.timeZone);
        const label = `Hour ${clock}: ${temperatureText(hour.airTemperatureC, preferences.temperature, 1)}, wind ${windText(hour.windMPerS, preferences.wind, 1)}`;
        return (
          <Pressable key={hour.at} label={label} pressed={chosen} onPress={() => onSelect({ kind: "hour", index })}>
            <rect
              x={x - TARGET_HALF_PX}
              y={top}
              width={2 * TARGET_HALF_PX}
              height={height}
              rx={4}
              strokeWidth={1.5}
              className={`focus-ring ${chosen ? "stroke-accent-text fill-none" : "fill-transparent"}`}
            />
            <circle cx={x} cy={temperatureY} r={4} strokeWidth={2} className="fill-ground stroke-sea" />
            {(!everyOther || place % 2 === 0 || chosen) && (
              <text
                x={x}
                y={temperatureY - 9}
                textAnchor="middle"
                fontSize={12.5}
                fontWeight={600}
                className="fill-sea-deep"
              >
                {degreesText(hour.airTemperatureC, preferences.temperature)}
              </text>
            )}
            <line
              x1={x}
              y1={chart.windBaseY}
              x2={windX}
              y2={windY}
              strokeWidth={3}
              strokeLinecap="round"
              className="stroke-sea-light"
            />
            {(!everyOther || place % 2 === 0 || chosen) && (
              <text x={windX + 5} y={chart.windBaseY - 3} fontSize={11.5} className="fill-sea">
                {plainNumber(WIND[preferences.wind].fromSi(hour.windMPerS), 0)}
              </text>
            )}
          </Pressable>
        );
      })}
    </g>
  );
}
