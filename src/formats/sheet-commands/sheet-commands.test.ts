import fc from "fast-check";
import { describe, expect, it } from "vitest";
import type { OutingContentView, PhaseView, WearingView, WeatherHourView } from "../wire/outing/outing-view";
import {
  applyChanges,
  historyPatch,
  MOST_COMMANDS,
  NO_HISTORY,
  redone,
  remembered,
  sheetChanges,
  undone,
  unsavedCommands,
  type History,
  type SheetCommand,
} from ".";

const hour = (at: string, airTemperatureC: number): WeatherHourView => ({
  at,
  airTemperatureC,
  windMPerS: 2,
  relativeHumidityPercent: 80,
  radiantTemperatureC: null,
  cloudShare: null,
  precipitationMm: null,
  airTemperatureTyped: null,
  windTyped: null,
});
const phase = (id: string, minutes: number): PhaseView => ({
  id,
  kind: "sit",
  minutes,
  posture: "sitting",
  activityRatio: 1.2,
  walkSpeedMPerS: 0,
});
const wearing = (id: string, fromMinute: number): WearingView => ({
  id,
  pieceId: "p",
  side: "both",
  rank: 10,
  fromMinute,
  toMinute: 500,
  opened: [],
  withoutParts: [],
  whenOff: "pack",
});

/** Any state of a sheet with few ids, so that states share some. */
const anyContent: fc.Arbitrary<OutingContentView> = fc.record({
  plan: fc.record(
    { tellsPlace: fc.boolean(), ticks: fc.uniqueArray(fc.constantFrom("x", "y", "z")) },
    { requiredKeys: [] },
  ),
  setting: fc.record({
    shelter: fc.constantFrom("hide" as const, "shore" as const),
    seatHeightM: fc.integer({ min: 0, max: 9 }),
    ground: fc.constant("snow" as const),
  }),
  weatherShaped: fc.boolean(),
  weather: fc
    .uniqueArray(fc.integer({ min: 0, max: 9 }), { minLength: 1 })
    .chain((hours) =>
      fc
        .array(fc.integer({ min: -30, max: 5 }), { minLength: hours.length, maxLength: hours.length })
        .map((temperatures) =>
          [...hours]
            .sort((one, other) => one - other)
            .map((own, index) => hour(`2027-01-01T0${own}:00:00.000Z`, temperatures[index]!)),
        ),
    ),
  phases: fc
    .uniqueArray(fc.constantFrom("a", "b", "c", "d", "e"), { minLength: 1 })
    .chain((ids) => fc.integer({ min: 1, max: 90 }).map((minutes) => ids.map((id) => phase(id, minutes)))),
  wearings: fc
    .uniqueArray(fc.constantFrom("k", "l", "m", "n"))
    .chain((ids) => fc.integer({ min: 0, max: 90 }).map((from) => [...ids].sort().map((id) => wearing(id, from)))),
});

const sorted = (content: OutingContentView) => ({
  ...content,
  wearings: [...content.wearings].sort((one, other) => one.id.localeCompare(other.id)),
});

describe("changes between two states", () => {
  it("lead from one to the other and back, whatever they are", () => {
    fc.assert(
      fc.property(anyContent, anyContent, (before, after) => {
        const changes = sheetChanges(before, after);
        expect(sorted(applyChanges(before, changes, "forwards"))).toEqual(sorted(after));
        expect(sorted(applyChanges(after, changes, "backwards"))).toEqual(sorted(before));
        expect(sheetChanges(before, structuredClone(before))).toEqual([]);
      }),
    );
  });

  it("leave alone what somebody else changed meanwhile", () => {
    fc.assert(
      fc.property(anyContent, (before) => {
        const mine = sheetChanges(before, { ...before, setting: { ...before.setting, seatHeightM: 7.5 } });
        const theirs = { ...before, phases: before.phases.map((own) => ({ ...own, minutes: own.minutes + 1 })) };
        const both = applyChanges(theirs, mine, "forwards");
        expect(both.phases).toEqual(theirs.phases);
        expect(both.setting.seatHeightM).toBe(7.5);
      }),
    );
  });
});

