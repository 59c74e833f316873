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

  it("uphill heat is metabolic rate less lifting: worked by hand for 80 kg at 1 m/s and 10 % (Looney et al. 2019)", () => {
    // 1.44 + 1.94·1 + 0.24·1 + 0.34·10·(1 − 1.05^(1 − 1.1^42)) = 6.77 W/kg; 80 kg lifted 0.1 m a second take 78.5 W.
    expect(Math.abs(walkOnFirmGroundWPerKg(1, 10) - 6.77)).toBeLessThan(0.01);
    expect(Math.abs(walkingHeatW({ ...WALK, speedMPerS: 1, slopePercent: 10 }, 80) - (541.8 - 78.5))).toBeLessThan(1);
  });

  it("refuses a run", () => {
    expect(() => walkingHeatW({ ...WALK, speedMPerS: 4 }, 80)).toThrow(CoreError);
  });
});

describe("an effort", () => {
  it("by class goes nowhere, and is a little over the rates of ISO 8996 a square metre (from memory) or under", () => {
    const ofClass = (name: keyof typeof EFFORT_CLASS) => exertionOf({ kind: "class", class: name }, 80, 85);
    expect(ofClass("drilling")).toMatchObject({ walkSpeedMPerS: 0, rideSpeedMPerS: 0 });
    const wPerM2 = (name: keyof typeof EFFORT_CLASS): number => (ofClass(name).activityRatio * 85) / 1.95;
    expect(Math.abs(wPerM2("standingStill") - 70)).toBeLessThan(10); // standing at rest
    expect(wPerM2("drilling")).toBeGreaterThan(165 * 0.75); // moderate work with arms and trunk, 165 to 230
    expect(wPerM2("drilling")).toBeLessThan(230 * 1.25);
  });

  it("by walk is heat over basal, never below rest", () => {
    // 4.16 W/kg of 80 kg over a basal heat of 85 W.
    expect(Math.abs(exertionOf({ kind: "walk", ...WALK }, 80, 85).activityRatio - (4.16 * 80) / 85)).toBeLessThan(0.03);
    expect(exertionOf({ kind: "walk", ...WALK, speedMPerS: 0 }, 40, 85).activityRatio).toBe(1);
  });

  it("by ride carries its wind", () => {
    expect(exertionOf({ kind: "ride", speedMPerS: 8, activityRatio: 1.5 }, 80, 85).rideSpeedMPerS).toBe(8);
  });
});
