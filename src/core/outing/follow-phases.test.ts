import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { followPhases } from "./follow-phases";
import { withPhaseMinutes } from "./edit-phase";
import type { Phase, Wearing } from "./outing";

const walk = { kind: "walkIn", posture: "standing", activityRatio: 4, walkSpeedMPerS: 1 } as const;
const phases = (...minutes: readonly number[]): (Phase & { id: string })[] =>
  minutes.map((own, index) => ({ ...walk, id: `p${index}`, minutes: own }));
const wearing = (fromMinute: number, toMinute: number): Wearing => ({
  pieceId: "a",
  side: "both",
  rank: 10,
  fromMinute,
  toMinute,
});

describe("wearings of those who go along", () => {
  it("follow a phase's new length as the own ones do", () => {
    const before = phases(40, 20, 120, 40);
    fc.assert(
      fc.property(
        fc.integer({ min: 0, max: 3 }),
        fc.integer({ min: 1, max: 200 }),
        fc.constantFrom([0, 220], [40, 180], [60, 220], [0, 60]),
        (index, minutes, [from, to]) => {
          const own = withPhaseMinutes(before, [wearing(from!, to!)], index, minutes);
          expect(followPhases([wearing(from!, to!)], before, own.phases)).toEqual(own.wearings);
        },
      ),
    );
  });

  it("move with the phase they begin at when another is put in or taken out before it", () => {
    const before = phases(40, 20, 120);
    const inserted = [before[0]!, { ...walk, id: "new", minutes: 30 }, ...before.slice(1)];
    expect(followPhases([wearing(60, 180)], before, inserted)).toEqual([wearing(90, 210)]);
    expect(followPhases([wearing(60, 180), wearing(45, 180)], before, [before[0]!, before[2]!])).toEqual([
      wearing(40, 160),
      wearing(40, 160),
    ]);
  });
});
