import { describe, expect, it } from "vitest";
import { saturationPressureKPa } from "../body";
import { projectedAreaShare, sunAbsorbedWPerM2 } from "./sun-on-person";
import { radiantTemperatureAroundC } from "./radiant-temperature";
import { skyEmissivity, snowSurfaceC } from "./sky-radiation";

const NIGHT = {
  airTemperatureC: -10,
  vapourPressureKPa: 0.8 * saturationPressureKPa(-10),
  cloudShare: 0,
  sunElevationDeg: -20,
  skyShare: 1,
  snow: true,
  windMPerS: 1,
};

describe("the sky", () => {
  it("clear air of 10 hPa has the emissivity of Brunt 1932, worked by hand: 0.52 + 0.065·√10", () => {
    expect(skyEmissivity(1, 0)).toBeCloseTo(0.7255, 4);
  });

  it("overcast it is nearly black", () => {
    expect(skyEmissivity(1, 1)).toBeGreaterThan(0.95);
    expect(skyEmissivity(1, 1)).toBeLessThanOrEqual(1);
  });

  it("draws snow below the air on a clear still night, less in wind, not under trees, and never thaws it", () => {
    const emissivity = skyEmissivity(NIGHT.vapourPressureKPa, 0);
    expect(snowSurfaceC(-10, emissivity, 1, 0.5)).toBeLessThan(-14);
    expect(snowSurfaceC(-10, emissivity, 1, 8)).toBeGreaterThan(snowSurfaceC(-10, emissivity, 1, 1));
    expect(snowSurfaceC(-10, emissivity, 0, 1)).toBe(-10);
    expect(snowSurfaceC(5, emissivity, 0, 1)).toBe(0);
  });
});

describe("radiant temperature", () => {
  it("is that of the air where no sky is seen and no sun shines", () => {
    expect(radiantTemperatureAroundC({ ...NIGHT, skyShare: 0 })).toBeCloseTo(-10, 6);
  });

  it("lies well below the air under a clear night sky, near it under cloud", () => {
    const clear = radiantTemperatureAroundC(NIGHT);
    expect(clear).toBeLessThan(-18);
    expect(clear).toBeGreaterThan(-40);
    const cloudy = radiantTemperatureAroundC({ ...NIGHT, cloudShare: 1 });
    expect(Math.abs(cloudy + 10)).toBeLessThan(4); // an overcast sky is still a little colder than the air
  });

  it("sun on snow warms by tens of degrees; shade and cloud take it", () => {
    const noon = { ...NIGHT, sunElevationDeg: 25 };
    const sunny = radiantTemperatureAroundC(noon);
    expect(sunny).toBeGreaterThan(radiantTemperatureAroundC(NIGHT) + 25);
    expect(radiantTemperatureAroundC({ ...noon, snow: false })).toBeLessThan(sunny);
    expect(radiantTemperatureAroundC({ ...noon, skyShare: 0.25 })).toBeLessThan(sunny - 15);
    expect(radiantTemperatureAroundC({ ...noon, cloudShare: 1 })).toBeLessThan(sunny);
  });
});

describe("the sun on a person", () => {
  it("sees about 0.3 of the body from the horizon and less from overhead (Jendritzky et al. 1990)", () => {
    expect(projectedAreaShare(0)).toBeCloseTo(0.308, 3);
    expect(projectedAreaShare(90)).toBeLessThan(0.1);
  });

  it("is nothing at night and rises steadily with the sun", () => {
    expect(sunAbsorbedWPerM2(-1, 0, 1, "snow")).toBe(0);
    const heights = [1, 3, 8, 15, 25, 40];
    const absorbed = heights.map((height) => sunAbsorbedWPerM2(height, 0, 1, "snow"));
    expect([...absorbed].sort((one, other) => one - other)).toEqual(absorbed);
  });
});
