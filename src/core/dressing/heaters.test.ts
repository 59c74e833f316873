import { corePiece } from "../../../tests/core-piece";
import { describe, expect, it } from "vitest";
import { demoOuting } from "../../../tests/sample-outing";
import type { StarterPieceKey } from "@/core/starter-kit";
import { heatSpansOf } from "./heaters";
import { simulateOuting } from "../simulation";
import { type Outing, type Wearing, totalMinutes } from "../outing";

const outing = demoOuting("Grouse lek before dawn");
const total = totalMinutes(outing.phases);
const withSource = (key: StarterPieceKey, change: Partial<Wearing> = {}): Outing => ({
  ...outing,
  pieces: [...outing.pieces, corePiece(key)],
  wearings: [...outing.wearings, { pieceId: key, side: "both", rank: 12, fromMinute: 0, toMinute: total, ...change }],
});
const SEEN = 200;
const at = (of: Outing) => {
  const { digitC } = simulateOuting(of).series;
  return { left: digitC.leftToes[SEEN]!, right: digitC.rightToes[SEEN]! };
};

describe("heat brought along", () => {
  it("runs by itself in a pack and not in what has a switch; a schedule stands over both", () => {
    const worn = { pieceId: "x", side: "both", rank: 1, fromMinute: 5, toMinute: 90 } as const;
    expect(heatSpansOf(worn, corePiece("toePacks").heat!)).toEqual([{ fromMinute: 5, toMinute: 90, level: 1 }]);
    expect(heatSpansOf(worn, corePiece("heatedVest").heat!)).toEqual([]);
    const heat = [{ fromMinute: 10, toMinute: 20, level: 2 }];
    expect(heatSpansOf({ ...worn, heat }, corePiece("heatedVest").heat!)).toEqual(heat);
  });

  it("on one side warms that side's toes and far less the other's", () => {
    const [none, left] = [
      at(outing),
      at(withSource("heatedSocks", { side: "left", heat: [{ fromMinute: 0, toMinute: total, level: 3 }] })),
    ];
    expect(left.left - none.left).toBeGreaterThan(1);
    // The other side gains a little too: a warmer body lets more blood to all digits.
    expect(left.left - none.left).toBeGreaterThan(3 * Math.max(0, left.right - none.right));
  });

  it("warms the skin of the trunk where a heated vest lies, by its level", () => {
    const debt = (level: number | null): number =>
      simulateOuting(
        withSource("heatedVest", { heat: level === null ? [] : [{ fromMinute: 60, toMinute: 300, level }] }),
      ).series.heatDebtWhPerM2[280]!;
    expect(debt(3)).toBeLessThan(debt(1));
    expect(debt(1)).toBeLessThan(debt(null));
  });
});
