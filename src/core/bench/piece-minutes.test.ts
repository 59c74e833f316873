import { corePiece } from "../../../tests/core-piece";
import { describe, expect, it } from "vitest";
import type { StarterPieceKey } from "@/core/starter-kit";
import { sampleOuting } from "../../../tests/sample-outing";
import { dressWith, pieceMinutes } from "./piece-minutes";
import type { BenchSetting } from "./bench-setting";

const KEYS = [
  "base350Top",
  "base350Legs",
  "fleeceJacket",
  "synthParka",
  "bib",
  "longHat",
  "mitts300",
  "linerSock",
  "heavySock",
  "heavyBoot",
] as const;
const dressOf = (keys: readonly StarterPieceKey[]): BenchSetting["dress"] => ({
  pieces: keys.map(corePiece),
  wearings: keys.map((pieceId, rank) => ({ pieceId, side: "both", rank: 10 * rank, fromMinute: 0, toMinute: 60 })),
});
const setting: BenchSetting = {
  person: sampleOuting().person,
  dress: dressOf(KEYS),
  airTemperatureC: -2,
  windAtSeatMPerS: 1,
  ground: "snow",
  posture: "sitting",
  hours: 4,
};
const worn = (key: StarterPieceKey): string[] =>
  dressWith(setting.dress, corePiece(key)).wearings.map(({ pieceId }) => pieceId);

describe("a piece in an outfit", () => {
  it("takes the place of its like and of nothing else", () => {
    expect(worn("downParka")).toEqual([...KEYS.filter((key) => key !== "synthParka"), "tried"]);
    expect(worn("base200Top")).toEqual([...KEYS.filter((key) => key !== "base350Top"), "tried"]);
    expect(worn("woolTube")).toEqual([...KEYS, "tried"]);
    expect(worn("pacBoot")).toEqual([...KEYS.filter((key) => key !== "heavyBoot"), "tried"]);
  });

  it("lasts longer in the outfit than alone, and what the outfit holds already changes nothing", () => {
    const parka = pieceMinutes(setting, corePiece("downParka"));
    expect(parka.inOutfit.minutes!).toBeGreaterThan(parka.alone.minutes!);
    const [synthetic, boot] = [
      pieceMinutes(setting, corePiece("synthParka")),
      pieceMinutes(setting, corePiece("heavyBoot")),
    ];
    // The same pieces in another order: a minute of rounding.
    expect(synthetic.inOutfit.endedBy).toEqual(boot.inOutfit.endedBy);
    expect(Math.abs(synthetic.inOutfit.minutes! - boot.inOutfit.minutes!)).toBeLessThanOrEqual(1);
  });

  it("pieces differ in how long they keep warm what they cover, where something else ends the sit of both", () => {
    const inFrost: BenchSetting = { ...setting, airTemperatureC: -12 };
    const [thin, thick] = [pieceMinutes(inFrost, corePiece("mitts200")), pieceMinutes(inFrost, corePiece("mitts300"))];
    for (const { inOutfit } of [thin, thick]) expect(inOutfit.endedBy?.limit).toBe("shivering");
    expect(Math.abs(thick.inOutfit.minutes! - thin.inOutfit.minutes!)).toBeLessThanOrEqual(2);
    expect(thin.ofItsPart.endedBy?.limit).toBe("fingers");
    expect(thick.ofItsPart.minutes ?? Infinity).toBeGreaterThan(thin.ofItsPart.minutes! + 5);
  });

  it("the thinner boot ends the sit sooner", () => {
    const minutes = (key: StarterPieceKey): number =>
      pieceMinutes(setting, corePiece(key)).inOutfit.minutes ?? Infinity;
    expect(minutes("kneeBoot")).toBeLessThan(minutes("heavyBoot"));
  });

  it("says so where a sit has no end as far as it is simulated", () => {
    const mild = { ...setting, airTemperatureC: 15, windAtSeatMPerS: 0, hours: 0.5 };
    expect(pieceMinutes(mild, corePiece("synthParka")).inOutfit).toEqual({ minutes: null, endedBy: null });
  });
});
