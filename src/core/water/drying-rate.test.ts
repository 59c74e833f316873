import { describe, expect, it } from "vitest";
import { driesFromOneSideGPerM2H, wetClothC } from "./drying-rate";

describe("a wet cloth that hangs", () => {
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
