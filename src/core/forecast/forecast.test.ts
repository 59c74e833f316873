import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { inventedForecast, REACHES_DAYS, RUN_EVERY_HOURS } from "./invented-forecast";
import type { ForecastAsked } from "./forecast";

// Invented weather has no source to be checked against: what is checked is what any forecast service promises.

const HOUR_MS = 3_600_000;
const DAY_MS = 24 * HOUR_MS;
const morning = Date.UTC(2027, 0, 15, 4);
const asked = (daysAhead: number, change: Partial<ForecastAsked> = {}): ForecastAsked => ({
  latitudeDeg: 62,
  longitudeDeg: 11,
  fromMs: morning,
  hours: 12,
  asOfMs: morning - daysAhead * DAY_MS,
  ...change,
});
const errorK = (daysAhead: number, fromMs: number): number => {
  const truth = inventedForecast(asked(0, { fromMs, asOfMs: fromMs + 2 * DAY_MS }));
  const said = inventedForecast(asked(0, { fromMs, asOfMs: fromMs - daysAhead * DAY_MS }));
  return Math.max(
    ...said.hours.map(({ airTemperatureC }, at) => Math.abs(airTemperatureC - truth.hours[at]!.airTemperatureC)),
  );
};

describe("the invented forecast", () => {
  it("is the same for the same place, hours and run, and another elsewhere", () => {
    expect(inventedForecast(asked(1))).toEqual(inventedForecast(asked(1)));
    const within = inventedForecast(asked(1, { asOfMs: morning - DAY_MS + 20 * 60_000 }));
    expect(within).toEqual(inventedForecast(asked(1)));
    expect(inventedForecast(asked(1, { latitudeDeg: 64 })).hours).not.toEqual(inventedForecast(asked(1)).hours);
  });

  it("is marked as invented, issued at its run, hour by hour", () => {
    const { invented, issuedAtMs, hours } = inventedForecast(asked(1, { asOfMs: morning - DAY_MS + HOUR_MS }));
    expect(invented).toBe(true);
    expect(issuedAtMs % (RUN_EVERY_HOURS * HOUR_MS)).toBe(0);
    expect(hours.map(({ atMs }) => (atMs - morning) / HOUR_MS)).toEqual(Array.from({ length: 12 }, (_, hour) => hour));
  });

  it("changes from run to run through the evening", () => {
    const runs = [1, 0.75, 0.5, 0.25].map((days) => JSON.stringify(inventedForecast(asked(days)).hours));
    expect(new Set(runs).size).toBe(runs.length);
  });

  it("spreads the wider the further ahead, and errs by about as much as it says", () => {
    fc.assert(
      fc.property(fc.integer({ min: 0, max: 4000 }), fc.integer({ min: 1, max: REACHES_DAYS - 1 }), (day, ahead) => {
        const fromMs = Date.UTC(2026, 0, 1) + day * DAY_MS;
        const near = inventedForecast(asked(0, { fromMs, asOfMs: fromMs - HOUR_MS })).hours[0]!;
        const far = inventedForecast(asked(0, { fromMs, asOfMs: fromMs - ahead * DAY_MS })).hours[0]!;
        expect(far.airSpreadK).toBeGreaterThan(near.airSpreadK);
        expect(far.windSpreadShare).toBeGreaterThan(near.windSpreadShare);
        expect(errorK(ahead, fromMs)).toBeLessThan(
          3 *
            inventedForecast(asked(0, { fromMs, hours: 12, asOfMs: fromMs - ahead * DAY_MS })).hours.at(-1)!.airSpreadK,
        );
      }),
    );
  });

  it("says the season's usual weather where no forecast reaches", () => {
    expect(inventedForecast(asked(REACHES_DAYS - 1)).isUsualWeather).toBe(false);
    const usual = inventedForecast(asked(100));
    expect(usual.isUsualWeather).toBe(true);
    const summer = inventedForecast(asked(100, { fromMs: Date.UTC(2027, 6, 15, 4), asOfMs: morning }));
    expect(summer.hours[0]!.airTemperatureC).toBeGreaterThan(usual.hours[0]!.airTemperatureC + 10);
    const south = inventedForecast(asked(100, { latitudeDeg: -62 }));
    expect(south.hours[0]!.airTemperatureC).toBeGreaterThan(usual.hours[0]!.airTemperatureC + 10);
  });

  it("refuses more hours than a forecast holds", () => {
    expect(() => inventedForecast(asked(1, { hours: 500 }))).toThrow(/hours/);
  });
});
