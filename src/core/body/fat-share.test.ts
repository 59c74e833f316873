import { describe, expect, it } from "vitest";
import { FAT_PERCENT_OF_FIGURE, FIGURES, fatPercentFromGirths, fatPercentFromMassIndex, figureOf } from "./fat-share";

describe("fat share of a body", () => {
  it("from girths: worked by hand with the regressions on density of Hodgdon & Beckett 1984 and Siri 1961", () => {
    // Men: 1.0324 − 0.19077·log10(86−38) + 0.15456·log10(178) = 1.0595 g/cm³ → 17.2 %
    expect(fatPercentFromGirths("male", 1.78, { waistM: 0.86, neckM: 0.38, hipM: 1 })).toBeCloseTo(17.2, 1);
    // Women: 1.29579 − 0.35004·log10(74+98−33) + 0.221·log10(165) = 1.0361 g/cm³ → 27.3 … 27.8 %
    expect(fatPercentFromGirths("female", 1.65, { waistM: 0.74, neckM: 0.33, hipM: 0.98 })).toBeCloseTo(27.6, 0);
  });

  it("agrees with the same regressions in inches as armed services print them, to a point", () => {
    // DoD Instruction 1308.3: men 86.010·log10(waist−neck) − 70.041·log10(height) + 36.76, inches (from memory)
    for (const [height, waist, neck] of [
      [70, 34, 15],
      [68, 38, 16],
      [74, 36, 16],
    ] as const) {
      const printed = 86.01 * Math.log10(waist - neck) - 70.041 * Math.log10(height) + 36.76;
      const ours = fatPercentFromGirths("male", height * 0.0254, {
        waistM: waist * 0.0254,
        neckM: neck * 0.0254,
        hipM: 1,
      });
      expect(Math.abs(ours! - printed)).toBeLessThan(1);
    }
  });

  it("girths that cannot be of one person give none; what leaves the range of the body ends at it", () => {
    expect(fatPercentFromGirths("male", 1.8, { waistM: 0.4, neckM: 0.45, hipM: 1 })).toBeNull();
    expect(fatPercentFromGirths("female", 1.5, { waistM: 2, neckM: 0.3, hipM: 2 })).toBe(60);
    expect(fatPercentFromMassIndex({ heightM: 1.9, massKg: 40, ageYears: 20, sex: "male" })).toBe(3);
  });

  it("from mass and height: worked by hand, a grown man, a grown woman and a child (Deurenberg et al. 1991)", () => {
    expect(fatPercentFromMassIndex({ heightM: 1.8, massKg: 81, ageYears: 40, sex: "male" })).toBeCloseTo(23, 5);
    expect(fatPercentFromMassIndex({ heightM: 1.7, massKg: 66, ageYears: 38, sex: "female" })).toBeCloseTo(30.75, 1);
    expect(fatPercentFromMassIndex({ heightM: 1.4, massKg: 34, ageYears: 10, sex: "male" })).toBeCloseTo(16.99, 1);
  });

  it("a figure is the one nearest to a share", () => {
    for (const sex of ["female", "male"] as const)
      for (const figure of FIGURES) expect(figureOf(sex, FAT_PERCENT_OF_FIGURE[sex][figure] + 1)).toBe(figure);
  });
});
