import { describe, expect, it } from "vitest";
import { starterPiece } from "@/core/starter-kit";
import { hoursToDry } from "./drying";
import { hoursToDrySoaked } from "./soaked";

describe("drying indoors", () => {
  it("takes longer in a colder or damper room, never a negative time", () => {
    const hours = hoursToDry(300, "hung", 20, 40)!;
    expect(hours).toBeGreaterThan(0);
    expect(hoursToDry(300, "hung", 10, 40)).toBeGreaterThan(hours);
    expect(hoursToDry(300, "hung", 20, 80)).toBeGreaterThan(hours);
    expect(hoursToDry(0, "fixed", 20, 40)).toBe(0);
  });

  it("a pulled liner is dry by the morning, one that stays in the boot is not, in a pack never (common practice)", () => {
    const NIGHT_H = 10;
    expect(hoursToDry(350, "pulledOut", 20, 40)!).toBeLessThan(NIGHT_H);
    expect(hoursToDry(350, "fixed", 20, 40)!).toBeGreaterThan(NIGHT_H);
    expect(hoursToDry(350, "packed", 20, 40)).toBeNull();
  });
});

describe("a soaked piece", () => {
  const hours = (key: Parameters<typeof starterPiece>[0]): number => hoursToDrySoaked(starterPiece(key), "hung")!;

  it("takes the longer the more fibre it has, and never dries in a stuff sack", () => {
    expect(hours("base350Top")).toBeGreaterThan(hours("base200Top"));
    expect(hours("feltShirt")).toBeGreaterThan(hours("base350Top"));
    expect(hours("base200Top")).toBeGreaterThan(0);
    // A padded suit of 2.6 kg that was soaked hangs for a day and longer (common practice, no source).
    expect(hours("iceSuit")).toBeGreaterThan(12);
    expect(hours("iceSuit")).toBeLessThan(72);
    expect(hours("base200Top")).toBeLessThan(6);
    expect(hoursToDrySoaked(starterPiece("feltShirt"), "packed")).toBeNull();
  });
});
