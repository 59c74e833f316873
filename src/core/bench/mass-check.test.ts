import { describe, expect, it } from "vitest";
import { starterPiece, type StarterPieceKey } from "@/core/starter-kit";
import { massCheck } from "./mass-check";

const PERSON = { heightM: 1.7, massKg: 70, fatPercent: 20, ageYears: 40, sex: "male" } as const;
const checked = (key: StarterPieceKey, massG = starterPiece(key).massG) =>
  massCheck(starterPiece(key).label, massG, PERSON);

describe("the mass of whole-knit pieces", () => {
  it.each(["base200Top", "base350Top", "base200Legs", "thinGloves"] as const)(
    "%s weighs about what its grams say (invented masses as shops print them)",
    (key) => {
      const found = checked(key)!;
      expect(found.isOff, `${found.expectedG.toFixed(0)} g expected`).toBe(false);
    },
  );

  it("a top of 200 g/m² that weighs 420 g is another cloth, and says which", () => {
    const found = checked("base200Top", 420)!;
    expect(found.isOff).toBe(true);
    expect(found.massGPerM2).toBeGreaterThan(280);
    expect(found.massGPerM2).toBeLessThan(420);
  });

  it("is the same figure both ways: at the expected mass the cloth is what is printed", () => {
    const { expectedG } = checked("base200Top")!;
    expect(checked("base200Top", expectedG)!.massGPerM2).toBeCloseTo(200, 9);
  });

  it("says nothing of pieces of several materials", () => {
    expect(checked("downParka")).toBeNull();
    expect(checked("heavyBoot")).toBeNull();
    expect(checked("fleeceJacket")).toBeNull(); // zips and pockets weigh what they weigh
  });

  it("says nothing of layers written out", () => {
    expect(massCheck({ kind: "explicit", panels: [] }, 200, PERSON)).toBeNull();
  });
});
