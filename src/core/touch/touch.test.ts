import { describe, expect, it } from "vitest";
import { saturationPressureKPa } from "../body";
import { dewPointC, fog } from "./fog";
import { THIN_GLOVE_M2K_PER_W, touch, touchesToFreezing } from "./touch";
import { scaledComplement } from "./touch";

describe("bare skin on a cold thing", () => {
  it("meets metal nearly at the metal's temperature, foam nearly at the skin's", () => {
    expect(touch("aluminium", -20).contactC).toBeLessThan(-16);
    expect(touch("foam", -20).contactC).toBeGreaterThan(22);
    expect(touch("foam", -20).secondsToFreezing).toBeNull();
  });

  it("freezes sooner the colder the metal, and sooner on metal than on plastic (order of ISO 13732-3's figures)", () => {
    const seconds = [-15, -20, -30, -40].map((thingC) => touch("aluminium", thingC).secondsToFreezing!);
    expect([...seconds].sort((one, other) => other - one)).toEqual(seconds);
    expect(seconds[0]).toBeLessThan(30);
    const plastic = touch("plastic", -60).secondsToFreezing;
    expect(plastic ?? Infinity).toBeGreaterThan(touch("aluminium", -60).secondsToFreezing!);
  });

  it("never freezes within a touch where both meet a hair below zero", () => {
    const { contactC, secondsToFreezing } = touch("aluminium", -1.31);
    expect(contactC).toBeLessThan(0);
    expect(contactC).toBeGreaterThan(-0.02);
    expect(secondsToFreezing).toBeNull();
  });

  it("falls as the complementary error function tells: series and asymptote of e^(z²)·erfc(z)", () => {
    expect(scaledComplement(0)).toBeCloseTo(1, 6);
    const small = 0.01; // 1 − 2z/√π + z² − …
    expect(scaledComplement(small)).toBeCloseTo(1 - (2 * small) / Math.sqrt(Math.PI) + small ** 2, 5);
    const large = 20; // 1/(z√π)·(1 − 1/(2z²))
    expect(scaledComplement(large)).toBeCloseTo((1 - 1 / (2 * large ** 2)) / (large * Math.sqrt(Math.PI)), 6);
    expect(scaledComplement(2.999)).toBeCloseTo(scaledComplement(3.001), 3);
  });

  it("on metal at −10 °C freezes within seconds, on plastic and wood not at all (ISO 13732-3, from memory)", () => {
    expect(touch("aluminium", -10).secondsToFreezing!).toBeLessThan(10);
    expect(touch("aluminium", -10).secondsToFreezing!).toBeGreaterThan(2);
    expect(touch("steel", -10).secondsToFreezing!).toBeLessThan(15);
    for (const thing of ["plastic", "wood"] as const) expect(touch(thing, -10).secondsToFreezing).toBeNull();
  });

  it("a thin glove makes it minutes, and touches add up: what one does not, several do", () => {
    const bare = touch("aluminium", -20).secondsToFreezing!;
    const gloved = touch("aluminium", -20, 25, THIN_GLOVE_M2K_PER_W).secondsToFreezing ?? Infinity;
    expect(gloved).toBeGreaterThan(20 * bare);
    const often = (everyS: number): number => touchesToFreezing("aluminium", -10, { seconds: 3, everyS }) ?? Infinity;
    expect(often(10)).toBeGreaterThan(1);
    expect(often(10)).toBeLessThan(often(600));
    expect(touchesToFreezing("aluminium", -30, { seconds: 5, everyS: 120 })).toBe(1);
  });

  it("refuses what is no cold touch", () => expect(() => touch("steel", 30)).toThrow(/thingC/));
});

describe("fog", () => {
  it("the dew point gives the vapour back that it came from", () => {
    for (const kPa of [0.05, 0.4, 1.2, 3]) expect(saturationPressureKPa(dewPointC(kPa))).toBeCloseTo(kPa, 2);
  });

  it("comes from breath that a covered nose sends up, and not where the glass is warm", () => {
    const covered = fog(-5, 80, -5, "faceCovered");
    expect(covered.fogs).toBe(true);
    expect(covered.warmerByK).toBeGreaterThan(fog(-5, 80, -5, "faceBare").warmerByK);
    expect(fog(-5, 80, 25, "faceCovered")).toMatchObject({ fogs: false, warmerByK: 0 });
  });
});
