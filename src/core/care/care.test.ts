import { describe, expect, it } from "vitest";
import { starterPiece, type StarterPieceKey } from "@/core/starter-kit";
import { LOFT_KEPT } from "../labels";
import { careOf, isCareDue, newThicknessMm, wearByPinch, type CareDone } from "./care";

const needs = (key: StarterPieceKey, wears = 0, done: CareDone = {}) => {
  const { kind, label, traits = {} } = starterPiece(key);
  return careOf({ kind, label, traits }, done, wears);
};
const tasks = (key: StarterPieceKey) => needs(key).map(({ task }) => task);

describe("care by wears (common practice)", () => {
  it("asks of each piece what it needs: boots dried, shells proofed, down aired, base layers washed", () => {
    expect(tasks("heavyBoot")).toEqual(["dry"]);
    expect(tasks("shellJacket")).toEqual(["wash", "reproof"]);
    expect(tasks("downParka")).toContain("loft");
    expect(tasks("base200Top")).toEqual(["wash"]);
    expect(tasks("seatPad")).toEqual([]);
  });

  it("washes what lies next to the skin sooner than a fleece, and down least often", () => {
    const every = (key: StarterPieceKey) => needs(key).find(({ task }) => task === "wash")!.everyWears;
    expect(every("base200Top")).toBeLessThan(every("fleeceJacket"));
    expect(every("fleeceJacket")).toBeLessThan(every("downParka"));
  });

  it("falls due after so many wears since it was done, and not before", () => {
    const { kind, label, traits = {} } = starterPiece("base200Top");
    const isDue = (wears: number, done: CareDone = {}): boolean => isCareDue({ kind, label, traits }, done, wears);
    expect([3, 4].map((wears) => isDue(wears))).toEqual([false, true]);
    expect(isDue(5, { wash: { wears: 4, on: "2026-11-20" } })).toBe(false);
    expect(isDue(8, { wash: { wears: 4, on: "2026-11-20" } })).toBe(true);
    expect(needs("base200Top", 2, { wash: { wears: 9, on: "2026-11-20" } })[0]!.sinceWears).toBe(0);
  });

  it("knows how thick a piece was when new, however worn it is", () => {
    const { label } = starterPiece("synthParka");
    const worn = label.kind === "panels" ? { ...label, wear: "muchUsed" as const } : label;
    expect(newThicknessMm(worn)).toBe(newThicknessMm(label));
    expect(newThicknessMm(label)).toBeGreaterThan(10);
  });

  it("reads a pinch as the nearest step of wear", () => {
    for (const [wear, kept] of Object.entries(LOFT_KEPT)) expect(wearByPinch(40, 40 * kept)).toBe(wear);
    expect(wearByPinch(40, 10)).toBe("muchUsed");
  });

  it("washes socks sooner than all else, a tight knit as a close one, and asks nothing of layers written out", () => {
    const every = (key: StarterPieceKey) => needs(key).find(({ task }) => task === "wash")!.everyWears;
    expect(every("heavySock")).toBeLessThan(every("base200Top"));
    const { kind, label } = starterPiece("base200Top");
    if (label.kind === "explicit") throw new Error("a label of panels");
    const of = (own: typeof label) => careOf({ kind, label: own, traits: {} }, {}, 0);
    expect(of({ ...label, fit: "tight" })).toEqual(of(label));
    expect(careOf({ kind, label: { kind: "explicit", panels: [] }, traits: {} }, {}, 0)).toEqual([]);
    expect(newThicknessMm({ kind: "explicit", panels: [] })).toBe(0);
  });
});
