import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { PATCHES } from "@/core/patches";
import { gripAt, movedSpan, snapped } from "./drag";
import { FRONT_FIGURE, SIDE_FIGURE } from "./figure";
import { ledgerBars } from "./ledger-bars";
import { laidInARow } from "./legend";
import { stateOfPart, STATES } from "./state-of-part";
import { thinned } from "./thinned";

describe("dragging a bar", () => {
  it("holds it by its ends or its middle, a short one too", () => {
    expect([gripAt(102, 100, 200), gripAt(200, 100, 200), gripAt(297, 100, 200)]).toEqual(["start", "whole", "end"]);
    expect(gripAt(105, 100, 10)).toBe("whole");
  });

  it("never leaves the outing nor turns a bar over", () => {
    const span = fc
      .tuple(fc.integer({ min: 0, max: 400 }), fc.integer({ min: 1, max: 400 }))
      .map(([from, length]) => ({ fromMinute: from, toMinute: Math.min(500, from + length) }));
    const grip = fc.constantFrom("start" as const, "end" as const, "whole" as const);
    fc.assert(
      fc.property(span, grip, fc.integer({ min: -900, max: 900 }), fc.constantFrom(1, 5), (own, by, minutes, step) => {
        const moved = movedSpan(own, by, minutes, step, 500);
        expect(moved.fromMinute).toBeGreaterThanOrEqual(0);
        expect(moved.toMinute).toBeLessThanOrEqual(500);
        expect(moved.toMinute).toBeGreaterThan(moved.fromMinute);
        if (by === "whole") expect(moved.toMinute - moved.fromMinute).toBe(own.toMinute - own.fromMinute);
      }),
    );
    expect(snapped(63, 5)).toBe(65);
  });
});

describe("a curve of fewer points", () => {
  const between = (values: readonly number[], kept: readonly number[], index: number): number => {
    const to = kept.find((own) => own >= index)!;
    const from = kept.findLast((own) => own <= index)!;
    return from === to ? values[to]! : values[from]! + ((index - from) / (to - from)) * (values[to]! - values[from]!);
  };

  it("passes everywhere within the tolerance, and keeps first and last", () => {
    const value = fc.oneof(fc.double({ min: -40, max: 40, noNaN: true }), fc.constantFrom(0, 30));
    fc.assert(
      fc.property(
        fc.array(value, { minLength: 2, maxLength: 80 }),
        fc.constantFrom(0.05, 1, 10),
        (values, tolerance) => {
          const kept = thinned(values, tolerance);
          expect([kept[0], kept.at(-1)]).toEqual([0, values.length - 1]);
          values.forEach((own, index) => {
            expect(Math.abs(own - between(values, kept, index))).toBeLessThanOrEqual(tolerance + 1e-9);
          });
        },
      ),
    );
  });

  it("is two points where it is straight, three at a corner, one or none where there is no more", () => {
    const straight = Array.from({ length: 50 }, (_, index) => 3 + 0.7 * index);
    const corner = straight.map((own, index) => (index <= 20 ? own : straight[20]!));
    expect(thinned(straight, 0.01)).toEqual([0, 49]);
    expect(thinned(corner, 0.01)).toEqual([0, 20, 49]);
    expect([thinned([4], 0.01), thinned([], 0.01)]).toEqual([[0], []]);
  });
});

describe("the figure", () => {
  it("shows every part of the body that clothing knows, from one view or the other", () => {
    const drawn = new Set([...SIDE_FIGURE, ...FRONT_FIGURE.middle, ...FRONT_FIGURE.right].map(({ patch }) => patch));
    expect(PATCHES.filter((patch) => !drawn.has(patch))).toEqual([]);
  });

  it("draws left as right, and fingers and toes by their own temperature", () => {
    expect(FRONT_FIGURE.left.map(({ path }) => path)).toEqual(FRONT_FIGURE.right.map(({ path }) => path));
    expect(FRONT_FIGURE.left.find(({ patch }) => patch === "toes")!.digit).toBe("leftToes");
    expect(SIDE_FIGURE.find(({ patch }) => patch === "calf")!.digit).toBeUndefined();
  });

  it("goes from warm to numb as a part cools", () => {
    const run = [30, 18, 13, 8].map((temperature) => stateOfPart(temperature, "toes"));
    expect(run).toEqual(STATES);
    expect(stateOfPart(33, "skin")).toBe("warm");
  });
});

describe("the ledger's bars", () => {
  it("are of one length when what comes in goes out, whatever the signs", () => {
    const watts = fc.double({ min: -80, max: 200, noNaN: true });
    fc.assert(
      fc.property(
        fc.tuple(watts, watts, watts, watts, watts),
        fc.double({ min: 60, max: 500, noNaN: true }),
        (parts, madeW) => {
          const [breathedW, vapourW, convectionW, radiationW, contactW] = parts;
          const storedW = madeW - parts.reduce((sum, part) => sum + part, 0);
          const bars = ledgerBars({
            madeW,
            shiveringW: 10,
            breathedW,
            vapourW,
            convectionW,
            radiationW,
            contactW,
            storedW,
          });
          const length = (of: typeof bars.gains) => of.reduce((sum, { share }) => sum + share, 0);
          expect(length(bars.gains)).toBeCloseTo(1, 9);
          expect(length(bars.losses)).toBeCloseTo(1, 9);
        },
      ),
    );
  });
});

it("a legend's entries stand one after the other", () => {
  const { entries, width } = laidInARow(["toes", "fingers L"], (name) => name, 10);
  expect(entries[0]!.left).toBe(10);
  expect(entries[1]!.left).toBeGreaterThan(entries[0]!.left + 40);
  expect(width).toBeGreaterThan(entries[1]!.left - 10);
});