const start: OutingContentView = {
  setting: { shelter: "hide", seatHeightM: 0, ground: "snow" },
  weatherShaped: false,
  plan: {},
  weather: [hour("2027-01-01T00:00:00.000Z", -5)],
  phases: [phase("a", 60)],
  wearings: [],
};
let made = 0;
const command = (from: OutingContentView, to: OutingContentView, label = `c${made}`): SheetCommand => ({
  id: String(made++),
  label,
  changes: sheetChanges(from, to),
});
const atHeight = (seatHeightM: number): OutingContentView => ({ ...start, setting: { ...start.setting, seatHeightM } });
const climbed = (heights: readonly number[]): History =>
  heights.reduce((history, height, index) => {
    const from = index === 0 ? start : atHeight(heights[index - 1]!);
    return remembered(history, command(from, atHeight(height)), Infinity, false);
  }, NO_HISTORY);

describe("the list of commands", () => {
  it("walks back and forth, and forgets what was undone once something new is done", () => {
    const history = climbed([1, 2, 3]);
    const back = undone(atHeight(3), history)!;
    expect(back.content.setting.seatHeightM).toBe(2);
    expect(redone(back.content, back.history)!.content).toEqual(atHeight(3));
    const fresh = remembered(back.history, command(atHeight(2), atHeight(9)), Infinity, false);
    expect(redone(atHeight(9), fresh)).toBeNull();
    expect(fresh.commands).toHaveLength(3);
    expect(undone(start, NO_HISTORY)).toBeNull();
  });

  it("keeps a drag as one step, but nothing that has left for the server", () => {
    const first = command(start, atHeight(1), "seat height");
    const second = command(atHeight(1), atHeight(2), "seat height");
    const list = remembered(NO_HISTORY, first, Infinity, false);
    const dragged = remembered(list, second, 50, false);
    expect(dragged.commands).toHaveLength(1);
    expect(undone(atHeight(2), dragged)!.content).toEqual(start);
    expect(remembered(list, second, 50, true).commands).toHaveLength(2);
    expect(remembered(list, second, 5000, false).commands).toHaveLength(2);
  });

  it("forgets the oldest and says how many", () => {
    const long = climbed(Array.from({ length: MOST_COMMANDS + 5 }, (_, index) => index + 1));
    expect(long.commands).toHaveLength(MOST_COMMANDS);
    expect(long.dropped).toBe(5);
  });
});

describe("what goes to the server", () => {
  const applied = (saved: History, now: History): History => {
    const { keep, add, done } = historyPatch(saved, now);
    const commands = [...saved.commands.slice(0, Math.max(0, keep - saved.dropped)), ...add];
    return {
      dropped: keep + add.length - commands.length,
      commands,
      done: done - (keep + add.length - commands.length),
    };
  };

  it("turns the server's list into this page's", () => {
    const saved = climbed([1, 2, 3]);
    const back = undone(atHeight(3), saved)!;
    const fresh = remembered(back.history, command(atHeight(2), atHeight(9)), Infinity, false);
    for (const now of [saved, back.history, fresh]) expect(applied(saved, now)).toEqual(now);
    expect(historyPatch(saved, fresh)).toMatchObject({ keep: 2, done: 3 });
  });

  it("names what is not saved, also what was taken back", () => {
    const saved = climbed([1, 2, 3]);
    expect(unsavedCommands(saved, saved)).toEqual([]);
    const back = undone(atHeight(3), saved)!;
    const twice = undone(back.content, back.history)!;
    const fresh = remembered(twice.history, command(atHeight(1), atHeight(9)), Infinity, false);
    let state: OutingContentView = atHeight(3);
    for (const { changes } of unsavedCommands(saved, fresh)) state = applyChanges(state, changes, "forwards");
    expect(state).toEqual(atHeight(9));
  });
});
