import simplify from "simplify-js";
import type { TrackPoint } from "@/core/track";

const FIRST_TOLERANCE_M = 2;
const M_PER_DEG = 111_195; // of latitude, on a round earth
const RAD_PER_DEG = Math.PI / 180;

/** Over ground as short as a walk the earth is flat: points in metres north and east of the first. */
function flat(points: readonly TrackPoint[]): { x: number; y: number; index: number }[] {
  const [latitude, longitude] = points[0]!;
  const east = M_PER_DEG * Math.cos(latitude * RAD_PER_DEG);
  return points.map(([lat, lon], index) => ({
    x: (lon - longitude) * east,
    y: (lat - latitude) * M_PER_DEG,
    index: index,
  }));
}

/**
 * A track with no more points than are kept, first and last among them.
 * @source Ramer 1972, Douglas & Peucker 1973, by the package simplify-js after a first pass that leaves out what lies close
 * to its neighbour, with a tolerance that doubles until it fits
 */
export function thinned(points: readonly TrackPoint[], most: number): TrackPoint[] {
  if (points.length <= most) return [...points];
  const plane = flat(points);
  for (let toleranceM = FIRST_TOLERANCE_M; ; toleranceM *= 2) {
    const kept = simplify(plane, toleranceM) as typeof plane;
    if (kept.length <= most) return kept.map(({ index: index }) => points[index]!);
  }
}
