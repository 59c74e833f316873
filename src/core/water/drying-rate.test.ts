import { describe, expect, it } from "vitest";
import { driesFromOneSideGPerM2H, wetClothC } from "./drying-rate";

describe("a wet cloth that hangs", () => {
  // Psychrometric chart (ASHRAE Fundamentals): 13.8, 7.6 and −1.7 °C. Ventilated bulbs; a cloth in still air also takes the
  // room's radiation and stands a little above.
  it.each([
    [20, 50, 13.8],
    [10, 70, 7.6],
    [0, 60, -2.3],
  ])("at %d °C and %d %% is near the wet bulb's %d °C", (airC, humidityPercent, wetBulbC) => {
    const above = wetClothC(airC, humidityPercent) - wetBulbC;
    expect(above).toBeGreaterThan(-0.5);
    expect(above).toBeLessThan(2.5);
  });

  it("is colder than the air, the more so the drier it is", () => {
    expect(wetClothC(20, 50)).toBeLessThan(20);
    expect(wetClothC(20, 20)).toBeLessThan(wetClothC(20, 70));
  });

  it("gives off nothing in saturated air, and less in colder air", () => {
    expect(driesFromOneSideGPerM2H(-5, 100)).toBeLessThan(0.5);
    const rates = [-20, -10, 0, 10, 20].map((airC) => driesFromOneSideGPerM2H(airC, 60));
    expect(rates).toEqual([...rates].sort((one, other) => one - other));
  });
});
