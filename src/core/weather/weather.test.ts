import { describe, expect, it } from "vitest";
import { CoreError } from "../errors";
import {
  GROUND_INSULATION_M2K_PER_W,
  groundTemperatureC,
  relativeWind,
  SHELTER,
  weatherAt,
  windAtSeat,
  type WeatherHour,
} from ".";

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
    expect(weatherAt(hours, minute).airTemperatureC).toBeCloseTo(expected, 12);
  });

  it("radiates as the air does unless told otherwise", () => {
    expect(weatherAt(hours, 30).radiantTemperatureC).toBe(-8);
    expect(weatherAt(hours, 60).radiantTemperatureC).toBeCloseTo(-10, 12);
  });

  it("cannot be made of nothing", () => {
    expect(() => weatherAt([], 0)).toThrow(CoreError);
  });
});

describe("wind at the seat", () => {
  it("is the forecast's own at 10 m over open ice", () => {
    expect(windAtSeat(6, "openIce", 9)).toBeCloseTo(6, 12);
  });

  it("follows the logarithmic profile, worked by hand: ln(1/0.001)/ln(10/0.001) = 0.75 at 1 m over ice", () => {
    expect(windAtSeat(8, "openIce", 0)).toBeCloseTo(6, 9);
  });

  it("grows with height and with less shelter", () => {
    expect(windAtSeat(5, "edgeOfWood", 4)).toBeGreaterThan(windAtSeat(5, "edgeOfWood", 0));
    const shelters = Object.keys(SHELTER) as (keyof typeof SHELTER)[];
    const winds = shelters.map((shelter) => SHELTER[shelter].windShare);
    expect([...winds].sort((one, other) => other - one)).toEqual(winds);
  });

  it("refuses a seat in the clouds", () => {
    expect(() => windAtSeat(5, "shore", 300)).toThrow(/seatHeightM must be 0…30/);
  });

  it("walking makes wind of its own", () => {
    expect(relativeWind(0, 1.2)).toBeCloseTo(1.2, 12);
    expect(relativeWind(3, 1)).toBeGreaterThan(3);
  });
});

describe("ground", () => {
  it("metal and snow follow the air, ice lies between air and water, and never thaws", () => {
    expect(groundTemperatureC("metal", -12)).toBe(-12);
    expect(groundTemperatureC("snow", -12)).toBe(-12);
    const ice = groundTemperatureC("ice", -12);
    expect(ice).toBeLessThan(0);
    expect(ice).toBeGreaterThan(-12);
    expect(groundTemperatureC("ice", 5)).toBe(0);
  });

  it("only wood and dry ground insulate by themselves", () => {
    expect(GROUND_INSULATION_M2K_PER_W.metal).toBe(0);
    expect(GROUND_INSULATION_M2K_PER_W.wood).toBeGreaterThan(0);
  });
});
