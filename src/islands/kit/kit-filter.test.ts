import { describe, expect, it } from "vitest";
import { starterPiece, STARTER_PIECES, type StarterPieceKey } from "@/core/starter-kit";
import type { KitPiece } from "@/formats/wire/kit/kit-view";
import { isAskedFor, NO_FILTER, type KitFilter } from "./kit-filter";

const piece = (key: StarterPieceKey, change: Partial<KitPiece> = {}): KitPiece => {
  const { fingersTogether = false, traits = {}, ...rest } = starterPiece(key);
  return {
    ...rest,
    id: key,
    fingersTogether,
    traits,
    currency: "EUR",
    note: "",
    care: {},
    wears: 0,
    hasPhoto: false,
    status: "inUse",
    version: 1,
    outings: 0,
    ...change,
  };
};
const KIT = (Object.keys(STARTER_PIECES) as StarterPieceKey[]).map((key) => piece(key));
const found = (change: Partial<KitFilter>, kit = KIT): string[] =>
  kit.filter((own) => isAskedFor(own, { ...NO_FILTER, ...change })).map(({ id }) => id);

describe("what of a kit is listed", () => {
  it("is all in use where nothing is asked; retired and deleted only when asked for", () => {
    expect(found({})).toHaveLength(KIT.length);
    const kit = [piece("bib", { status: "retired" }), piece("thinCap", { status: "deleted" }), piece("woolTube")];
    expect(found({}, kit)).toEqual(["woolTube"]);
    expect(found({ withRetired: true }, kit)).toEqual(["bib", "woolTube"]);
    expect(found({ withDeleted: true }, kit)).toEqual(["thinCap", "woolTube"]);
  });

  it("is found by name and note in any script, accents and capitals aside", () => {
    const kit = [
      piece("woolTube", { name: "Écharpe épaisse" }),
      piece("thinCap", { name: "шапка", note: "Подарок" }),
      piece("bib", { note: "<b>torn</b>" }),
    ];
    expect(found({ text: "echarpe" }, kit)).toEqual(["woolTube"]);
    expect(found({ text: "ПОДАРОК" }, kit)).toEqual(["thinCap"]);
    expect(found({ text: "<B>" }, kit)).toEqual(["bib"]);
    expect(found({ text: "(" }, kit)).toEqual([]);
  });

  it("is what lies in a zone, of a kind, with every trait asked for", () => {
    expect(found({ lane: "Feet" }).every((id) => /sock|boot|footbed|toePacks/i.test(id))).toBe(true);
    expect(found({ kind: "pad" })).toEqual(["seatPad", "sheepskin", "footPad"]);
    expect(found({ traits: ["windproof"] })).toContain("shellJacket");
    expect(found({ traits: ["windproof"] })).not.toContain("fleeceJacket");
    expect(found({ traits: ["windproof", "overBoots"] })).toContain("shellTrousers");
    expect(found({ traits: ["nimble"] })).toContain("thinGloves");
    const quiet = [
      piece("bib", { traits: { noise: 1, isAnimalFree: true, floats: true, waterResistance: 3 } }),
      piece("thinCap"),
    ];
    expect(found({ traits: ["quiet", "animalFree", "floats", "waterproof"] }, quiet)).toEqual(["bib"]);
  });

  it("finds its own among five hundred", () => {
    const many = Array.from({ length: 500 }, (_, index) =>
      piece("fleeceJacket", { id: String(index), name: `Piece ${index}` }),
    );
    expect(found({ text: "piece 49", lane: "Trunk" }, many)).toHaveLength(11);
  });

  it("due for care is what was worn often enough since it was seen to", () => {
    const kit = [
      piece("base200Top", { wears: 4 }),
      piece("fleeceJacket", { wears: 4 }),
      piece("base200Legs", { wears: 5, care: { wash: { wears: 4, on: "2026-11-01" } } }),
    ];
    expect(found({ traits: ["due"] }, kit)).toEqual(["base200Top"]);
  });
});
