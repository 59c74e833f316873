import { describe, expect, it } from "vitest";
import { wayOf, type TrackPoint } from "@/core/track";
import { thinned } from "./thinned";

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

  it("of a hundred thousand points is found without holding anything up", () => {
    const long = Array.from({ length: 100_000 }, (_, at): TrackPoint => [
      62 + at * 2e-7,
      11 + 3e-3 * Math.sin(at / 700) + 1e-5 * Math.sin(at * 12.9898),
      null,
    ]);
    const kept = thinned(long, 400);
    expect(kept.length).toBeLessThanOrEqual(400);
    expect(kept.length).toBeGreaterThan(50);
  });

  it("of a way there and back keeps the turn; one that swings wide is thinned until it fits", () => {
    const out = Array.from({ length: 300 }, (_, at): TrackPoint => [62 + at * 1e-5, 11, null]);
    const loop = [...out, ...[...out].reverse()];
    const turn = thinned(loop, 400).map(([latitude]) => latitude);
    expect(Math.abs(Math.max(...turn) - out.at(-1)![0])).toBeLessThan(3e-5); // within the two metres of a first pass
    const wide = Array.from({ length: 2000 }, (_, at): TrackPoint => [62 + at * 1e-5, 11 + (at % 2) * 1e-3, null]);
    const kept = thinned(wide, 50);
    expect(kept.length).toBeLessThanOrEqual(50);
    expect([kept[0], kept.at(-1)]).toEqual([wide[0], wide.at(-1)]);
  });
});
