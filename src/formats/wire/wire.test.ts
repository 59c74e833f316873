import { describe, expect, it } from "vitest";
import { simulateOuting } from "@/core/simulation";
import { sampleOuting } from "../../../tests/sample-outing";
import { sampleView, UUID } from "../../../tests/sample-view";
import { changedOuting } from "@/core/changes";
import { contentOfOuting } from "./outing/content-of-outing";
import { saveOutingSchema } from "./outing/outing-schema";
import type { OutingContentView, OutingView } from "./outing/outing-view";
import { verdictLine } from "./outing/verdict-line";
import { estimatedLine } from "./outing/verdict-line";
import { kitOf, viewToOuting } from "./outing/view-to-outing";
import { minutesRange } from "@/core/range";

describe("a view", () => {
  it("becomes the same outing as the file, without what is not worn", () => {
    const outing = viewToOuting(sampleView());
    expect(outing.pieces.map(({ id }) => id)).not.toContain("spare");
    expect(simulateOuting(outing).sits).toEqual(simulateOuting(sampleOuting()).sits);
  });

  it("is judged in a line", () => {
    const range = minutesRange(sampleOuting(), 0, 8);
    expect(verdictLine(simulateOuting(sampleOuting()), range)).toMatchObject({
      kind: "ends",
      minutesStill: range.middle.minutes,
      lowMinutes: range.low.minutes,
      limit: range.endedBy[0]!.limit,
      plannedMinutes: 240,
      sitFromMinute: 60,
    });
    expect(estimatedLine(simulateOuting(sampleOuting()), 0.5)).toMatchObject({ kind: "ends", lowMinutes: null });
  });
});

describe("a way in", () => {
  const walkIn = {
    distanceM: 2400,
    climbM: 120,
    loadKg: 10,
    terrain: "dirt",
    snowSinkingCm: 0,
    snowshoes: false,
  } as const;
  const withWay = (): OutingView => {
    const view = sampleView();
    return { ...view, setting: { ...view.setting, walkIn } };
  };

  it("gives walk in and walk out their effort, up on the way in and down on the way out", () => {
    const { phases } = viewToOuting(withWay());
    expect(phases[0]!.effort).toMatchObject({ kind: "walk", speedMPerS: 1, slopePercent: 5 });
    expect(phases.at(-1)!.effort).toMatchObject({ kind: "walk", slopePercent: -5 });
    expect(phases[2]!.effort).toBeUndefined();
  });

  it("leaves alone a phase that names its effort, and is not part of what is simulated", () => {
    const view = withWay();
    const own = { kind: "class", class: "settingUp" } as const;
    const phases = view.phases.map((phase, index) => (index === 0 ? { ...phase, effort: own } : phase));
    const outing = viewToOuting({ ...view, phases });
    expect(outing.phases[0]!.effort).toEqual(own);
    expect(outing.place).not.toHaveProperty("walkIn");
  });
});

describe("a change of the plan as a sheet holds it", () => {
  let made = 0;
  const newId = (): string => `new ${made++}`;
  const view = sampleView();
  const changed = (id: string): OutingContentView | null =>
    contentOfOuting(view, changedOuting(viewToOuting(view), kitOf(view), id)!, newId);

  it("keeps the ids of what was worn and makes one for what is new", () => {
    const content = changed("wear spare")!;
    expect(content.wearings.slice(0, view.wearings.length).map(({ id }) => id)).toEqual(
      view.wearings.map(({ id }) => id),
    );
    expect(content.wearings.at(-1)).toMatchObject({ pieceId: "spare", whenOff: "pack" });
    expect(content.weather).toBe(view.weather);
  });

  it("holds a walk every hour as a rule of the sits", () => {
    const { phases } = changed("walkEveryHour")!;
    expect(phases.find(({ kind }) => kind === "sit")!.recurring).toHaveLength(1);
    expect(phases[0]!.recurring).toBeUndefined();
  });

  it("cannot hold a piece the kit does not have", () => {
    expect(changed("solePad")).toBeNull();
  });
});

describe("what may be saved", () => {
  const view = sampleView();
  const wanted = {
    version: 1,
    setting: view.setting,
    weather: view.weather,
    phases: view.phases,
    wearings: [{ id: `${UUID}7`, pieceId: `${UUID}8`, side: "left", rank: 10, fromMinute: 0, toMinute: 30 }],
  };

  it("is what the sheet holds", () => {
    expect(saveOutingSchema.safeParse(wanted).error).toBeUndefined();
  });

  it.each([
    ["an hour named twice", { weather: [view.weather[0], view.weather[0]] }],
    ["no sit", { phases: [wanted.phases[0]] }],
    [
      "more minutes than an outing may have",
      { phases: [...wanted.phases, ...wanted.phases.map((phase) => ({ ...phase, minutes: 1440 }))] },
    ],
    ["a version below one", { version: 0 }],
    ["something else besides", { owner: "me" }],
  ])("is not %s", (_what, change) => {
    expect(saveOutingSchema.safeParse({ ...wanted, ...change }).success).toBe(false);
  });
});
