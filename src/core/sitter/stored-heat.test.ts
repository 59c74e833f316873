import { describe, expect, it } from "vitest";
import { DEMO_NAMES, demoOuting } from "../../../tests/sample-outing";
import { drinkWh } from "../heat";
import { simulateOuting, type Outing } from "../outing";

const outing = demoOuting(DEMO_NAMES[0]!);
const toes = (of: Outing, minute: number): number =>
  simulateOuting(of, { only: ["toes"] }).series.digitC.leftToes[minute]!;

describe("heat stored in boots and gloves", () => {
  it("warm boots keep toes warmer than cold-soaked ones, and the difference fades", () => {
    const difference = (minute: number): number =>
      toes({ ...outing, storedStartC: 28 }, minute) - toes({ ...outing, storedStartC: -12 }, minute);
    expect(difference(20)).toBeGreaterThan(2);
    expect(difference(240)).toBeLessThan(difference(60) / 2);
    expect(difference(240)).toBeGreaterThanOrEqual(0);
  });

  it("pieces of unknown mass store nothing: where the boots stood makes no difference", () => {
    const light = { ...outing, pieces: outing.pieces.map((piece) => ({ ...piece, massG: undefined })) };
    expect(toes({ ...light, storedStartC: 28 }, 30)).toBe(toes({ ...light, storedStartC: -12 }, 30));
  });

  it("mitts from the pack come as cold as the air: fingers fall before they warm", () => {
    const { digitC } = simulateOuting(outing).series;
    const puts = outing.wearings.find(
      ({ pieceId, fromMinute }) =>
        fromMinute > 0 && outing.pieces.find(({ id }) => id === pieceId)!.kind === "handwear",
    )!;
    const before = digitC.leftFingers[puts.fromMinute]!;
    expect(Math.min(...digitC.leftFingers.slice(puts.fromMinute, puts.fromMinute + 5))).toBeLessThan(before);
  });
});

describe("a hot drink", () => {
  it("of body temperature brings nothing, a hot mug single watt hours", () => {
    expect(drinkWh(300, 37)).toBe(0);
    expect(drinkWh(300, 60)).toBeGreaterThan(5);
    expect(drinkWh(300, 60)).toBeLessThan(12);
  });
});
