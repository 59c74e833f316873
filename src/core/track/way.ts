import type { TrackPoint } from "./track-point";

/** Mean radius of the earth, m. @source IUGG (from memory); its roundness errs by half a percent at most */
const EARTH_RADIUS_M = 6_371_008.8;
const RAD_PER_DEG = Math.PI / 180;
/** Rises and falls smaller than this are noise of the receiver (assumption). */
export const NOISE_M = 4;

/** Distance between two points over a round earth, m. @source haversine formula (Sinnott 1984, from memory) */
export function distanceM([latA, lonA]: TrackPoint, [latB, lonB]: TrackPoint): number {
  const [a, b] = [latA * RAD_PER_DEG, latB * RAD_PER_DEG];
  const half = (radians: number): number => Math.sin(radians / 2) ** 2;
  const chord = half(b - a) + Math.cos(a) * Math.cos(b) * half((lonB - lonA) * RAD_PER_DEG);
  return 2 * EARTH_RADIUS_M * Math.asin(Math.min(1, Math.sqrt(chord)));
}

/** A way in figures. */
export type Way = {
  readonly distanceM: number;
  /** From the first point to the last; `null` where heights are not known. */
  readonly climbM: number | null;
  /** Rises and falls added up, m. */
  readonly upM: number;
  readonly downM: number;
  /** Distance from the start and height, m, of the points whose height is known. */
  readonly profile: readonly (readonly [distanceM: number, elevationM: number])[];
};

/** Adds up rises and falls, each once it is more than noise. */
function risesAndFalls(heights: readonly number[]): { readonly upM: number; readonly downM: number } {
  let [upM, downM] = [0, 0];
  let from = heights[0] ?? 0;
  for (const height of heights) {
    const rise = height - from;
    if (Math.abs(rise) < NOISE_M) continue;
    if (rise > 0) upM += rise;
    else downM -= rise;
    from = height;
  }
  return { upM, downM };
}

/** A way in figures. @param points at least two */
export function wayOf(points: readonly TrackPoint[]): Way {
  let gone = 0;
  const profile: [number, number][] = [];
  points.forEach((point, place) => {
    if (place > 0) gone += distanceM(points[place - 1]!, point);
    if (point[2] !== null) profile.push([gone, point[2]]);
  });
  const [first, last] = [points[0]?.[2] ?? null, points.at(-1)?.[2] ?? null];
  return {
    distanceM: gone,
    climbM: first === null || last === null ? null : last - first,
    ...risesAndFalls(profile.map(([, height]) => height)),
    profile,
  };
}
