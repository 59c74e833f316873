import { describe, expect, it } from "vitest";
import { startOf, type When } from "./when";

const HERE = { latitudeDeg: 62.5, longitudeDeg: 11.3 };
const OSLO = "Europe/Oslo";
const when = (change: Partial<When>): When => ({
  date: "2027-03-27",
  way: "walkAt",
  clock: "05:00",
  minutesBefore: 60,
  ...change,
});
const minutesOfDay = (ms: number): number => new Date(ms).getUTCHours() * 60 + new Date(ms).getUTCMinutes();

describe("when an outing starts", () => {
  it("by the clock of the place, walking or seated; the way and the setting-up take 35 min", () => {
    expect(startOf(when({}), OSLO, null)).toEqual({
      startMs: Date.parse("2027-03-27T04:00:00Z"),
      seatedMs: Date.parse("2027-03-27T04:35:00Z"),
    });
    expect(startOf(when({ way: "seatedAt" }), OSLO, null)).toMatchObject({
      startMs: Date.parse("2027-03-27T03:25:00Z"),
    });
  });

  it("before sunrise and sunset of that place and day (equations of the NOAA solar calculator, computed outside the project: 05:53 and 18:48, within 3 min)", () => {
    const rise = startOf(when({ way: "beforeSunrise" }), OSLO, HERE);
    const set = startOf(when({ way: "beforeSunset", minutesBefore: 0 }), OSLO, HERE);
    if (typeof rise === "string" || typeof set === "string") throw new Error("the sun rises and sets there");
    expect(Math.abs(minutesOfDay(rise.seatedMs) - (4 * 60 + 53 - 60))).toBeLessThanOrEqual(3);
    expect(Math.abs(minutesOfDay(set.seatedMs) - (17 * 60 + 48))).toBeLessThanOrEqual(3);
    expect(rise.seatedMs - rise.startMs).toBe(35 * 60_000);
  });

  it("says why there is none: no sun known, none that day, no date", () => {
    expect(startOf(when({ way: "beforeSunset" }), OSLO, null)).toMatch(/no point on the map/);
    const north = { latitudeDeg: 78, longitudeDeg: 15 };
    expect(startOf(when({ way: "beforeSunrise", date: "2026-12-21" }), OSLO, north)).toMatch(/does not rise or set/);
    expect(startOf(when({ date: "" }), OSLO, HERE)).toMatch(/Give a date/);
  });
});
