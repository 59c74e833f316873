import * as m from "@/messages";
import { useStore } from "@nanostores/react";
import { MS_PER_MINUTE } from "@/core/units";
import { LIVE_CHART, liveChart } from "@/charts/live-chart";
import { temperatureText } from "@/formats/display/numbers";
import { durationText } from "@/formats/display/time";
import { $answer, $readings, $sit, $span, nowMs } from "@/stores/live/live";
import { $preferences } from "@/stores/preferences";

/** Toes through the sit: the band bends and narrows from now on. */
export function LiveCurve() {
  const answer = useStore($answer);
  const span = useStore($span);
  const sit = useStore($sit);
  const readings = useStore($readings);
  const { temperature } = useStore($preferences);
  if (!answer || !span) return null;
  const beganMs = sit ? Date.parse(sit.beganAt) : null;
  const minuteOf = (atMs: number): number =>
    span.fromMinute + (beganMs === null ? 0 : (atMs - beganMs) / MS_PER_MINUTE);
  const dots = readings
    .filter(({ sensor }) => sensor === "leftToes" || sensor === "rightToes")
    .map(({ atMs, valueC }) => ({ minute: minuteOf(atMs), valueC }));
  const chart = liveChart(answer.curves.toes, dots, { ...span, nowMinute: minuteOf(nowMs()) });
  const { width, height, left, right, bottom } = LIVE_CHART;
  return (
    <figure>
      <figcaption className="text-muted text-sm">{m.liveCurve}</figcaption>
      <svg viewBox={`0 0 ${width} ${height}`} role="img" aria-label={m.liveCurve} className="w-full">
        {chart.temperatures.map(({ value, y }) => (
          <g key={value}>
            <path d={`M${left} ${y}H${width - right}`} className="stroke-line" />
            <text x={left - 4} y={y + 4} textAnchor="end" className="fill-muted text-sm">
              {temperatureText(value, temperature)}
            </text>
          </g>
        ))}
        {chart.hours.map(({ minute, x }) => (
          <text key={minute} x={x} y={height - bottom + 16} textAnchor="middle" className="fill-muted text-sm">
            {durationText(minute - span.fromMinute)}
          </text>
        ))}
        <path d={chart.band} className="fill-accent/25" />
        <path d={chart.middle} className="stroke-accent fill-none stroke-2" />
        {chart.dots.map(({ x, y }, index) => (
          <circle key={index} cx={x} cy={y} r="1.5" className="fill-ink" />
        ))}
        {beganMs !== null && (
          <path d={`M${chart.nowX} 0V${height - bottom}`} className="stroke-ink" strokeDasharray="3 3" />
        )}
      </svg>
    </figure>
  );
}
