import * as m from "@/messages";
import { MINUTES_PER_HOUR } from "@/core/units";
import { toeMinutesChart } from "@/charts/toe-minutes-chart";
import type { FootAnswer } from "@/core/bench";
import { LEVELS, LIMIT_TABLE, type Level } from "@/core/limits";
import { degreesText } from "@/formats/display/numbers";
import type { Preferences } from "@/formats/display/preferences";

const WIDTH = 260;
const HEIGHT = 150;
const LEFT = 26;
const AXIS = 18;

const LOOK: Readonly<Record<Level, { readonly line: string; readonly text: string; readonly dash?: string }>> = {
  comfort: { line: "stroke-lichen", text: "fill-lichen-text", dash: "2 3" },
  cold: { line: "stroke-rust", text: "fill-rust-text" },
  hard: { line: "stroke-cranberry", text: "fill-cranberry", dash: "7 3" },
};
const TICKS_C = [-30, -18, -6, 6] as const;

type Props = {
  readonly answer: FootAnswer;
  readonly airTemperatureC: number;
  readonly hours: number;
  readonly preferences: Preferences;
};

/** Minutes until the toes pass 20, 15 and 10 °C, over the air's temperature; the table below says the same. */
export function FootChart({ answer, airTemperatureC, hours, preferences }: Props) {
  const { byAir } = answer;
  const ends = [byAir[0]!.airTemperatureC, byAir.at(-1)!.airTemperatureC] as const;
  const frame = { left: LEFT, width: WIDTH, height: HEIGHT };
  const chart = toeMinutesChart(ends, hours * MINUTES_PER_HOUR, frame);
  const isOnAxis = airTemperatureC >= ends[0] && airTemperatureC <= ends[1];
  return (
    <svg viewBox={`0 0 ${WIDTH} ${HEIGHT + AXIS}`} aria-hidden="true" className="block w-full">
      {chart.hours.map(({ hour, y }) => (
        <g key={hour}>
          <line x1={LEFT} x2={WIDTH} y1={y} y2={y} strokeDasharray="1 5" className="stroke-line" />
          <text x={LEFT - 4} y={y + 4} textAnchor="end" fontSize={11} className="fill-muted">
            {hour} {m.hWords}
          </text>
        </g>
      ))}
      {isOnAxis && (
        <line
          x1={chart.x(airTemperatureC)}
          x2={chart.x(airTemperatureC)}
          y1={0}
          y2={HEIGHT}
          strokeWidth={1.5}
          className="stroke-ink"
        />
      )}
      {LEVELS.map((level) => (
        <path
          key={level}
          d={chart.path(byAir.map((at) => ({ airTemperatureC: at.airTemperatureC, minutes: at.toeMinutes[level] })))}
          fill="none"
          strokeWidth={2.25}
          strokeDasharray={LOOK[level].dash}
          className={LOOK[level].line}
        />
      ))}
      {TICKS_C.map((tick) => (
        <text key={tick} x={chart.x(tick)} y={HEIGHT + 13} textAnchor="middle" fontSize={11} className="fill-muted">
          {degreesText(tick, preferences.temperature)}
        </text>
      ))}
    </svg>
  );
}

/** What the lines of every chart mean. */
export function FootLegend({ preferences }: Pick<Props, "preferences">) {
  return (
    <svg viewBox="0 0 330 18" aria-hidden="true" className="block w-full max-w-xs">
      {LEVELS.map((level, index) => (
        <g key={level} transform={`translate(${index * 110} 0)`}>
          <line
            x1={0}
            x2={24}
            y1={9}
            y2={9}
            strokeWidth={2.25}
            strokeDasharray={LOOK[level].dash}
            className={LOOK[level].line}
          />
          <text x={30} y={13} fontSize={12} className={LOOK[level].text}>
            {m.toes} {degreesText(LIMIT_TABLE.toes.value[level]!, preferences.temperature)}
          </text>
        </g>
      ))}
    </svg>
  );
}
