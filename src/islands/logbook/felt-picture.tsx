import * as m from "@/messages";
import { feltChart, type FeltPoint } from "@/charts/felt-chart";
import { durationText } from "@/formats/display/time";
import { saidOf, type LogbookEntry } from "@/formats/wire/logbook/logbook-view";

const SIZE = { width: 416, height: 330 };
const FRAME = { left: 58, right: 404, top: 12, bottom: 282 };
/** The axis is named under it. */
const NAME_Y = 322;

const pointOf = (entry: LogbookEntry): FeltPoint | null => {
  const { felt } = entry;
  const predicted = saidOf(entry);
  return (
    predicted && {
      predictedMinutes: predicted.minutesStill,
      lowMinutes: predicted.lowMinutes ?? predicted.minutesStill,
      // Later than was looked at: as far as the picture goes.
      highMinutes: predicted.lowMinutes === null ? predicted.minutesStill : (predicted.highMinutes ?? Infinity),
      feltMinutes: felt.minutes,
    }
  );
};

/**
 * Predicted over felt. Who got up for the cold is a full mark: their minutes are those of the limit. Who got up for something
 * else could have sat longer, and is an arrow to the right.
 */
export function FeltPicture({ entries }: { readonly entries: readonly LogbookEntry[] }) {
  const marks = entries.flatMap((entry) => {
    const point = pointOf(entry);
    return point ? [{ entry, point }] : [];
  });
  if (marks.length === 0) return <p className="text-muted max-w-prose text-sm">{m.logbookNothingToDraw}</p>;
  const chart = feltChart(
    marks.map(({ point }) => point),
    FRAME,
  );
  const [from, to] = chart.diagonal;
  const words = marks
    .map(({ entry, point }) =>
      m.logbookPoint({
        name: entry.name,
        predicted: durationText(point.predictedMinutes),
        felt: durationText(point.feltMinutes),
      }),
    )
    .join("; ");
  return (
    <figure>
      <svg
        viewBox={`0 0 ${SIZE.width} ${SIZE.height}`}
        className="w-full max-w-[26rem]"
        role="img"
        aria-label={m.logbookPictureOf({ words })}
      >
        {chart.ticks.map((tick) => (
          <g key={tick} className="stroke-line text-muted">
            <line x1={FRAME.left} x2={FRAME.right} y1={chart.y(tick)} y2={chart.y(tick)} />
            <line y1={FRAME.top} y2={FRAME.bottom} x1={chart.x(tick)} x2={chart.x(tick)} />
          </g>
        ))}
        {chart.ticks.map((tick) => (
          <g key={tick} className="fill-muted text-[11px]">
            <text x={FRAME.left - 6} y={chart.y(tick) + 4} textAnchor="end">
              {durationText(tick)}
            </text>
            <text x={chart.x(tick)} y={FRAME.bottom + 16} textAnchor="middle">
              {durationText(tick)}
            </text>
          </g>
        ))}
        <line
          x1={chart.x(from)}
          y1={chart.y(from)}
          x2={chart.x(to)}
          y2={chart.y(to)}
          className="stroke-ink"
          strokeDasharray="4 4"
        />
        {marks.map(({ entry, point }) => {
          const [x, y] = [chart.x(point.feltMinutes), chart.y(point.predictedMinutes)];
          const isCold = entry.felt.ended === "cold";
          return (
            <g key={entry.outingId} className="stroke-accent">
              <line
                x1={x}
                x2={x}
                y1={chart.y(point.lowMinutes)}
                y2={chart.y(point.highMinutes)}
                strokeWidth={2}
                opacity={0.45}
              />
              {isCold ? (
                <circle cx={x} cy={y} r={5} className="fill-accent" />
              ) : (
                <path d={`M${x} ${y - 5}L${x + 9} ${y}L${x} ${y + 5}Z`} className="fill-ground" strokeWidth={1.5} />
              )}
            </g>
          );
        })}
        <text x={(FRAME.left + FRAME.right) / 2} y={NAME_Y} textAnchor="middle" className="fill-ink text-[12px]">
          {m.logbookAxisFelt}
        </text>
        <text x={FRAME.left + 6} y={FRAME.top + 12} className="fill-ink text-[12px]">
          {m.logbookAxisPredicted}
        </text>
      </svg>
      <figcaption className="text-muted max-w-prose text-sm">{m.logbookPictureSays}</figcaption>
    </figure>
  );
}
