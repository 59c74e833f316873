import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { CoreError } from "../errors";
import type { WeatherHour } from "../weather";
import { dayRun, hoursOfPlan } from "./kind-of-day";
import { lightSpans } from "./light";
import { shapedTemperatureC, type LowHigh } from "./shaped-day";

const hours = (temperaturesC: readonly number[], windMPerS: readonly number[] = []): WeatherHour[] =>
  temperaturesC.map((airTemperatureC, index) => ({
    minute: index * 60,
    airTemperatureC,
    windMPerS: windMPerS[index] ?? 2,
    relativeHumidityPercent: 80,
    radiantTemperatureC: null,
  }));

describe("the kind of day", () => {
  it("stays: a degree or two up and down", () => {
    const run = dayRun(hours([-8, -7, -7, -8]), 0.5);
    expect(run.kind).toBe("stays");
    expect(run.advice).toEqual([]);
  });

  it("warms: from −12 to +2 °C, and says when to shed", () => {
    const run = dayRun(hours([-12, -9, -5, -1, 2]), 0.5);
    expect(run.kind).toBe("warms");
    expect(run.advice[0]).toMatchObject({ action: "shed" });
    expect(run.neededClo.at(-1)!).toBeLessThan(run.neededClo[0]! - 1);
  });

  it("turns worse when the wind rises though the air stays, and says when to add", () => {
    const run = dayRun(hours([-6, -6, -7, -9], [1, 3, 8, 12]), 1);
    expect(run.kind).toBe("turnsWorse");
    expect(run.advice.some(({ action }) => action === "add")).toBe(true);
    expect(dayRun(hours([-6, -6, -7, -9], [1, 3, 8, 12]), 0.1).kind).not.toBe("warms");
  });

  it("asks nothing of the evening when the plan ends at noon", () => {
    const all = hours([-7, -6, -5, -5, -8, -14], [3, 3, 4, 4, 6, 8]);
    expect(dayRun(all, 1).kind).toBe("turnsWorse");
    expect(dayRun(hoursOfPlan(all, 200), 1).kind).not.toBe("turnsWorse");
    expect(hoursOfPlan(all, 200).map(({ minute }) => minute)).toEqual([0, 60, 120, 180]);
    expect(hoursOfPlan(all.slice(4), 30)).toHaveLength(2); // no hour known within it: those that are
  });

  it("asks for nothing in summer", () => {
    expect(dayRun(hours([34, 35]), 1).neededClo).toEqual([0, 0]);
  });

  it("of no hours stays", () => {
    expect(dayRun([], 1)).toEqual({ kind: "stays", neededClo: [], advice: [] });
  });
});

describe("a day of low and high", () => {
  const day: LowHigh = { lowC: -14, highC: -3, sunriseH: 7, sunsetH: 16.5 };

  it("is coldest at sunrise and warmest in the early afternoon, never beyond either", () => {
    expect(shapedTemperatureC(day, 7)).toBeCloseTo(-14, 9);
    const all = Array.from({ length: 97 }, (_, quarter) => shapedTemperatureC(day, quarter / 4));
    expect(Math.max(...all)).toBeGreaterThan(-3.1);
    expect(Math.max(...all)).toBeLessThanOrEqual(-3);
    expect(Math.min(...all)).toBeGreaterThanOrEqual(-14 - 1e-9);
    const warmest = all.indexOf(Math.max(...all)) / 4;
    expect(warmest).toBeGreaterThan(12);
    expect(warmest).toBeLessThan(15);
  });

  it("joins at sunset and at midnight", () => {
    expect(shapedTemperatureC(day, 16.5)).toBeCloseTo(shapedTemperatureC(day, 16.5001), 2);
    expect(shapedTemperatureC(day, 24)).toBeCloseTo(shapedTemperatureC(day, 0), 9);
  });

  it("keeps between low and high without a sun too, and refuses nonsense", () => {
    fc.assert(
      fc.property(fc.double({ min: 0, max: 24, noNaN: true }), (hour) => {
        const temperature = shapedTemperatureC({ ...day, sunriseH: null, sunsetH: null }, hour);
        return temperature >= -14 - 1e-9 && temperature <= -3 + 1e-9;
      }),
    );
    expect(() => shapedTemperatureC({ ...day, lowC: 5 }, 12)).toThrow(CoreError);
    expect(() => shapedTemperatureC(day, 25)).toThrow(/hour/);
  });
});

describe("light of an outing", () => {
  const start = Date.parse("2027-03-27T02:50:00Z");

  it("runs dark, twilight, day before a spring dawn, without gaps", () => {
    const spans = lightSpans(start, 420, 62, 12);
    expect(spans.map(({ light }) => light)).toEqual(["dark", "twilight", "day"]);
    spans.slice(1).forEach((span, index) => expect(span.fromMinute).toBeCloseTo(spans[index]!.toMinute, 9));
    expect(spans[0]!.fromMinute).toBe(0);
    expect(spans.at(-1)!.toMinute).toBe(420);
  });

  it("knows the midnight sun and the polar night's noon twilight", () => {
    expect(lightSpans(Date.parse("2027-06-21T20:00:00Z"), 300, 70, 25)).toEqual([
      { fromMinute: 0, toMinute: 300, light: "day" },
    ]);
    const dark = lightSpans(Date.parse("2026-12-21T02:00:00Z"), 1200, 69.5, 25).map(({ light }) => light);
    expect(dark).toEqual(["dark", "twilight", "dark"]);
  });
});
