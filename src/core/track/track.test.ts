import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { distanceM, wayOf } from "./way";
import type { TrackPoint } from "./track-point";

/** A minute of latitude is a nautical mile by its old definition; the international mile is 1852 m (exact). */
const NAUTICAL_MILE_M = 1852;

describe("a way", () => {
  it("is a nautical mile a minute of latitude, and half of that a minute of longitude at 60°", () => {
    const minute = 1 / 60;
    expect(distanceM([62, 11, null], [62 + minute, 11, null]) / NAUTICAL_MILE_M).toBeCloseTo(1, 2);
    const ofLongitude = distanceM([60, 11, null], [60, 11 + minute, null]);
    expect(ofLongitude / NAUTICAL_MILE_M).toBeCloseTo(Math.cos(Math.PI / 3), 2);
  });

  it("adds up legs, rises and falls, and leaves the receiver's noise out", () => {
    const points: TrackPoint[] = [
      [62, 11, 400],
      [62.001, 11, 402],
      [62.002, 11, 399],
      [62.003, 11, 430],
      [62.004, 11, 420],
    ];
    const way = wayOf(points);
    expect(way.distanceM).toBeCloseTo(distanceM(points[0]!, points[4]!), 3);
    expect(way).toMatchObject({ climbM: 20, upM: 30, downM: 10 });
    expect(way.profile).toHaveLength(5);
    expect(
      wayOf([
        [62, 11, null],
        [62.1, 11, null],
      ]),
    ).toMatchObject({ climbM: null, upM: 0, profile: [] });
  });

  it("climbs a hill once, however much the receiver errs from point to point", () => {
    // A hill of 279.5 m up and down again, with 10 m of noise that alternates: 1,614 m when every step counts.
    const count = 1001;
    const hill = (index: number): number => 279.5 * Math.sin((index / (count - 1)) * Math.PI);
    const noise = (index: number): number => 10 * (((Math.sin(index * 12.9898) * 43758.5453) % 1) as number);
    const points = (isNoisy: boolean): TrackPoint[] =>
      Array.from({ length: count }, (_, index) => [
        62 + index * 5e-5,
        11,
        500 + hill(index) + (isNoisy ? noise(index) : 0),
      ]);
    const quiet = wayOf(points(false));
    const noisy = wayOf(points(true));
    expect(quiet.upM + quiet.downM).toBeGreaterThan(0.97 * 559);
    expect(Math.abs(noisy.upM + noisy.downM - 559) / 559).toBeLessThan(0.05);
    // gpxpy's own sum (each height smoothed 0.3, 0.4, 0.3 with its neighbours; from memory of its source), without noise.
    const heights = points(false).map(([, , height]) => height!);
    const smooth = heights.map((height, index) =>
      index === 0 || index === count - 1
        ? height
        : 0.3 * heights[index - 1]! + 0.4 * height + 0.3 * heights[index + 1]!,
    );
    const up = smooth.slice(1).reduce((sum, height, index) => sum + Math.max(0, height - smooth[index]!), 0);
    expect(Math.abs(quiet.upM - up) / up).toBeLessThan(0.03);
  });

  it("is as long there as back, and never shorter than the straight line", () => {
    const point = fc.tuple(
      fc.double({ min: 61, max: 62, noNaN: true }),
      fc.double({ min: 10, max: 11, noNaN: true }),
      fc.constant(null),
    );
    fc.assert(
      fc.property(fc.array(point, { minLength: 2, maxLength: 30 }), (points) => {
        const way = wayOf(points);
        expect(wayOf([...points].reverse()).distanceM).toBeCloseTo(way.distanceM, 3);
        expect(way.distanceM).toBeGreaterThanOrEqual(distanceM(points[0]!, points.at(-1)!) - 1e-6);
      }),
    );
  });
});
