import type { ReachCell } from "@/core/reach";
import { MINUTES_PER_HOUR } from "@/core/units";
import { contours } from "d3-contour";
import { scaleLinear } from "d3-scale";

/** Minutes from which each band begins; the first is what lasts no time at all. */
export const REACH_BANDS = [0, 30, 60, 120, 240, 480] as const;

export type ReachFrame = {
  readonly left: number;
  readonly right: number;
  readonly top: number;
  readonly bottom: number;
};

/** Cells of a whole map: rows of one temperature from the mildest down, each from calm on. */
export type ReachMap = {
  readonly airTemperaturesC: readonly number[];
  readonly windsMPerS: readonly number[];
  readonly cells: readonly ReachCell[];
};

/** Minutes over wind and air temperature as shapes. */
export type ReachChart = {
  readonly x: (windMPerS: number) => number;
  readonly y: (airTemperatureC: number) => number;
  /** Where it lasts at least so long. */
  readonly bands: readonly { readonly fromMinutes: number; readonly path: string }[];
  /** Where it lasts just so long. */
  readonly lineOf: (minutes: number) => string;
  /** Between cells that another limit ends. */
  readonly limitEdges: string;
  /** Each limit once, in the middle of its largest region. */
  readonly limitLabels: readonly { readonly cell: ReachCell; readonly x: number; readonly y: number }[];
  /** Place of the cell nearest to a point. */
  readonly nearest: (x: number, y: number) => number;
};

/** A limit that rules fewer cells has no room for its name. */
const LEAST_NAMED_CELLS = 5;
/** What has no end lies so far above the longest band (assumption of the drawing). */
const ENDLESS_MINUTES = 12 * MINUTES_PER_HOUR;

export function reachChart({ airTemperaturesC, windsMPerS, cells }: ReachMap, frame: ReachFrame): ReachChart {
  const [columns, rows] = [windsMPerS.length, airTemperaturesC.length];
  const x = scaleLinear([windsMPerS[0]!, windsMPerS.at(-1)!], [frame.left, frame.right]);
  const y = scaleLinear([airTemperaturesC[0]!, airTemperaturesC.at(-1)!], [frame.top, frame.bottom]);
  const [perColumn, perRow] = [(frame.right - frame.left) / (columns - 1), (frame.bottom - frame.top) / (rows - 1)];
  const values = cells.map(({ minutesStill }) => minutesStill ?? ENDLESS_MINUTES);
  const contourOf = contours().size([columns, rows]);
  // The contours lie between middles of cells, which begin at half a cell.
  const point = ([column, row]: readonly number[]): string =>
    `${(frame.left + (column! - 0.5) * perColumn).toFixed(1)},${(frame.top + (row! - 0.5) * perRow).toFixed(1)}`;
  const pathOf = (minutes: number): string =>
    contourOf
      .contour(values, minutes)
      .coordinates.flat()
      .map((ring) => `M${ring.map(point).join("L")}Z`)
      .join("");
  return {
    x,
    y,
    bands: REACH_BANDS.map((fromMinutes) => ({ fromMinutes, path: pathOf(fromMinutes) })),
    lineOf: pathOf,
    limitEdges: edgesBetween(cells, columns, frame, perColumn, perRow),
    limitLabels: regionMiddles(cells, columns).map((place) => ({
      cell: cells[place]!,
      x: x(cells[place]!.windMPerS),
      y: y(cells[place]!.airTemperatureC),
    })),
    nearest: (atX, atY) => {
      const column = Math.round((atX - frame.left) / perColumn);
      const row = Math.round((atY - frame.top) / perRow);
      return Math.max(0, Math.min(rows - 1, row)) * columns + Math.max(0, Math.min(columns - 1, column));
    },
  };
}

/** Lines midway between neighbours that end by different limits. */
function edgesBetween(
  cells: readonly ReachCell[],
  columns: number,
  { left, top, right, bottom }: ReachFrame,
  perColumn: number,
  perRow: number,
): string {
  const within = (value: number, from: number, to: number): string => Math.max(from, Math.min(to, value)).toFixed(1);
  return cells
    .flatMap(({ limit }, place) => {
      const [column, row] = [place % columns, Math.floor(place / columns)];
      const lines: string[] = [];
      const across = (at: number): string => within(left + at * perColumn, left, right);
      const down = (at: number): string => within(top + at * perRow, top, bottom);
      if (column + 1 < columns && cells[place + 1]!.limit !== limit)
        lines.push(`M${across(column + 0.5)},${down(row - 0.5)}V${down(row + 0.5)}`);
      const below = cells[place + columns];
      if (below && below.limit !== limit)
        lines.push(`M${across(column - 0.5)},${down(row + 0.5)}H${across(column + 0.5)}`);
      return lines;
    })
    .join("");
}

/** Of each limit the cell that lies deepest in the largest region it ends. */
function regionMiddles(cells: readonly ReachCell[], columns: number): number[] {
  const seen = new Set<number>();
  const largest = new Map<string, number[]>();
  cells.forEach(({ limit }, start) => {
    if (seen.has(start) || limit === null) return;
    const region = regionFrom(cells, columns, start, seen);
    if (region.length > (largest.get(limit)?.length ?? LEAST_NAMED_CELLS - 1)) largest.set(limit, region);
  });
  return [...largest.values()].map((region) => deepest(new Set(region), columns));
}

function neighbours(place: number, columns: number, count: number): number[] {
  const column = place % columns;
  return [
    ...(column > 0 ? [place - 1] : []),
    ...(column + 1 < columns ? [place + 1] : []),
    ...(place >= columns ? [place - columns] : []),
    ...(place + columns < count ? [place + columns] : []),
  ];
}

function regionFrom(cells: readonly ReachCell[], columns: number, start: number, seen: Set<number>): number[] {
  const region = [start];
  seen.add(start);
  for (const place of region) {
    for (const next of neighbours(place, columns, cells.length)) {
      if (seen.has(next) || cells[next]!.limit !== cells[start]!.limit) continue;
      seen.add(next);
      region.push(next);
    }
  }
  return region;
}

/** Peels a region from its edge inwards; the last that is left. */
function deepest(region: Set<number>, columns: number): number {
  let inner = region;
  for (;;) {
    const left = new Set(
      [...inner].filter((place) => {
        const column = place % columns;
        const around = [place - 1, place + 1, place - columns, place + columns];
        return column > 0 && column + 1 < columns && around.every((next) => inner.has(next));
      }),
    );
    if (left.size === 0) return [...inner][Math.floor(inner.size / 2)]!;
    inner = left;
  }
}
