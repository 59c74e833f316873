import { MINUTES_PER_HOUR, MS_PER_MINUTE } from "@/core/units";
import { scaleLinear, type ScaleLinear } from "d3-scale";
import { clockText } from "@/formats/display/time";

const TICK_STEPS_MINUTES = [15, 30, 60, 120, 180, 360];
const PX_PER_TICK = 58;
/** A label may stand half its width before the edge, which has a little room beyond it. */
const HALF_LABEL_PX = 18;
const EDGE_PX = 12;

export type Tick = { readonly minute: number; readonly x: number; readonly text: string };

/** The shared time axis of a day sheet: minutes of the outing to pixels, ticks at wall-clock hours. */
export type TimeAxis = {
  readonly x: ScaleLinear<number, number>;
  readonly totalMinutes: number;
  readonly left: number;
  readonly right: number;
  readonly ticks: readonly Tick[];
};

/** @param at when and where the outing is: ticks fall on whole wall-clock hours of the place */
export function timeAxis(
  at: { readonly startsAt: string; readonly timeZone: string; readonly totalMinutes: number },
  left: number,
  right: number,
): TimeAxis {
  const { startsAt, timeZone, totalMinutes } = at;
  const x = scaleLinear().domain([0, totalMinutes]).range([left, right]);
  const room = Math.max(2, Math.floor((right - left) / PX_PER_TICK));
  const step = TICK_STEPS_MINUTES.find((minutes) => totalMinutes / minutes <= room) ?? 720;
  const start = Date.parse(startsAt);
  const [hour, minute] = clockText(start, timeZone).split(":").map(Number);
  const sinceMidnight = (hour ?? 0) * MINUTES_PER_HOUR + (minute ?? 0);
  const first = (step - (sinceMidnight % step)) % step;
  const ticks: Tick[] = [];
  for (let tick = first; tick <= totalMinutes && x(tick) <= right - HALF_LABEL_PX + EDGE_PX; tick += step) {
    ticks.push({ minute: tick, x: x(tick), text: clockText(start + tick * MS_PER_MINUTE, timeZone) });
  }
  return { x, totalMinutes, left, right, ticks };
}
