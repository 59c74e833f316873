import { describe, expect, it } from "vitest";
import { CoreError } from "../errors";
import { EFFORT_CLASS } from "./effort-class";
import { exertionOf } from "./effort";
import { terrainFactor, walkingHeatW, walkOnFirmGroundWPerKg, type Walk } from "./walking";

const WALK: Walk = {
  speedMPerS: 1.25,
  slopePercent: 0,
  loadKg: 0,
  terrain: "road",
  snowSinkingCm: 0,
  snowshoes: false,
};

describe("walking", () => {
  it("4.5 km/h on the level without load costs 4.16 W/kg (Looney et al. 2019)", () => {
    expect(Math.abs(walkOnFirmGroundWPerKg(1.25, 0) - 4.16)).toBeLessThan(0.02);
  });

  it.each([
    [15, 2.5],
    [30, 3.8],
  ])("snow of %d cm has the terrain factor %d (Pandolf, Haisman & Goldman 1976)", (snowSinkingCm, factor) => {
    expect(Math.abs(terrainFactor({ ...WALK, snowSinkingCm }) - factor)).toBeLessThan(0.06);
  });

  it("costs more uphill, in brush, under load and in snow; snowshoes give some back", () => {
    const heat = (change: Partial<Walk>): number => walkingHeatW({ ...WALK, ...change }, 80);
    expect(heat({ slopePercent: 10 })).toBeGreaterThan(heat({}) + 100);
    expect(heat({ slopePercent: -5 })).toBeLessThan(heat({}) + 80);
    expect(heat({ terrain: "heavyBrush" })).toBeGreaterThan(heat({ terrain: "dirt" }));
    expect(heat({ loadKg: 20 })).toBeGreaterThan(heat({}) * 1.2);
    const deep = heat({ snowSinkingCm: 30 });
    expect(heat({ snowSinkingCm: 30, snowshoes: true })).toBeLessThan(deep);
    expect(heat({ snowSinkingCm: 30, snowshoes: true })).toBeGreaterThan(heat({}));
  });

  it("uphill heat is metabolic rate less lifting: worked by hand for 80 kg at 1 m/s and 10 %", () => {
    const metabolicW = 80 * walkOnFirmGroundWPerKg(1, 10);
    expect(walkingHeatW({ ...WALK, speedMPerS: 1, slopePercent: 10 }, 80)).toBeCloseTo(metabolicW - 80 * 9.81 * 0.1, 6);
  });

  it("refuses a run", () => {
    expect(() => walkingHeatW({ ...WALK, speedMPerS: 4 }, 80)).toThrow(CoreError);
  });
});

describe("an effort", () => {
  it("by class is what the table says, still", () => {
    expect(exertionOf({ kind: "class", class: "drilling" }, 80, 85)).toEqual({
      activityRatio: EFFORT_CLASS.drilling.activityRatio,
      walkSpeedMPerS: 0,
      rideSpeedMPerS: 0,
    });
    // ISO 8996: standing at rest 70 W/m²; a basal heat of 85 W on 1.95 m² gives about that.
    expect(Math.abs((EFFORT_CLASS.standingStill.activityRatio * 85) / 1.95 - 70)).toBeLessThan(10);
  });

  it("by walk is heat over basal, never below rest", () => {
    expect(exertionOf({ kind: "walk", ...WALK }, 80, 85).activityRatio).toBeCloseTo(walkingHeatW(WALK, 80) / 85, 9);
    expect(exertionOf({ kind: "walk", ...WALK, speedMPerS: 0 }, 40, 85).activityRatio).toBe(1);
  });

  it("by ride carries its wind", () => {
    expect(exertionOf({ kind: "ride", speedMPerS: 8, activityRatio: 1.5 }, 80, 85).rideSpeedMPerS).toBe(8);
  });
});
