import { describe, expect, it } from "vitest";
import type { HandTask } from "@/core/bench";
import { careStandText } from "../care-words";
import { fingerText, offText, rewarmText, taskText } from "./hand-words";

const task = (change: Partial<HandTask> = {}): HandTask => ({
  dexterityNeeded: 3,
  off: [1],
  minutes: { comfort: 2, cold: 5, hard: null },
  rewarmMinutes: 12,
  workingC: [],
  otherC: [],
  ...change,
});

describe("hands at work in words", () => {
  it("tell how long, longer than was looked at, and fingers that were too cold before", () => {
    expect(taskText(task(), "cold")).toBe("5 min");
    expect(taskText(task(), "hard")).toBe("over 1 h 00");
    expect(taskText(task({ minutes: { comfort: 0, cold: 0, hard: 4 } }), "cold")).toBe("too cold before");
    expect(fingerText(95, 120)).toBe("1 h 35");
  });

  it("tell what comes off, and how long the hand takes to come back", () => {
    expect(offText(task(), ["Liner", "Mitt"])).toBe("without Mitt");
    expect(offText(task({ off: [0, 1] }), ["Liner", "Mitt"])).toBe("bare");
    expect(offText(task({ off: [] }), ["Liner"])).toBe("nothing comes off");
    expect(offText(task({ off: [] }), [])).toBe("bare as it is");
    expect([
      rewarmText(task()),
      rewarmText(task({ rewarmMinutes: 0 })),
      rewarmText(task({ rewarmMinutes: null })),
    ]).toEqual(["12 min", "nothing to warm", "over 2 h 00"]);
  });
});

describe("care in words", () => {
  const need = { task: "wash", everyWears: 4 } as const;
  it("is due or to come, with the day it was done last", () => {
    expect(careStandText({ ...need, sinceWears: 5, isDue: true }, null)).toBe("due: 5 wears, every 4");
    expect(careStandText({ ...need, sinceWears: 1, isDue: true }, "2026-11-02")).toBe(
      "due: 1 wear since 2026-11-02, every 4",
    );
    expect(careStandText({ ...need, sinceWears: 3, isDue: false }, "2026-11-02")).toBe("in 1 wear, last 2026-11-02");
  });
});
