import * as m from "@/messages";
import { shareChart } from "@/charts/share-chart";
import { quantityText } from "@/formats/display/quantities";
import { plainNumber } from "@/formats/display/numbers";
import { saidOf, type LogbookEntry } from "@/formats/wire/logbook/logbook-view";

const SIZE = { width: 416, height: 330 };
const FRAME = { left: 58, right: 404, top: 26, bottom: 282 };
const NAME_Y = 322;

/** Real over predicted minutes by air temperature: whether it is off in the great cold alone. */
export function TemperaturePicture({ entries }: { readonly entries: readonly LogbookEntry[] }) {
  const marks = entries.flatMap((entry) => {
    const predicted = saidOf(entry);
    if (!predicted || predicted.minutesStill === 0) return [];
    return [{ entry, share: entry.felt.minutes / predicted.minutesStill, airTemperatureC: entry.airTemperatureC }];
  });
  if (marks.length === 0) return <p className="text-muted max-w-prose text-sm">{m.logbookNothingToDraw}</p>;
  const chart = shareChart(marks, FRAME);
  const words = marks
    .map(({ entry, share, airTemperatureC }) =>
      m.logbookShareAt({
        name: entry.name,
        air: quantityText("temperature", airTemperatureC, 0),
        share: plainNumber(share, 1),
      }),
    )
    .join("; ");
  return (
    <figure>
      <svg
        viewBox={`0 0 ${SIZE.width} ${SIZE.height}`}
        className="w-full max-w-[26rem]"
        role="img"
        aria-label={m.logbookSharesOf({ words })}
      >
        {chart.shares.map((share) => (
          <g key={share}>
            <path
              d={`M${FRAME.left} ${chart.y(share)}H${FRAME.right}`}
              className={share === 1 ? "stroke-ink" : "stroke-line"}
              strokeDasharray={share === 1 ? "4 4" : undefined}
            />
            <text x={FRAME.left - 6} y={chart.y(share) + 4} textAnchor="end" className="fill-muted text-[11px]">
              × {plainNumber(share, share < 1 ? 2 : 0)}
            </text>
          </g>
        ))}
        {chart.temperatures.map((airTemperatureC) => (
          <text
            key={airTemperatureC}
            x={chart.x(airTemperatureC)}
            y={FRAME.bottom + 16}
            textAnchor="middle"
            className="fill-muted text-[11px]"
          >
            {quantityText("temperature", airTemperatureC, 0)}
          </text>
        ))}
        {marks.map(({ entry, share, airTemperatureC }) => {
          const [x, y] = [chart.x(airTemperatureC), chart.y(share)];
          return entry.felt.ended === "cold" ? (
            <circle key={entry.outingId} cx={x} cy={y} r={5} className="fill-accent" />
          ) : (
            <path
              key={entry.outingId}
              d={`M${x - 5} ${y}L${x} ${y - 9}L${x + 5} ${y}Z`}
              className="fill-ground stroke-accent"
              strokeWidth={1.5}
            />
          );
        })}
        <text x={FRAME.left} y={FRAME.top - 12} className="fill-ink text-[12px]">
          {m.logbookAxisShare}
        </text>
        <text x={(FRAME.left + FRAME.right) / 2} y={NAME_Y} textAnchor="middle" className="fill-ink text-[12px]">
          {m.logbookAxisAir}
        </text>
      </svg>
      <figcaption className="text-muted max-w-prose text-sm">{m.logbookSharesSay}</figcaption>
    </figure>
  );
}
