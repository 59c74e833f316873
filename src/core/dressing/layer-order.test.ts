import { describe, expect, it } from "vitest";
import { movedLayer, neighbours, type Layer } from "./layer-order";

const layer = (id: string, rank: number, change: Partial<Layer> = {}): Layer => ({
  id,
  pieceId: id,
  rank,
  fromMinute: 0,
  toMinute: 100,
  side: "both",
  ...change,
});
const BASE = layer("base", 10);
const FLEECE = layer("fleece", 20);
const VEST = layer("vest", 20, { fromMinute: 35 });
const PARKA = layer("parka", 40, { fromMinute: 35 });
const LAYERS = [PARKA, VEST, BASE, FLEECE];
const MOST = 99;

const orderAfter = (layers: readonly Layer[], ranks: ReadonlyMap<string, number>): string[] =>
  layers
    .map((own) => ({ ...own, rank: ranks.get(own.id) ?? own.rank }))
    .sort((one, other) => one.rank - other.rank)
    .map(({ id }) => id);

describe("the order of layers", () => {
  it("tells what lies under and over a piece while it is worn", () => {
    expect(neighbours(LAYERS, "fleece")).toMatchObject({ under: { id: "base" }, over: { id: "vest" } });
    expect(neighbours(LAYERS, "base").under).toBeNull();
    expect(neighbours(LAYERS, "parka").over).toBeNull();
  });

  it("pieces of other hands and other hours do not lie on each other", () => {
    const left = layer("left", 10, { side: "left" });
    const right = layer("right", 20, { side: "right" });
    const later = layer("later", 30, { side: "left", fromMinute: 100, toMinute: 200 });
    expect(neighbours([left, right, later], "left")).toEqual({ under: null, over: null });
  });

  it("moves a piece over the next and under the one before, and gives each a rank of its own", () => {
    expect(orderAfter(LAYERS, movedLayer(LAYERS, "fleece", "over", MOST))).toEqual(["base", "vest", "fleece", "parka"]);
    expect(orderAfter(LAYERS, movedLayer(LAYERS, "fleece", "under", MOST))).toEqual([
      "fleece",
      "base",
      "vest",
      "parka",
    ]);
    expect(orderAfter(LAYERS, movedLayer(LAYERS, "parka", "under", MOST))).toEqual(["base", "fleece", "parka", "vest"]);
  });

  it("there and back is the order there was; where nothing lies beyond nothing moves", () => {
    const there = movedLayer(LAYERS, "vest", "over", MOST);
    const moved = LAYERS.map((own) => ({ ...own, rank: there.get(own.id) ?? own.rank }));
    expect(orderAfter(moved, movedLayer(moved, "vest", "under", MOST))).toEqual(["base", "fleece", "vest", "parka"]);
    expect(movedLayer(LAYERS, "parka", "over", MOST).size).toBe(0);
    expect(movedLayer(LAYERS, "nobody", "over", MOST).size).toBe(0);
  });
});
