import { describe, expect, it } from "vitest";
import { CoreError } from "../errors";
import { GROUND_INSULATION_M2K_PER_W, groundTemperatureC, seatOf, seatTemperatureC } from "./ground";
import { relativeWind, SHELTER, windShareAtSeat } from "./wind-at-seat";
import { WeatherCourse, type WeatherHour } from "./weather-hour";

const hour = (minute: number, airTemperatureC: number, radiantTemperatureC: number | null = null): WeatherHour => ({
  minute,
  airTemperatureC,
  windMPerS: 4,
  relativeHumidityPercent: 80,
  radiantTemperatureC,
});

describe("hours of weather", () => {
  const hours = [hour(-30, -10), hour(30, -8), hour(90, -2, -12)];
  it.each([
    [-100, -10],
    [-30, -10],
    [0, -9],
    [30, -8],
    [60, -5],
    [500, -2],
  ])("at minute %d the air is %d °C: linear between, held beyond", (minute, expected) => {
    expect(new WeatherCourse(hours).at(minute).airTemperatureC).toBeCloseTo(expected, 12);
  });

  it("reads forwards and backwards alike", () => {
    const course = new WeatherCourse(hours);
    const read = (minutes: number[]): number[] => minutes.map((minute) => course.at(minute).airTemperatureC);
    const minutes = [-50, 0, 45, 80, 200];
    expect(read([...minutes].reverse()).reverse()).toEqual(read(minutes));
  });

  it("radiates as the air does unless told otherwise", () => {
    expect(new WeatherCourse(hours).at(30).radiantTemperatureC).toBe(-8);
    expect(new WeatherCourse(hours).at(60).radiantTemperatureC).toBeCloseTo(-10, 12);
  });

  it("cannot be made of nothing", () => {
    expect(() => new WeatherCourse([])).toThrow(CoreError);
  });
});

describe("wind at the seat", () => {
  it("is the forecast's own at 10 m over open ice", () => {
    expect(windShareAtSeat("openIce", 9)).toBeCloseTo(1, 12);
  });

  it("follows the logarithmic profile, worked by hand: ln(1/0.001)/ln(10/0.001) = 0.75 at 1 m over ice", () => {
    expect(windShareAtSeat("openIce", 0)).toBeCloseTo(0.75, 9);
  });

  it("grows with height and with less shelter", () => {
    expect(windShareAtSeat("edgeOfWood", 4)).toBeGreaterThan(windShareAtSeat("edgeOfWood", 0));
    const shelters = Object.keys(SHELTER) as (keyof typeof SHELTER)[];
    const winds = shelters.map((shelter) => SHELTER[shelter].windShare);
    expect([...winds].sort((one, other) => other - one)).toEqual(winds);
  });

  it("refuses a seat in the clouds", () => {
    expect(() => windShareAtSeat("shore", 300)).toThrow(/seatHeightM must be 0…30/);
  });

  it("walking makes wind of its own", () => {
    expect(relativeWind(0, 1.2)).toBeCloseTo(1.2, 12);
    expect(relativeWind(3, 1)).toBeGreaterThan(3);
  });
});

describe("ground", () => {
  it("metal and snow follow the air, ice lies between air and water, and never thaws", () => {
    expect(groundTemperatureC({ ground: "metal" }, -12)).toBe(-12);
    expect(groundTemperatureC({ ground: "snow" }, -12)).toBe(-12);
    const ice = groundTemperatureC({ ground: "ice" }, -12);
    expect(ice).toBeLessThan(0);
    expect(ice).toBeGreaterThan(-12);
    expect(groundTemperatureC({ ground: "ice" }, 5)).toBe(0);
  });

  it("water under waders is above freezing however cold the air", () => {
    expect(groundTemperatureC({ ground: "water" }, -20)).toBeGreaterThan(0);
  });

  it("a seat of its own has its own temperature: a bucket's is the air's, that of ice the ice's", () => {
    expect(seatTemperatureC({ ground: "ice", seat: "bucket" }, -12)).toBe(-12);
    expect(seatTemperatureC({ ground: "ice" }, -12)).toBe(groundTemperatureC({ ground: "ice" }, -12));
    expect(seatOf({ ground: "water" })).toBe("stool");
    expect(seatOf({ ground: "snow" })).toBe("snow");
  });

  // π·a/(4k) of a disc of 9 cm on a half-space; snow 0.35, ice 2.2 W/(m·K): published-values.md, "disc resistance".
  it("heat spreads under a foot: packed snow between 0.15 and 0.25 m²·K/W, ice as a disc of 9 cm has it, metal not at all", () => {
    expect(GROUND_INSULATION_M2K_PER_W.snow).toBeGreaterThanOrEqual(0.15);
    expect(GROUND_INSULATION_M2K_PER_W.snow).toBeLessThanOrEqual(0.25);
    expect(GROUND_INSULATION_M2K_PER_W.ice).toBeCloseTo((Math.PI * 0.09) / (4 * 2.2), 2);
    expect(GROUND_INSULATION_M2K_PER_W.metal).toBe(0);
  });
});
