import * as m from "@/messages";
import { frontChart } from "@/charts/front-chart";
import { labelsApart } from "@/charts/labels-apart";
import type { DressedOutfit, DresserProgress } from "@/core/dresser";
import { MINUTES_PER_HOUR } from "@/core/units";
import { loadText } from "@/formats/display/quantities";
import { durationText } from "@/formats/display/time";
import { lastsText, outfitName } from "@/formats/display/words/dresser-words";
import { minIndex } from "d3-array";
import type { KeyboardEvent, MouseEvent } from "react";
import { useWidth } from "../page/use-width";

const USUAL_WIDTH = 640;
const HEIGHT = 270;
const FRAME = { left: 64, top: 14, bottom: HEIGHT - 42 };
const RIGHT_PX = 18;
const POINT = 7;
/** Where an outfit's name stands: beside and above the upper end of its range. */
const BESIDE = 12;
const ABOVE = 4;
const LEAST_BELOW_TOP = 10;

type Props = {
  readonly outfits: readonly DressedOutfit[];
  readonly front: DresserProgress["front"];
  readonly wantedMinutes: number | null;
  readonly chosen: number | null;
  readonly onChoose: (place: number) => void;
};

const FORWARDS = ["ArrowRight", "ArrowUp"];
const BACKWARDS = ["ArrowLeft", "ArrowDown"];

/** Minutes still over what is carried: one stop for the keyboard, arrows go from outfit to outfit. */
export function FrontPicture({ outfits, front, wantedMinutes, chosen, onChoose }: Props) {
  const points = outfits.map(({ carriedG, minutesStill, low, high }) => ({
    carriedG,
    minutes: minutesStill,
    lowMinutes: low.minutes,
    highMinutes: high.minutes,
  }));
  const [box, width] = useWidth<HTMLDivElement>(USUAL_WIDTH);
  const right = width - RIGHT_PX;
  const chart = frontChart(points, front, wantedMinutes, { ...FRAME, right });
  const step = (event: KeyboardEvent<SVGSVGElement>): void => {
    const by = FORWARDS.includes(event.key) ? 1 : BACKWARDS.includes(event.key) ? -1 : 0;
    if (by === 0 || outfits.length === 0) return;
    event.preventDefault();
    onChoose(Math.max(0, Math.min(outfits.length - 1, (chosen ?? 0) + by)));
  };
  /** Points may lie closer than a finger: the nearest is meant. */
  const pressed = ({ clientX, clientY, currentTarget }: MouseEvent<SVGSVGElement>): void => {
    const { left, top } = currentTarget.getBoundingClientRect(); // a unit is a pixel: it is drawn as wide as it stands
    const nearest = minIndex(points, ({ carriedG, minutes }) =>
      Math.hypot(chart.x(carriedG) - (clientX - left), chart.y(minutes) - (clientY - top)),
    );
    if (nearest >= 0) onChoose(nearest);
  };
  const names = outfits.flatMap((outfit, place) => {
    if (outfit.picks.length === 0) return [];
    const { carriedG, highMinutes } = points[place]!;
    const [x, top] = [chart.x(carriedG), chart.y(highMinutes)];
    const isRight = x > width / 2;
    return [
      {
        place,
        text: outfitName(outfit, place),
        x: x + (isRight ? -BESIDE : BESIDE),
        y: Math.max(FRAME.top + LEAST_BELOW_TOP, top - ABOVE),
        anchor: isRight ? ("end" as const) : ("start" as const),
      },
    ];
  });
  const baselines = labelsApart(names);
  const spoken = chosen === null ? undefined : outfits[chosen];
  return (
    <div ref={box}>
      <svg
        viewBox={`0 0 ${width} ${HEIGHT}`}
        role="slider"
        tabIndex={0}
        aria-label={m.frontOfOutfits}
        aria-valuemin={1}
        aria-valuemax={Math.max(1, outfits.length)}
        aria-valuenow={(chosen ?? 0) + 1}
        aria-valuetext={
          spoken &&
          m.outfitSpoken({
            name: outfitName(spoken, chosen!),
            duration: lastsText(spoken),
            mass: loadText(spoken.carriedG),
          })
        }
        onKeyDown={step}
        onClick={pressed}
        className="block w-full cursor-pointer"
        data-testid="front"
      >
        {chart.hours.map(({ hour, y }) => (
          <g key={hour}>
            <line x1={FRAME.left} x2={right} y1={y} y2={y} className="stroke-line" />
            <text x={FRAME.left - 6} y={y + 4} textAnchor="end" fontSize={12} className="fill-muted">
              {durationText(hour * MINUTES_PER_HOUR)}
            </text>
          </g>
        ))}
        {chart.massTicksG.map((grams) => (
          <text
            key={grams}
            x={chart.x(grams)}
            y={FRAME.bottom + 18}
            textAnchor="middle"
            fontSize={12}
            className="fill-muted"
          >
            {loadText(grams)}
          </text>
        ))}
        <text x={right} y={HEIGHT - 6} textAnchor="end" fontSize={12} className="fill-muted">
          {m.carriedToSeat}
        </text>
        {wantedMinutes !== null && (
          <g>
            <line
              x1={FRAME.left}
              x2={right}
              y1={chart.y(wantedMinutes)}
              y2={chart.y(wantedMinutes)}
              strokeWidth={2}
              strokeDasharray="7 4"
              className="stroke-accent"
            />
            <text x={FRAME.left + 4} y={chart.y(wantedMinutes) - 5} fontSize={12} className="fill-accent-text">
              {m.wantedLine({ duration: durationText(wantedMinutes) })}
            </text>
          </g>
        )}
        <path d={chart.path} fill="none" strokeWidth={1.5} className="stroke-muted" opacity={0.7} />
        {outfits.map((outfit, place) => {
          const { carriedG, minutes, lowMinutes, highMinutes } = points[place]!;
          const isChosen = place === chosen;
          const x = chart.x(carriedG);
          return (
            <g key={place}>
              <line
                x1={x}
                x2={x}
                y1={chart.y(lowMinutes)}
                y2={chart.y(highMinutes)}
                strokeWidth={isChosen ? 4 : 2.5}
                className={isChosen ? "stroke-accent" : "stroke-muted"}
              />
              <circle
                cx={x}
                cy={chart.y(minutes)}
                r={isChosen ? POINT + 2 : POINT}
                strokeWidth={2}
                className={`stroke-ground ${outfit.does ? "fill-moss" : "fill-muted"}`}
              />
              {outfit.does && (
                <path
                  d={`M${x - 3},${chart.y(minutes)} l2.5,3 l4.5,-6`}
                  fill="none"
                  strokeWidth={1.8}
                  className="stroke-ground"
                />
              )}
            </g>
          );
        })}
        {names.map(({ place, text, x, anchor }, index) => (
          <text
            key={place}
            x={x}
            y={baselines[index]}
            textAnchor={anchor}
            fontSize={12}
            fontWeight={place === chosen ? 700 : 400}
            paintOrder="stroke"
            strokeWidth={4}
            className="fill-ink stroke-ground"
          >
            {text}
          </text>
        ))}
      </svg>
    </div>
  );
}
