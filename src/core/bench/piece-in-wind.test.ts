import { describe, expect, it } from "vitest";
import { starterPiece, type StarterPieceKey } from "@/core/starter-kit";
import type { Piece } from "../pieces";
import { BENCH_WINDS_M_PER_S, pieceInWind, windContest } from "./piece-in-wind";

const piece = (key: StarterPieceKey): Piece => {
  const { name, kind, label, fingersTogether = false } = starterPiece(key);
  return { id: key, name, kind, label, fingersTogether };
};

describe("a piece in wind", () => {
  const [fleece, parka] = [piece("fleeceJacket"), piece("downParka")];

  it("a fleece loses much more of itself than a windproof (common practice: fleece without a shell in wind)", () => {
    const kept = (of: Piece): number => pieceInWind(of, "chest", 8)! / pieceInWind(of, "chest", 0.5)!;
    expect(kept(fleece)).toBeLessThan(kept(parka) - 0.15);
  });

  it("is never warmer in more wind, and is nothing where it does not lie", () => {
    for (const own of [fleece, parka]) {
      const values = BENCH_WINDS_M_PER_S.map((wind) => pieceInWind(own, "chest", wind)!);
      expect([...values].sort((one, other) => other - one)).toEqual(values);
    }
    expect(pieceInWind(fleece, "toes", 2)).toBeNull();
  });

  it("tells above what wind a thinner windproof overtakes an open pile, or that none does", () => {
    expect(windContest(parka, fleece, "chest")).toEqual({ kind: "always", warmer: "one" });
    expect(windContest(fleece, parka, "chest")).toEqual({ kind: "always", warmer: "other" });
    expect(windContest(fleece, parka, "toes")).toBeNull();
    const open: Piece = {
      ...fleece,
      label: {
        kind: "panels",
        panels: [{ patches: ["chest"], materials: [{ kind: "fleece", massGPerM2: 130 }] }],
        assembly: "none",
        face: "open",
        fit: "regular",
        wear: "new",
      },
    };
    const tight: Piece = {
      ...open,
      label: {
        ...open.label,
        face: "membrane",
        panels: [{ patches: ["chest"], materials: [{ kind: "fleece", massGPerM2: 80 }] }],
      } as Piece["label"],
    };
    const contest = windContest(open, tight, "chest")!;
    expect(contest).toMatchObject({ kind: "above", stillWarmer: "one" });
    if (contest.kind !== "above") return;
    const at = contest.windMPerS;
    expect(pieceInWind(open, "chest", at - 0.5)!).toBeGreaterThan(pieceInWind(tight, "chest", at - 0.5)!);
    expect(pieceInWind(open, "chest", at + 0.5)!).toBeLessThan(pieceInWind(tight, "chest", at + 0.5)!);
  });
});
