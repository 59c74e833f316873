import { describe, expect, it } from "vitest";
import { capacityShare, pocketC } from "./battery";
import { heatCourse, packPowerW } from "./heat-course";
import type { HeatSource } from "./heat-source";

const pack: Extract<HeatSource, { kind: "pack" }> = { kind: "pack", powerW: 1.5, hours: 8, startUpMinutes: 20 };
const vest: HeatSource = { kind: "electric", levelsW: [4, 8, 12], batteryWh: 36 };
const total = (values: Float64Array): number => values.reduce((sum, value) => sum + value, 0);

describe("a pack", () => {
  it("takes a while to start, runs its hours, and never gives more than power times hours", () => {
    expect(packPowerW(pack, -1)).toBe(0);
    expect(packPowerW(pack, 10)).toBeCloseTo(0.75, 6);
    expect(packPowerW(pack, 60)).toBe(1.5);
    expect(packPowerW(pack, 8 * 60)).toBe(0);
    const { powerW, leftShare } = heatCourse(pack, [{ fromMinute: 0, toMinute: 10, level: 1 }], 600, -10);
    expect(total(powerW)).toBeLessThan(1.5 * 480);
    expect(total(powerW)).toBeGreaterThan(0.8 * 1.5 * 480);
    expect(leftShare).toBeNull();
  });

  it("opened before leaving is already at work at the start", () => {
    expect(heatCourse(pack, [{ fromMinute: -30, toMinute: 0, level: 1 }], 60, -10).powerW[0]).toBe(1.5);
  });
});

describe("a pack that needs no time to start", () => {
  it("gives its full power from the first minute", () => {
    const course = heatCourse({ ...pack, startUpMinutes: 0 }, [{ fromMinute: 0, toMinute: 60, level: 1 }], 60, -10);
    expect(course.powerW[0]).toBe(1.5);
  });
});

describe("a battery", () => {
  it("gives less the colder it is, and never nothing nor more than printed", () => {
    const shares = [-60, -40, -25, -10, 0, 10, 20, 35].map(capacityShare);
    expect([...shares].sort((one, other) => one - other)).toEqual(shares);
    expect(Math.min(...shares)).toBeGreaterThan(0);
    expect(Math.max(...shares)).toBe(1);
  });

  it("against the body is warmer than the air", () => expect(pocketC(-20)).toBeGreaterThan(-10));

  it("gives what it holds and no more, and tells when it was empty", () => {
    const all = [{ fromMinute: 0, toMinute: 600, level: 3 }];
    const { powerW, emptyAtMinute, leftShare } = heatCourse(vest, all, 600, -20);
    expect(total(powerW) / 60).toBeCloseTo(36 * capacityShare(pocketC(-20)), 6);
    expect(leftShare).toBeCloseTo(0, 9);
    expect(emptyAtMinute).toBeGreaterThan(120);
    expect(emptyAtMinute).toBeLessThan(180);
  });

  it("on a lower level lasts longer; off it gives nothing", () => {
    const [low, off] = [
      heatCourse(vest, [{ fromMinute: 60, toMinute: 180, level: 1 }], 600, -20),
      heatCourse(vest, [], 600, -20),
    ];
    expect(low.emptyAtMinute).toBeNull();
    expect(low.powerW[30]).toBe(0);
    expect(low.powerW[90]).toBe(4);
    expect(total(off.powerW)).toBe(0);
  });
});
