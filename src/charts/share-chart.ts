import { extent } from "d3-array";
import { scaleLinear, scaleLog } from "d3-scale";
import type { Frame } from "./front-chart";

/** A sit: how cold it was, and how long it was over what was predicted. */
export type SharePoint = { readonly airTemperatureC: number; readonly share: number };

export type ShareChart = {
  readonly x: (airTemperatureC: number) => number;
  readonly y: (share: number) => number;
  readonly temperatures: readonly number[];
  readonly shares: readonly number[];
};

/** Half and twice are as far from alike; farther off is drawn at the edge. */
const SHARES = [0.25, 0.5, 1, 2, 4];
/** Around a single temperature there has to be room too. */
const ROOM_K = 2;

/** Real over predicted minutes by air temperature, the cold to the left. */
export function shareChart(points: readonly SharePoint[], { left, right, top, bottom }: Frame): ShareChart {
  const [coldest = 0, warmest = 0] = extent(points, ({ airTemperatureC }) => airTemperatureC);
  const x = scaleLinear([coldest - ROOM_K, warmest + ROOM_K], [left, right]).nice();
  const y = scaleLog([SHARES[0]!, SHARES.at(-1)!], [bottom, top]).clamp(true);
  return { x, y: (share) => y(Math.max(SHARES[0]!, share)), temperatures: x.ticks(6), shares: SHARES };
}
