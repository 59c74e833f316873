import { describe, expect, it } from "vitest";
import { exposureLimit, requiredInsulation } from "./ireq";
import { frostbiteMinutes, windChillHazard, windChillIndexC } from "./wind-chill";
import { iso9920Insulation } from "./iso-9920";
import type { IreqInput } from "./ireq-balance";
import { ISO_9920_RANGE } from "./iso-9920";
import { WIND_CHILL_RANGE } from "./wind-chill";

const sitting: IreqInput = {
  airTemperatureC: -15,
  radiantTemperatureC: -15,
  relativeWindMPerS: 0.4,
  relativeHumidityPercent: 85,
  metabolicRateWPerM2: 70,
  walkSpeedMPerS: 0,
};

describe("wind chill", () => {
  it.each([
    [-10, 30, -20],
    [-25, 50, -42],
    [0, 20, -5],
  ])("%d °C at %d km/h is %d (Environment Canada's chart, whole degrees)", (air, wind, chart) => {
    const index = windChillIndexC(air, wind);
    if (index.kind !== "applies") throw new Error("the chart has a value here");
    expect(Math.abs(index.value - chart)).toBeLessThanOrEqual(0.5);
  });

  it("answers not applicable outside what it was made for", () => {
    expect(windChillIndexC(15, 30)).toMatchObject({ kind: "notApplicable", why: /−50…10/ });
    expect(windChillIndexC(-10, 2).kind).toBe("notApplicable");
    expect(frostbiteMinutes(-10, 40).kind).toBe("notApplicable");
    expect(frostbiteMinutes(-30, 20).kind).toBe("notApplicable");
    expect(frostbiteMinutes(-15.1, 25.1).kind).toBe("notApplicable"); // later than half an hour
    expect(frostbiteMinutes(-70, 80).kind).toBe("notApplicable"); // sooner than two minutes
  });

  it("is defined up to and including the bounds of its chart", () => {
    const { airTemperatureC, windKmh } = WIND_CHILL_RANGE;
    for (const air of airTemperatureC)
      for (const wind of windKmh) expect(windChillIndexC(air, wind).kind).toBe("applies");
    const [coldest, warmest] = airTemperatureC;
    const [calmest, windiest] = windKmh;
    for (const air of [coldest - 0.1, warmest + 0.1]) expect(windChillIndexC(air, 30).kind).toBe("notApplicable");
    for (const wind of [calmest - 0.1, windiest + 0.1]) expect(windChillIndexC(-10, wind).kind).toBe("notApplicable");
    expect(windChillIndexC(NaN, 30).kind).toBe("notApplicable");
  });

  it("freezes sooner in more cold and wind, and the hazard grows with it", () => {
    const minutes = (air: number, wind: number): number => {
      const answer = frostbiteMinutes(air, wind);
      return answer.kind === "applies" ? answer.value : NaN;
    };
    expect(minutes(-35, 40)).toBeLessThan(minutes(-28, 40));
    expect(minutes(-30, 50)).toBeLessThan(minutes(-30, 30));
    expect([-5, -20, -30, -44, -50, -60].map(windChillHazard)).toEqual([
      "low",
      "uncomfortable",
      "frostbiteIn10To30",
      "frostbiteIn5To10",
      "frostbiteIn2To5",
      "frostbiteUnder2",
    ]);
  });
});

describe("ISO 9920", () => {
  const at = { intrinsicClo: 1, staticTotalClo: 1.55, staticAirClo: 0.7, relativeWindMPerS: 1, walkSpeedMPerS: 0.6 };

  it("answers not applicable for winter clothing, storm or a run", () => {
    expect(iso9920Insulation({ ...at, intrinsicClo: 3 }).kind).toBe("notApplicable");
    expect(iso9920Insulation({ ...at, relativeWindMPerS: 9 }).kind).toBe("notApplicable");
    expect(iso9920Insulation({ ...at, walkSpeedMPerS: 3 }).kind).toBe("notApplicable");
    expect(iso9920Insulation(at).kind).toBe("applies");
  });

  it("is defined up to and including the bounds it was measured in, and no further", () => {
    for (const [quantity, bounds] of Object.entries(ISO_9920_RANGE)) {
      for (const value of bounds) expect(iso9920Insulation({ ...at, [quantity]: value }).kind).toBe("applies");
      const beyond = iso9920Insulation({ ...at, [quantity]: bounds[1] + 0.01 });
      expect(beyond.kind).toBe("notApplicable");
    }
  });
});

describe("ISO 11079", () => {
  it("asks for more the colder it is and the less heat is made, and neutral for more than minimal", () => {
    const required = (change: Partial<IreqInput>, criterion: "minimal" | "neutral" = "minimal"): number =>
      requiredInsulation({ ...sitting, ...change }, criterion, 8).requiredClo;
    const colder = { airTemperatureC: -25, radiantTemperatureC: -25 };
    expect(required(colder)).toBeGreaterThan(required({}));
    expect(required({ metabolicRateWPerM2: 115 })).toBeLessThan(required({}));
    expect(required({}, "neutral")).toBeGreaterThan(required({}));
  });

  it("limits a stay in thin clothing and none in what it asks for", () => {
    const { intrinsicClo } = requiredInsulation(sitting, "minimal", 8);
    expect(exposureLimit(sitting, "minimal", intrinsicClo + 0.1, 8)).toEqual({ kind: "unlimited" });
    const thin = exposureLimit(sitting, "minimal", 2, 8);
    const thinner = exposureLimit(sitting, "minimal", 1, 8);
    expect(thin.kind === "limited" && thinner.kind === "limited" && thinner.hours < thin.hours).toBe(true);
  });
});
