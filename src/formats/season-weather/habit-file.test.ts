import { describe, expect, it } from "vitest";
import { readHabit } from "./habit-file";

const HABIT = {
  weekdays: ["saturday", "sunday"],
  from: "11-01",
  to: "03-31",
  begins: { by: "sunrise", minutes: -45 },
  hoursWanted: 4,
};

describe("a habit", () => {
  it("is read from its words", () => {
    expect(readHabit(JSON.stringify(HABIT))).toEqual({
      ok: true,
      habit: {
        weekdays: [6, 0],
        from: { month: 11, day: 1 },
        to: { month: 3, day: 31 },
        begins: { by: "sunrise", minutes: -45 },
        wantedMinutes: 240,
      },
    });
  });

  it.each([
    ["a weekday that is none", { ...HABIT, weekdays: ["caturday"] }, "weekdays.0"],
    ["a day that is none", { ...HABIT, from: "13-01" }, "from"],
    ["no time at all", { ...HABIT, hoursWanted: 0 }, "hoursWanted"],
    ["what nobody asked for", { ...HABIT, moss: true }, "(whole file)"],
  ])("names %s by its path", (_what, file, path) => {
    const read = readHabit(JSON.stringify(file));
    expect(read.ok ? [] : read.problems.map((problem) => problem.path)).toEqual([path]);
  });

  it("says what is no JSON", () => {
    expect(readHabit("weekdays: all").ok).toBe(false);
  });
});
