import { describe, expect, it } from "vitest";
import { STARTER_PIECES, starterPiece, type StarterPieceKey } from "@/core/starter-kit";
import { sampleOuting } from "../../../tests/sample-outing";
import { simulateOuting } from "../simulation";
import { isAvoided, withoutAvoided, type AvoidablePiece } from "./avoided";

const piece = (key: StarterPieceKey): AvoidablePiece => {
  const { name, kind, label, massG, fingersTogether = false, traits = {} } = starterPiece(key);
  return { id: key, name, kind, label, massG, fingersTogether, isAnimalFree: traits.isAnimalFree === true };
};
const ALL = (Object.keys(STARTER_PIECES) as StarterPieceKey[]).map(piece);
const outing = sampleOuting();

describe("a plan without what is avoided", () => {
  it("knows down by the label, and counts what is not known to be free as holding animals", () => {
    expect(isAvoided(piece("downParka"), ["down"])).toBe(true);
    expect(isAvoided(piece("synthParka"), ["down"])).toBe(false);
    expect(isAvoided({ ...piece("synthParka"), isAnimalFree: false }, ["animals"])).toBe(true);
    expect(isAvoided(piece("downParka"), [])).toBe(false);
  });

  it("holds none of it, swaps like for like, and stays a plan that can be simulated", () => {
    const { outing: plan, swaps } = withoutAvoided(outing, ALL, ["animals"]);
    expect(swaps.length).toBeGreaterThan(3);
    const byId = new Map(ALL.map((own) => [own.id, own]));
    for (const { pieceId } of plan.wearings) expect(isAvoided(byId.get(pieceId)!, ["animals"]), pieceId).toBe(false);
    for (const { from, to } of swaps) if (to) expect(to.kind).toBe(from.kind);
    expect(new Set(swaps.flatMap(({ to }) => to?.id ?? [])).size).toBe(swaps.filter(({ to }) => to).length);
    expect(simulateOuting(plan).sits).toHaveLength(simulateOuting(outing).sits.length);
  });

  it("changes nothing where nothing of it is worn", () => {
    const free = withoutAvoided(outing, ALL, []);
    expect(free.swaps).toEqual([]);
    expect(free.outing.wearings).toEqual(outing.wearings);
  });
});
