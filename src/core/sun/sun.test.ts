import { describe, expect, it } from "vitest";
import { clearSkyWPerM2 } from "./clear-sky";
import { dayLight, sunPosition } from "./sun-position";

const at = (iso: string): number => Date.parse(iso);

describe("the sun", () => {
  it("stands in the south at solar noon, and its clear-sky radiation vanishes with it", () => {
    const { azimuthDeg, elevationDeg } = sunPosition(at("2027-03-20T12:07:00Z"), 60, 0);
    expect(Math.abs(azimuthDeg - 180)).toBeLessThan(1);
    expect(Math.abs(elevationDeg - 30)).toBeLessThan(0.5); // 90° − latitude at the equinox
    expect(clearSkyWPerM2(elevationDeg)).toBeGreaterThan(400);
    expect(clearSkyWPerM2(-3)).toBe(0);
  });

  it("rises after dawn and sets before dusk", () => {
    const light = dayLight(at("2027-03-27T11:00:00Z"), 62, 12);
    if (light.kind !== "day") throw new Error(light.kind);
    expect(light.dawnMs!).toBeLessThan(light.sunriseMs);
    expect(light.sunriseMs).toBeLessThan(light.sunsetMs);
    expect(light.sunsetMs).toBeLessThan(light.duskMs!);
  });

  it("knows days without night and without sun", () => {
    expect(dayLight(at("2027-06-21T11:00:00Z"), 70, 25).kind).toBe("polarDay");
    const dark = dayLight(at("2026-12-21T11:00:00Z"), 69.5, 25);
    expect(dark.kind).toBe("polarNight");
    expect(dark.kind === "polarNight" && dark.dawnMs).not.toBeNull(); // twilight at noon
  });
});
