import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { FASTEST_M_PER_S } from "./walking-pace";
import { walkingHeatW, type Walk } from "./walking";
import { walkingPaceMPerS } from "./walking-pace";

const flat: Omit<Walk, "speedMPerS"> = {
  slopePercent: 0,
  loadKg: 8,
  terrain: "dirt",
  snowSinkingCm: 0,
  snowshoes: false,
};
const HEAT_W = 320;

describe("the pace at which a walk makes so much heat", () => {
  it("makes it", () => {
    fc.assert(
      fc.property(
        fc.integer({ min: 0, max: 25 }),
        fc.integer({ min: 0, max: 20 }),
        fc.integer({ min: 0, max: 20 }),
        fc.integer({ min: 200, max: 500 }),
        (slopePercent, loadKg, snowSinkingCm, heatW) => {
          const walk = { ...flat, slopePercent, loadKg, snowSinkingCm };
          const speedMPerS = walkingPaceMPerS(walk, 75, heatW);
          const made = walkingHeatW({ ...walk, speedMPerS }, 75);
          if (speedMPerS > 0.151 && speedMPerS < 1.499) expect(made).toBeCloseTo(heatW, 0);
          else expect(speedMPerS > 1 ? made <= heatW + 1 : made >= heatW - 1).toBe(true);
        },
      ),
    );
  });

  it("is slower with load, uphill and in snow, and faster again on snowshoes", () => {
    const pace = (change: Partial<Walk>): number => walkingPaceMPerS({ ...flat, ...change }, 75, HEAT_W);
    expect(pace({ loadKg: 25 })).toBeLessThan(pace({}));
    expect(pace({ slopePercent: 12 })).toBeLessThan(pace({}));
    expect(pace({ snowSinkingCm: 20 })).toBeLessThan(pace({}));
    expect(pace({ snowSinkingCm: 20, snowshoes: true })).toBeGreaterThan(pace({ snowSinkingCm: 20 }));
  });

  it("downhill without snow is no faster than one walks with a pack", () => {
    expect(walkingPaceMPerS({ ...flat, slopePercent: -8 }, 75, 500)).toBe(FASTEST_M_PER_S);
  });
});
