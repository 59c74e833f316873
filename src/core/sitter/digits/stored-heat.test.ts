import { describe, expect, it } from "vitest";
import { DEMO_NAMES, demoOuting } from "../../../../tests/sample-outing";
import { DIGIT_COUNT, DIGITS } from "../../digits";
import { drinkWh } from "../../heat";
import { simulateOuting } from "../../simulation";
import type { Outing } from "../../outing";
import { StoredHeat, type StorePlan } from "./stored-heat";

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

describe("what is taken off for a while", () => {
  const mitts = 3;
  const plan = (worn: boolean): StorePlan => ({
    pieces: DIGITS.map(() => new Map(worn ? [[mitts, 2500]] : [])),
    capacityJPerM2K: new Float64Array(DIGIT_COUNT).fill(worn ? 2500 : 0),
    insideShare: new Float64Array(DIGIT_COUNT).fill(worn ? 0.4 : 1),
  });
  const backAfter = (seconds: number): number => {
    const stored = new StoredHeat();
    stored.putOn(plan(true), 20);
    stored.putOn(plan(false), -10);
    stored.pass(seconds);
    stored.putOn(plan(true), -10);
    return stored.temperatureC[0]!;
  };

  it("goes on again nearly as warm after a minute, and as cold as the air after an hour", () => {
    expect(backAfter(60)).toBeGreaterThan(16);
    expect(backAfter(60)).toBeLessThan(20);
    expect(backAfter(3600)).toBeCloseTo(-10, 0);
  });

  it("is remembered by a copy, and a copy's memory changes nothing of the first", () => {
    const first = new StoredHeat();
    first.putOn(plan(true), 20);
    const second = new StoredHeat();
    second.copy(first);
    second.putOn(plan(false), -10);
    second.putOn(plan(true), -10);
    expect(second.temperatureC[0]).toBeCloseTo(20, 9);
    first.putOn(plan(true), -10);
    expect(first.temperatureC[0]).toBe(second.temperatureC[0]);
  });
});

describe("a hot drink", () => {
  it("of body temperature brings nothing, a hot mug single watt hours", () => {
    expect(drinkWh(300, 37)).toBe(0);
    expect(drinkWh(300, 60)).toBeGreaterThan(5);
    expect(drinkWh(300, 60)).toBeLessThan(12);
  });
});
