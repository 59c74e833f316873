import { describe, expect, it } from "vitest";
import type { FootAnswer } from "@/core/bench";
import type { Material } from "@/core/labels";
import type { Piece } from "@/core/pieces";
import { STARTER_PIECES, starterPiece, type StarterPieceKey } from "../../../core/starter-kit";
import { contestWords, printedGrams } from "./bench/compare-words";
import { fitWords, tightCostWords, toeText } from "./bench/foot-words";
import { materialWords } from "./label-words";
import { fixedNumber } from "../numbers";
import { readingRows } from "./reading-words";

const piece = (key: StarterPieceKey): Piece => {
  const { name, kind, label, fingersTogether = false } = starterPiece(key);
  return { id: key, name, kind, label, fingersTogether };
};

describe("a label in words", () => {
  it.each<[Material, string]>([
    [{ kind: "fleece", massGPerM2: 200 }, "fleece 200 g/m²"],
    [{ kind: "felt", thicknessMm: 6.5 }, "felt 6.5 mm"],
    [{ kind: "solid", substance: "closedCellFoam", thicknessMm: 15 }, "closed-cell foam 15 mm"],
    [{ kind: "testSheet", insulationM2KPerW: 0.315, statesTotal: true }, "test sheet 2.03 clo"],
    [{ kind: "down", fillG: 120, fillPowerIn3PerOz: 650, panelAreaM2: 0.9 }, "down 120 g of 650 fill on 0.9 m²"],
    [
      { kind: "down", fillG: 120, fillPowerIn3PerOz: 650, panelAreaM2: 0.9, peakLoftMm: 40 },
      "down, chambers 40 mm at their thickest",
    ],
    [
      { kind: "garmentBatting", massGPerM2: 133, fibre: "loftyFine", quilted: true },
      "fine lofty batting 133 g/m², quilted",
    ],
  ])("%j", (material, words) => expect(materialWords(material)).toBe(words));

  it("lists every patch of a piece once, the warmest first, with a spread where there is one", () => {
    for (const key of Object.keys(STARTER_PIECES) as StarterPieceKey[]) {
      const rows = readingRows(starterPiece(key).label);
      const patches = rows.flatMap((row) => row.patches);
      expect(new Set(patches).size).toBe(patches.length);
      const clo = rows.map((row) => row.clo);
      expect([...clo].sort((one, other) => other - one)).toEqual(clo);
      expect(rows.every(({ spreadClo }) => spreadClo > 0)).toBe(true);
    }
  });

  it("says the grams a label prints, and how two pieces stand to each other", () => {
    expect(printedGrams(piece("fleeceJacket"))).toBe("200 g/m²");
    expect(printedGrams(piece("pacBoot"))).toBe("–");
    expect(contestWords(piece("downParka"), piece("fleeceJacket"), "chest", "m/s")).toMatch(
      /^Down parka.* is warmer than Fleece jacket 200 at the chest, in still air and in wind\.$/,
    );
    expect(contestWords(piece("downParka"), piece("pacBoot"), "chest", "m/s")).toBeNull();
  });

  it("keeps all decimals where figures stand in a column", () => {
    expect([fixedNumber(1, 2), fixedNumber(-0.001, 2), fixedNumber(-1.5, 1)]).toEqual(["1.00", "0.00", "−1.5"]);
  });
});

describe("a boot's fit in words", () => {
  const minutes = (cold: number | null) => ({ comfort: 40, cold, hard: null });
  const answer = (tight: number | null, roomy: number | null): FootAnswer =>
    ({ toeMinutes: minutes(tight), toeMinutesWithRoom: minutes(roomy) }) as FootAnswer;

  it("says room, what fills it, and what tightness does to the blood", () => {
    expect(fitWords({ roomMm: 6, filledMm: 4.33, overfilledMm: 0, bloodShare: 1 })).toMatch(/^fits: 4.3 mm/);
    expect(fitWords({ roomMm: null, filledMm: 4, overfilledMm: 0, bloodShare: 1 })).toMatch(/does not say its room/);
    expect(fitWords({ roomMm: 6, filledMm: 7.8, overfilledMm: 1.8, bloodShare: 0.37 })).toMatch(
      /^tight by 1.8 mm.*The toes get 37 % of their blood\.$/,
    );
  });

  it("says what being tight costs, and never more than was looked at", () => {
    expect(tightCostWords(answer(50, 75), "cold")).toBe("Being tight costs 25 min.");
    expect(tightCostWords(answer(null, null), "cold")).toMatch(/Even tight/);
    expect(tightCostWords(answer(50, null), "cold")).toMatch(/With room it would last/);
    expect(tightCostWords({ ...answer(50, 75), toeMinutesWithRoom: null }, "cold")).toBeNull();
    expect(toeText(minutes(125), "cold", 4)).toBe("2 h 05");
    expect(toeText(minutes(null), "cold", 4)).toBe("over 4 h 00");
  });
});
