import * as m from "@/messages";
import { handChart } from "@/charts/hand-chart";
import { TASK_MINUTES, type HandTask } from "@/core/bench";
import { LIMIT_TABLE } from "@/core/limits";
import { degreesText } from "@/formats/display/numbers";
import type { Preferences } from "@/formats/display/preferences";

const WIDTH = 260;
const HEIGHT = 120;
const LEFT = 40;
const AXIS = 18;
const SHOWN_MINUTES = 60;
const TICKS_MIN = [0, 20, 40, 60] as const;

type Props = { readonly task: HandTask; readonly preferences: Preferences };

/** Fingers of the working and of the other hand through a task of five minutes; the table says what matters of it. */
export function TaskChart({ task, preferences }: Props) {
  const chart = handChart(SHOWN_MINUTES, { left: LEFT, width: WIDTH, height: HEIGHT });
  const limits = [LIMIT_TABLE.fingers.value.cold!, LIMIT_TABLE.fingers.value.hard!];
  return (
    <svg viewBox={`0 0 ${WIDTH} ${HEIGHT + AXIS}`} aria-hidden="true" className="block w-full">
      <rect
        x={chart.x(0)}
        y={0}
        width={chart.x(TASK_MINUTES) - chart.x(0)}
        height={HEIGHT}
        opacity={0.5}
        className="fill-line"
      />
      {limits.map((limitC) => (
        <g key={limitC}>
          <line
            x1={LEFT}
            x2={WIDTH}
            y1={chart.y(limitC)}
            y2={chart.y(limitC)}
            strokeDasharray="1 5"
            className="stroke-muted"
          />
          <text x={LEFT - 4} y={chart.y(limitC) + 4} textAnchor="end" fontSize={11} className="fill-muted">
            {degreesText(limitC, preferences.temperature)}
          </text>
        </g>
      ))}
      <path d={chart.path(task.otherC)} fill="none" strokeWidth={2} strokeDasharray="6 3" className="stroke-muted" />
      <path d={chart.path(task.workingC)} fill="none" strokeWidth={2.25} className="stroke-rust" />
      {TICKS_MIN.map((minute) => (
        <text
          key={minute}
          x={chart.x(minute)}
          y={HEIGHT + 13}
          textAnchor={minute === SHOWN_MINUTES ? "end" : "middle"}
          fontSize={11}
          className="fill-muted"
        >
          {minute === 0 ? m.task : m.min({ rest: minute })}
        </text>
      ))}
    </svg>
  );
}

/** What the lines mean. */
export const TaskLegend = () => (
  <svg viewBox="0 0 330 18" aria-hidden="true" className="block w-full max-w-xs">
    <line x1={0} x2={24} y1={9} y2={9} strokeWidth={2.25} className="stroke-rust" />
    <text x={30} y={13} fontSize={12} className="fill-rust-text">
      {m.fingersAtWork}
    </text>
    <line x1={150} x2={174} y1={9} y2={9} strokeWidth={2} strokeDasharray="6 3" className="stroke-muted" />
    <text x={180} y={13} fontSize={12} className="fill-ink">
      {m.ofTheOtherHand}
    </text>
  </svg>
);
