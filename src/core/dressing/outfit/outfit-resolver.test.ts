import { describe, expect, it } from "vitest";
import { sampleOuting } from "../../../../tests/sample-outing";
import type { Label } from "../../labels";
import { SITE_INDEX, type Side } from "../../patches";
import { replayTo, simulateOuting } from "../../simulation";
import { sitSpans, type Wearing } from "../../outing";
import type { Piece } from "../../pieces";
import { OutfitResolver } from "./outfit-resolver";

/** Invented: a sleeve on the forearm, as sewn for one side or for both. */
const layer = {
  insulationM2KPerW: 0.1,
  thicknessMm: 4,
  gapMm: 1,
  airPermeabilityLPerM2S: 100,
  keptUnderLoad: 0.5,
  rigidWall: false,
};
const sleeve = (side: Side | "both", part?: string): Label => ({
  kind: "explicit",
  panels: [{ patches: ["forearm"], side, part, layers: [layer] }],
});
const belly: Label = { kind: "explicit", panels: [{ patches: ["belly"], side: "left", layers: [layer] }] };
const pieceOf = (label: Label, traits: Partial<Piece> = {}): Piece => ({
  id: "piece",
  name: "piece",
  kind: "garment",
  fingersTogether: false,
  label,
  ...traits,
});
const worn = (side: Wearing["side"], more: Partial<Wearing> = {}): Wearing => ({
  pieceId: "piece",
  side,
  rank: 1,
  fromMinute: 0,
  toMinute: 60,
  ...more,
});
const dressOf = (piece: Piece, wearing: Wearing) => new OutfitResolver([piece], [wearing]).timeline().at(0);
const sidesDressed = (label: Label, wearing: Wearing): Side[] => {
  const { layers } = dressOf(pieceOf(label), wearing);
  return (["left", "right"] as const).filter((side) => layers[SITE_INDEX[`forearm.${side}`]!]!.length > 0);
};

describe("layers from the skin out", () => {
  const thin = pieceOf(sleeve("both"), { id: "thin" });
  const thick = pieceOf(
    { kind: "explicit", panels: [{ patches: ["forearm"], side: "both", layers: [{ ...layer, thicknessMm: 9 }] }] },
    { id: "thick" },
  );
  const thicknesses = (wearings: readonly Wearing[]): number[] =>
    new OutfitResolver([thick, thin], wearings)
      .timeline()
      .at(30)
      .layers[SITE_INDEX["forearm.left"]!]!.map((own) => own.layer.thicknessMm);

  it("lie by rank; of one rank what goes on later outside; whatever the order of the list", () => {
    const on = (pieceId: string, rank: number, fromMinute: number) => worn("both", { pieceId, rank, fromMinute });
    for (const [one, other, lie] of [
      [on("thick", 1, 0), on("thin", 2, 0), [9, 4]],
      [on("thick", 1, 20), on("thin", 1, 0), [4, 9]],
      [on("thick", 1, 0), on("thin", 1, 20), [9, 4]],
      [on("thick", 1, 0), on("thin", 1, 0), [9, 4]],
    ] as const) {
      expect(thicknesses([one, other])).toEqual(lie);
      expect(thicknesses([other, one])).toEqual(lie);
    }
  });

  it("give the same answer however wearings are listed", () => {
    const outing = sampleOuting();
    const alike = outing.wearings.map((wearing) => ({ ...wearing, rank: 1 }));
    const [one, other] = [alike, [...alike].reverse()].map((wearings) => simulateOuting({ ...outing, wearings }));
    expect(other!.sits).toEqual(one!.sits);
  });
});

describe("a piece on one side", () => {
  it("lies where both its panel and the wearing say", () => {
    expect(sidesDressed(sleeve("both"), worn("both"))).toEqual(["left", "right"]);
    expect(sidesDressed(sleeve("both"), worn("left"))).toEqual(["left"]);
    expect(sidesDressed(sleeve("right"), worn("both"))).toEqual(["right"]);
    expect(sidesDressed(sleeve("right"), worn("right"))).toEqual(["right"]);
    expect(sidesDressed(sleeve("right"), worn("left"))).toEqual([]);
  });

  it("covers what has no sides however it is worn", () => {
    const { layers } = dressOf(pieceOf(belly), worn("right"));
    expect(layers[SITE_INDEX.belly!]).toHaveLength(1);
  });

  it("lies nowhere with a part that is taken off", () => {
    expect(sidesDressed(sleeve("both", "sleeves"), worn("both"))).toEqual(["left", "right"]);
    expect(sidesDressed(sleeve("both", "sleeves"), worn("both", { withoutParts: ["sleeves"] }))).toEqual([]);
  });
});

describe("the lowest shaft on the feet", () => {
  const boot = pieceOf(sleeve("both"), { kind: "footwear", shaftHeightCm: 18 });

  it("is open, unless a gaiter closes the ankles or it is not known", () => {
    expect(dressOf(boot, worn("both")).shaftHeightCm).toBe(18);
    expect(dressOf({ ...boot, seals: ["ankles"] }, worn("both")).shaftHeightCm).toBeNull();
    expect(dressOf({ ...boot, shaftHeightCm: undefined }, worn("both")).shaftHeightCm).toBeNull();
  });
});

describe("a moment lived again", () => {
  const outing = sampleOuting();
  const { series } = simulateOuting(outing);
  const sits = sitSpans(outing.phases);
  const last = sits.at(-1)!;

  it("is the simulation's, to the digit, in the plan", () => {
    for (const minute of [1, 30, last.fromMinute + 20, last.toMinute]) {
      const { sitter } = replayTo(outing, last, minute);
      // Within a stretch the curve lies straight between two steps; at its ends it is the same to the digit.
      const places = [1, last.toMinute].includes(minute) ? 9 : 1;
      expect(sitter.digitC[0]).toBeCloseTo(series.digitC.leftFingers[minute]!, places);
      expect(sitter.trunkC()).toBeCloseTo(series.trunkC[minute]!, places);
    }
  });

  it("goes on past the plan in the clothes of its last minute, colder and colder in toes", () => {
    const deep = { ...outing, weather: outing.weather.map((hour) => ({ ...hour, airTemperatureC: -20 })) };
    const toes = [0, 20, 60].map((past) => replayTo(deep, last, last.toMinute + past).sitter.digitC[2]!);
    expect(toes[1]).toBeLessThan(toes[0]!);
    expect(toes[2]).toBeLessThan(toes[1]!);
    const { dress } = replayTo(outing, last, last.toMinute + 60);
    expect(dress.layers).toEqual(replayTo(outing, last, last.toMinute).dress.layers);
  });
});
