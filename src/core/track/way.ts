import type { TrackPoint } from "./track-point";

/** Mean radius of the earth, m. @source IUGG (from memory); its roundness errs by half a percent at most */
const EARTH_RADIUS_M = 6_371_008.8;
const RAD_PER_DEG = Math.PI / 180;
/** Rises and falls smaller than this, of heights that are smoothed, are noise of the receiver (assumption). */
export const NOISE_M = 4;
/** Heights are smoothed over so much of the way to both sides, m (assumption): noise alternates, ground does not. */
const SMOOTHED_OVER_M = 60;

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

/** First place at which rising values are no longer under a value. */
function firstFrom(values: readonly number[], value: number): number {
  let [low, high] = [0, values.length];
  while (low < high) {
    const middle = (low + high) >> 1;
    if (values[middle]! < value) low = middle + 1;
    else high = middle;
  }
  return low;
}

/**
 * Heights as means over the way around them, twice over, so that near ones count more. A receiver that errs by ten metres
 * from point to point would else climb three times the hill. Towards the ends the way shrinks to nothing: they stay.
 */
function smoothed(profile: readonly (readonly [distanceM: number, elevationM: number])[]): number[] {
  const along = profile.map(([at]) => at);
  const whole = along.at(-1) ?? 0;
  const means = (heights: readonly number[]): number[] => {
    const sums = [0];
    for (const height of heights) sums.push(sums.at(-1)! + height);
    return along.map((at) => {
      const reach = Math.min(SMOOTHED_OVER_M, at, whole - at);
      const [from, to] = [firstFrom(along, at - reach), firstFrom(along, at + reach + Number.EPSILON * whole)];
      return to - from > 1 ? (sums[to]! - sums[from]!) / (to - from) : heights[Math.min(from, heights.length - 1)]!;
    });
  };
  return means(means(profile.map(([, height]) => height)));
}

/** A way in figures. @param points at least two */
export function wayOf(points: readonly TrackPoint[]): Way {
  let gone = 0;
  const profile: [number, number][] = [];
  points.forEach((point, index) => {
    if (index > 0) gone += distanceM(points[index - 1]!, point);
    if (point[2] !== null) profile.push([gone, point[2]]);
  });
  const [first, last] = [points[0]?.[2] ?? null, points.at(-1)?.[2] ?? null];
  return {
    distanceM: gone,
    climbM: first === null || last === null ? null : last - first,
    ...risesAndFalls(smoothed(profile)),
    profile,
  };
}
