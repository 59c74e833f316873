import { describe, expect, it } from "vitest";
import { placementsApart } from "../outfit/outfit-code";
import { Nearby } from "./nearby";
import type { Judgement } from "./outfit-judge";

const code = (...placements: readonly number[]): Uint8Array =>
  Uint8Array.from({ length: 30 }, (_, index) => placements[index] ?? 0);

/** A fit that says the same of all: two limits, in minutes. */
const fitSaying = (toes: number, fingers: number) => ({
  byFit: () => Float64Array.of(Math.log(toes), Math.log(fingers)),
  seen: ({ met }: Judgement, fitted: Float64Array) =>
    Float64Array.of(met.toes ? Math.log(met.toes) : fitted[0]!, met.fingers ? Math.log(met.fingers) : fitted[1]!),
});

const judged = (own: Uint8Array, met: Judgement["met"]) => ({
  code: own,
  met,
  minutes: 100,
  isLonger: false,
  limit: null,
  part: null,
  coveredMinutes: 100,
  sweatGPerM2: 0,
});

describe("a guess among what was judged nearby", () => {
  it("is the fit's first limit where nothing is near", () => {
    const far = judged(code(...Array<number>(20).fill(1)), { toes: 10 });
    expect(new Nearby(fitSaying(200, 120), [far]).guess(code())).toBeCloseTo(120, 9);
  });

  it("is nearly what was seen of the very same, less so of others the further they are", () => {
    const guess = (own: Uint8Array): number =>
      new Nearby(fitSaying(200, 400), [judged(code(1, 1), { toes: 100 })]).guess(own);
    const [same, near, further] = [guess(code(1, 1)), guess(code(1)), guess(code(0, 0, 1, 1, 1))];
    // By hand: ln 200 − ln 2 · 1 / (1 + 0.2).
    expect(same).toBeCloseTo(200 / 2 ** (1 / 1.2), 9);
    expect(near).toBeGreaterThan(same);
    expect(further).toBeGreaterThan(near);
    expect(further).toBeLessThan(200);
  });

  it("another limit rules where that one is pushed away", () => {
    const longer = judged(code(1), { toes: 800, fingers: 300 });
    expect(new Nearby(fitSaying(200, 300), [longer]).guess(code(1))).toBeCloseTo(300, 9);
  });
});

it("placements apart are counted no further than is asked", () => {
  expect(placementsApart(code(1, 2, 3), code(1, 0, 1), 12)).toBe(2);
  expect(placementsApart(code(1, 1, 1, 1, 1), code(), 2)).toBe(3);
});
