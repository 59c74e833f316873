import { distanceM } from "./way";
import type { TrackPoint } from "./track-point";

const FIRST_TOLERANCE_M = 2;

/** How far a point lies off the line between two others, m; over ground as short as a walk the earth is flat. */
function offLineM(point: TrackPoint, from: TrackPoint, to: TrackPoint): number {
  const length = distanceM(from, to);
  const [a, b] = [distanceM(from, point), distanceM(point, to)];
  if (length === 0) return a;
  const half = (length + a + b) / 2; // Heron
  const area = Math.sqrt(Math.max(0, half * (half - length) * (half - a) * (half - b)));
  return (2 * area) / length;
}

/** Points that are needed so that none left out lies further off than the tolerance. */
function needed(points: readonly TrackPoint[], toleranceM: number): TrackPoint[] {
  const keep = new Set([0, points.length - 1]);
  const open: [number, number][] = [[0, points.length - 1]];
  for (let span = open.pop(); span; span = open.pop()) {
    const [from, to] = span;
    let [worst, worstM] = [-1, toleranceM];
    for (let place = from + 1; place < to; place++) {
      const off = offLineM(points[place]!, points[from]!, points[to]!);
      if (off > worstM) [worst, worstM] = [place, off];
    }
    if (worst < 0) continue;
    keep.add(worst);
    open.push([from, worst], [worst, to]);
  }
  return points.filter((_, place) => keep.has(place));
}

/**
 * A track with no more points than are kept, first and last among them.
 * @source Ramer 1972, Douglas & Peucker 1973 (from memory), with a tolerance that doubles until it fits
 */
export function thinned(points: readonly TrackPoint[], most: number): TrackPoint[] {
  if (points.length <= most) return [...points];
  for (let toleranceM = FIRST_TOLERANCE_M; ; toleranceM *= 2) {
    const kept = needed(points, toleranceM);
    if (kept.length <= most) return kept;
  }
}
