import { describe, expect, it } from "vitest";
import { sampleOuting } from "../../../tests/sample-outing";
import { starterPiece, type StarterPieceKey } from "@/core/starter-kit";
import { changeCost, changeMinutes, changeWindows, type WornPiece } from "./changing";
import { computedTraitsOf, type Piece } from "../pieces";
import { simulateOuting } from "../simulation";
import type { Outing, Recurring } from "../outing";

const piece = (key: StarterPieceKey, id: string = key): Piece => {
  const { name, kind, label, massG, fingersTogether = false, traits = {} } = starterPiece(key);
  return { ...computedTraitsOf(traits), id, name, kind, label, massG, fingersTogether };
};
const worn = (key: StarterPieceKey, rank: number, fromMinute: number, toMinute: number): WornPiece => ({
  piece: piece(key),
  pieceId: key,
  side: "both",
  rank,
  fromMinute,
  toMinute,
});
const outing = sampleOuting();
const ARRIVAL = 60;

/** The sample outing with dry socks put on at a minute. */
function withFreshSocks(minute: number): Outing {
  const fresh = piece("heavySock", "fresh sock");
  return {
    ...outing,
    pieces: [...outing.pieces, fresh],
    wearings: outing.wearings.flatMap((wearing) =>
      wearing.pieceId === "heavySock"
        ? [
            { ...wearing, toMinute: minute },
            { ...wearing, pieceId: fresh.id, fromMinute: minute },
          ]
        : [wearing],
    ),
  };
}

describe("changing clothes out there", () => {
  it("takes longer the nearer the skin, and no time for a hat or mitts (common practice, no source)", () => {
    const minutes = (key: StarterPieceKey): number => changeMinutes(piece(key));
    expect(minutes("base200Top")).toBeGreaterThan(minutes("downParka"));
    expect(minutes("bib")).toBeGreaterThan(minutes("downParka"));
    expect(minutes("longHat")).toBe(0);
    expect(minutes("mitts300")).toBe(0);
    expect(changeMinutes({ ...piece("bib"), changeMinutes: 9 })).toBe(9);
  });

  it("at the start is done at home", () => {
    expect(changeWindows([worn("base200Top", 10, 0, 100)]).map(({ fromMinute }) => fromMinute)).toEqual([100]);
  });

  it("of socks has the boots off, of a parka nothing", () => {
    const all = [worn("heavySock", 20, 0, 300), worn("heavyBoot", 30, 0, 300), worn("downParka", 40, 0, 300)];
    const cost = changeCost(all, worn("linerSock", 10, 60, 300), 60);
    expect(cost.off.map(({ id }) => id)).toEqual(["heavySock", "heavyBoot"]);
    expect(changeCost(all, worn("downParka", 50, 60, 300), 60).off).toEqual([]);
  });

  it("bares hands and feet for as long: fingers and toes lose what they had", () => {
    const [as, changed] = [simulateOuting(outing), simulateOuting(withFreshSocks(ARRIVAL + 40))];
    const minute = ARRIVAL + 44;
    expect(changed.series.digitC.leftToes[minute]!).toBeLessThan(as.series.digitC.leftToes[minute]! - 0.5);
    expect(changed.series.digitC.leftFingers[minute]!).toBeLessThan(as.series.digitC.leftFingers[minute]! - 1);
  });

  it("dry socks are dry: the feet hold less water after the change", () => {
    const [as, changed] = [simulateOuting(outing), simulateOuting(withFreshSocks(ARRIVAL))];
    expect(changed.series.waterGPerM2.feet[ARRIVAL + 10]!).toBeLessThan(as.series.waterGPerM2.feet[ARRIVAL + 10]!);
  });
});

describe("a toilet stop", () => {
  it("opens several layers at once and costs heat", () => {
    const stop: Recurring = {
      kind: "break",
      posture: "standing",
      activityRatio: 1.4,
      walkSpeedMPerS: 0,
      minutes: 5,
      firstAfterMinutes: 60,
      everyMinutes: null,
      hands: "both",
      dexterityNeeded: 2,
    };
    const withStop = (bares?: "toilet"): Outing => ({
      ...outing,
      phases: outing.phases.map((phase, index) =>
        index === 2 ? { ...phase, recurring: [bares ? { ...stop, bares } : stop] } : phase,
      ),
    });
    const debt = (of: Outing): number => simulateOuting(of).series.heatDebtWhPerM2[ARRIVAL + 65]!;
    expect(debt(withStop("toilet"))).toBeGreaterThan(debt(withStop()) + 0.3);
  });
});
