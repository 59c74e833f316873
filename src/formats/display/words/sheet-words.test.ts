import { describe, expect, it } from "vitest";
import type { Worth } from "@/core/changes";
import type { DayRun } from "@/core/day";
import type { WearingProblemKind } from "@/core/dressing";
import { addedMassWords, changeWords, gainWords } from "./change-words";
import { moneyText } from "../numbers";
import { problemWords } from "./problem-words";
import { dayWords } from "./stay-words";
import { clockText } from "../time";

const change = (
  kind: Worth["change"]["kind"],
  pieceIds: readonly string[] = [],
  id: string = kind,
): Worth["change"] => ({
  id,
  kind,
  pieceIds,
  addedMassG: 0,
});
const NAMES: Readonly<Record<string, string>> = { a: "Fleece", b: "Trousers" };
const nameOf = (id: string): string => NAMES[id] ?? "a piece";

describe("changes in words", () => {
  it.each([
    [change("wearPiece", ["a"]), "Wear Fleece as well"],
    [change("swapPiece", ["a", "b"]), "Fleece instead of Trousers"],
    [change("closeOpening", [], "close neck"), "Close the neck"],
    [change("putOnEarlier", ["a"]), "Fleece on 10 min earlier"],
    [change("partBackOn", ["b"]), "Trousers with all its parts"],
    [change("walkEveryHour"), "Walk 5 min every hour"],
    [change("sitDown"), "Sit instead of stand"],
  ])("%o", (own, words) => expect(changeWords(own, nameOf)).toBe(words));

  it("tell gain and mass with their signs, and what is not known", () => {
    const worth = (gainedMinutes: number, atLeast = false): Worth => ({
      change: change("sitDown"),
      gainedMinutes,
      atLeast,
      perKg: null,
    });
    expect(gainWords(worth(24))).toBe("+24 min");
    expect(gainWords(worth(-3))).toBe("−3 min");
    expect(gainWords(worth(90, true))).toBe("at least +90 min");
    expect(addedMassWords({ ...change("sitDown"), addedMassG: 350 })).toBe("+350 g");
    expect(addedMassWords({ ...change("sitDown"), addedMassG: -10 })).toBe("−10 g");
    expect(addedMassWords({ ...change("sitDown"), addedMassG: 0 })).toBe("no extra mass");
    expect(addedMassWords({ ...change("sitDown"), addedMassG: null })).toBe("mass not known");
    expect(moneyText(8500, "EUR")).toBe("€85");
  });
});

describe("the day in words", () => {
  const view = {
    startsAt: "2027-01-10T05:00:00.000Z",
    place: { id: "", name: "", timeZone: "Europe/Oslo" },
    phases: [
      { id: "", kind: "sit" as const, minutes: 300, posture: "sitting" as const, activityRatio: 1, walkSpeedMPerS: 0 },
    ],
  };
  const run = (kind: DayRun["kind"], advice: DayRun["advice"] = []): DayRun => ({ kind, advice, neededClo: [] });

  it("names its kind, and when to shed or add within the outing", () => {
    expect(dayWords(run("stays"), view)).toBe("The day stays much as it begins.");
    const advice = [
      { minute: 120, action: "shed" as const, byClo: 0.72 },
      { minute: 400, action: "add" as const, byClo: 1 },
    ];
    expect(dayWords(run("warms", advice), view)).toBe("The day warms. Against the start: shed about 0.7 clo by 08:00.");
    expect(dayWords(run("turnsWorse", advice.slice(1)), view)).toBe("The day turns worse.");
  });
});

describe("problems in words", () => {
  const KINDS: readonly WearingProblemKind[] = [
    "legsOverBoots",
    "twoBoots",
    "bootTooFull",
    "manySocks",
    "mittInGlove",
    "strapThroughCollar",
  ];
  it.each(KINDS)("%s names the other piece and a way out", (kind) => {
    const { reason, wayOut } = problemWords(kind, "Pac boot");
    expect(reason).toContain("Pac boot");
    expect(wayOut).toMatch(/\.$/);
  });
});

describe("clock times", () => {
  it("repeat the hour when clocks go back and skip one when they go forward (Europe/Oslo, 2027)", () => {
    expect(clockText("2027-10-31T00:30:00Z", "Europe/Oslo")).toBe("02:30");
    expect(clockText("2027-10-31T01:30:00Z", "Europe/Oslo")).toBe("02:30");
    expect(clockText("2027-03-28T00:59:00Z", "Europe/Oslo")).toBe("01:59");
    expect(clockText("2027-03-28T01:00:00Z", "Europe/Oslo")).toBe("03:00");
  });
});
