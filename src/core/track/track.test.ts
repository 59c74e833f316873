import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { distanceM, thinned, wayOf, type TrackPoint } from ".";

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

describe("a thinned track", () => {
  const winding = Array.from({ length: 3000 }, (_, at): TrackPoint => [
    62 + at * 1e-5,
    11 + 2e-4 * Math.sin(at / 40),
    null,
  ]);

  it("keeps first and last, no more than asked, and nearly its length", () => {
    const kept = thinned(winding, 400);
    expect(kept.length).toBeLessThanOrEqual(400);
    expect([kept[0], kept.at(-1)]).toEqual([winding[0], winding.at(-1)]);
    expect(wayOf(kept).distanceM / wayOf(winding).distanceM).toBeGreaterThan(0.97);
  });

  it("leaves a short track as it is, and a straight one with its ends", () => {
    expect(thinned(winding.slice(0, 300), 400)).toEqual(winding.slice(0, 300));
    const straight = Array.from({ length: 900 }, (_, at): TrackPoint => [62 + at * 1e-5, 11, null]);
    expect(thinned(straight, 400)).toEqual([straight[0], straight.at(-1)]);
  });

  it("of a way there and back keeps the turn; one that swings wide is thinned until it fits", () => {
    const out = Array.from({ length: 300 }, (_, at): TrackPoint => [62 + at * 1e-5, 11, null]);
    const loop = [...out, ...[...out].reverse()];
    expect(thinned(loop, 400)).toContainEqual(out.at(-1));
    const wide = Array.from({ length: 2000 }, (_, at): TrackPoint => [62 + at * 1e-5, 11 + (at % 2) * 1e-3, null]);
    const kept = thinned(wide, 50);
    expect(kept.length).toBeLessThanOrEqual(50);
    expect([kept[0], kept.at(-1)]).toEqual([wide[0], wide.at(-1)]);
  });
});
