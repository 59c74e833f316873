import { describe, expect, it } from "vitest";
import { saturationPressureKPa } from "../body";
import { dewPointC, fog, touch } from ".";
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
