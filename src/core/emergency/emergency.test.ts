import { totalMinutes } from "../outing";
import { describe, expect, it } from "vitest";
import { sampleOuting } from "../../../tests/sample-outing";
import { starterPiece, type StarterPieceKey } from "@/core/starter-kit";
import { drySetOf, fallIn, withLever } from "./emergency";
import { simulateOuting, spareMinutes } from "../simulation";
import type { Piece } from "../pieces";

const outing = sampleOuting();
const FALL = 150;
const spare = (key: StarterPieceKey): Piece => {
  const { name, kind, label, massG } = starterPiece(key);
  return { id: `spare ${key}`, name, kind, label, massG, fingersTogether: false };
};
const DRY_SET = (["base200Top", "base200Legs", "heavySock"] as const).map(spare);

describe("when it goes wrong", () => {
  it("longer, colder and windier each leave less to spare", () => {
    const left = (of = outing): number => spareMinutes(simulateOuting(of).sits[0]!);
    expect(left(withLever(outing, { kind: "lastsLonger", hours: 3 }))).toBeCloseTo(left() - 180, -1);
    expect(left(withLever(outing, { kind: "getsColder", byK: 10 }))).toBeLessThan(left());
    expect(left(withLever(outing, { kind: "windier", factor: 4 }))).toBeLessThan(left());
  });

  it("lasting longer keeps on what was on, and takes off at the end what came off then", () => {
    const { wearings, phases } = withLever(outing, { kind: "lastsLonger", hours: 2 });
    expect(totalMinutes(phases)).toBe(340 + 120);
    expect(Math.max(...wearings.map(({ toMinute }) => toMinute))).toBe(340 + 120);
  });
});

describe("a fall into the water", () => {
  const wet = fallIn(outing, FALL, null);
  const dry = fallIn(outing, FALL, null, DRY_SET);

  it("numbs the fingers and brings the trunk down sooner than the plan, and soaks what is worn below the neck", () => {
    const { series } = wet.result;
    expect(series.waterGPerM2.trunk[FALL + 5]!).toBeGreaterThan(500);
    expect(series.waterGPerM2.trunk[FALL]!).toBeLessThan(50);
    expect(wet.fingersNumbAfter).toBeLessThan(60);
    expect(series.heatDebtWhPerM2[FALL + 60]!).toBeGreaterThan(
      simulateOuting(outing).series.heatDebtWhPerM2[FALL + 60]! + 20,
    );
  });

  it("with a dry set next to the skin costs less heat in the hours after (common practice: it turns a rescue into a bad day)", () => {
    const debt = ({ result }: typeof wet): number => result.series.heatDebtWhPerM2[FALL + 180]!;
    expect(debt(dry)).toBeLessThan(debt(wet));
  });

  it("walking to shelter keeps the trunk warmer than sitting where one is", () => {
    const walking = fallIn(outing, FALL, 30);
    expect(walking.onArrival!.minutes).toBe(30);
    expect(walking.onArrival!.trunkC).toBeGreaterThan(wet.result.series.trunkC[FALL + 30]!);
  });

  it("a dry set is what goes next to the skin and on the feet and is not worn", () => {
    const kit = [...DRY_SET, spare("downParka"), ...outing.pieces];
    expect(drySetOf(outing, kit).map(({ id }) => id)).toEqual(DRY_SET.map(({ id }) => id));
  });

  it("of somebody who wears nothing soaks nothing, and chills the skin all the same", () => {
    const bare = { ...outing, wearings: [] };
    const skin = (of: typeof bare, minute: number): number => simulateOuting(of).series.meanSkinC[minute]!;
    expect(skin({ ...bare, fallsInAtMinute: 20 }, 23)).toBeLessThan(skin(bare, 23) - 1);
    expect(Math.max(...simulateOuting({ ...bare, fallsInAtMinute: 20 }).series.waterGPerM2.trunk)).toBe(0);
  });
});
