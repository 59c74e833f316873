import { minutesBefore, totalMinutes } from "@/core/outing";
import { beforeEach, describe, expect, it, vi } from "vitest";
import { sampleView } from "../../../tests/sample-view";
import type { OutingView } from "@/formats/wire/outing/outing-view";
import { $history, $lastDone, endGesture, redo, undo } from "./editing";
import { $heldMinutes, $view } from "./day-sheet";
import {
  cutPhase,
  cutWearing,
  editHour,
  editPhaseMinutes,
  editWearing,
  insertPhase,
  removePhase,
  removeWearing,
  swapPiece,
  wear,
} from "./edits";
import { addExtra, leaveWith, removeExtra, tellPlace, tick, untickAll } from "./preparation";
import { openSheet } from "../saving/saving";
import { editWalkMinutes, takeTrack } from "./track";

vi.mock("@/workers/simulate-client", () => ({ workerFor: () => ({ simulate: () => new Promise(() => undefined) }) }));

const view = () => $view.get()!;
/** What is worn lies by its rank, wherever it stands in the list. */
const inOrder = (of: OutingView) => ({ ...of, wearings: [...of.wearings].sort((a, b) => (a.id < b.id ? -1 : 1)) });
const done = () => $history.get().done;
/** Each edit of a test a gesture of its own. */
const each = (...edits: (() => void)[]): void =>
  edits.forEach((edit) => {
    endGesture();
    edit();
  });

beforeEach(() => {
  endGesture();
  $heldMinutes.set(null);
  openSheet(sampleView());
});

describe("edits of a sheet", () => {
  it("are taken back and done again one by one, to the state there was", () => {
    const before = view();
    each(
      () => swapPiece(before.wearings[0]!.pieceId, "spare"),
      () => cutWearing(before.wearings[1]!.id, before.wearings[1]!.fromMinute + 20),
      () => editWearing("the side", before.wearings[2]!.id, { side: "left" }),
      () => removeWearing(before.wearings[3]!.id),
      () => void wear("spare", 3, 30),
      () => editPhaseMinutes(0, 45),
      () => insertPhase(1, { ...before.phases[1]!, kind: "break", minutes: 10 }),
      () => removePhase(0),
      () => cutPhase(0, 4),
      () => editHour(1, { airTemperatureC: -21 }),
    );
    const after = view();
    expect(done()).toBe(10);
    for (let step = 0; step < 10; step++) undo();
    expect(inOrder(view())).toEqual(inOrder(before));
    undo(); // nothing is left
    expect(inOrder(view())).toEqual(inOrder(before));
    for (let step = 0; step < 10; step++) redo();
    expect(inOrder(view())).toEqual(inOrder(after));
    expect($lastDone.get()).toBe("done again: weather of an hour");
  });

  it("of one gesture are one command, however slow the hand that holds", () => {
    vi.useFakeTimers();
    for (const minutes of [41, 42, 43]) editPhaseMinutes(0, minutes);
    expect(done()).toBe(1);
    vi.advanceTimersByTime(2000);
    editPhaseMinutes(0, 44);
    expect(done()).toBe(2);
    $heldMinutes.set(totalMinutes(view().phases));
    vi.advanceTimersByTime(5000);
    editPhaseMinutes(0, 45);
    expect(done()).toBe(2);
    undo();
    undo();
    expect(view().phases[0]!.minutes).toBe(sampleView().phases[0]!.minutes);
    vi.useRealTimers();
  });

  it("that change nothing are none; after one is taken back a new one ends what could be done again", () => {
    editPhaseMinutes(0, view().phases[0]!.minutes);
    expect(done()).toBe(0);
    each(
      () => editPhaseMinutes(0, 50),
      () => editPhaseMinutes(0, 60),
    );
    undo();
    each(() => editHour(0, { windMPerS: 9 }));
    redo();
    expect(view().phases[0]!.minutes).toBe(50);
    expect($history.get().commands).toHaveLength(2);
  });

  it("cut a wearing only where it is worn, and a piece put on is worn to the end", () => {
    const { id, fromMinute, toMinute } = view().wearings[0]!;
    for (const minute of [fromMinute, toMinute]) cutWearing(id, minute);
    expect(done()).toBe(0);
    const own = wear("spare", 3, 30);
    expect(view().wearings.find((wearing) => wearing.id === own)).toMatchObject({
      fromMinute: 30,
      toMinute: totalMinutes(view().phases),
      side: "both",
    });
  });
});

describe("what a plan holds besides", () => {
  it("ticks once, unticks, starts again; things are added and taken out; all of it can be taken back", () => {
    each(
      () => tick("thing headlamp", true),
      () => tick("thing headlamp", true),
      () => tick("thing food", true),
      () => tick("thing headlamp", false),
    );
    expect(view().plan.ticks).toEqual(["thing food"]);
    each(untickAll, () => addExtra("spotting scope"));
    expect(view().plan.ticks).toEqual([]);
    const [extra] = view().plan.extras!;
    expect(extra!.words).toBe("spotting scope");
    each(
      () => removeExtra(extra!.id),
      () => leaveWith({ name: "Tove", reachedBy: "at the farm", alarmAfterMinutes: 60 }),
      () => tellPlace(true),
      () => tellPlace(false),
    );
    expect(view().plan.extras).toEqual([]);
    expect(view().plan.tellsPlace).toBeUndefined();
    while (done() > 0) undo();
    expect(view()).toEqual(sampleView());
  });
});

describe("a track", () => {
  const track = [
    [62, 11, 400],
    [62.01, 11, 480],
  ] as const;
  const way = { distanceM: 1112, climbM: 80, upM: 80, downM: 0, profile: [] };

  it("brings its distance and climb, keeps what else is known of the way, and refuses what is no walk", () => {
    expect(takeTrack(track, way)).toBeNull();
    expect(view().setting.walkIn).toMatchObject({ distanceM: 1112, climbM: 80 });
    expect(view().plan.track).toEqual(track);
    each(() => void takeTrack(track, { ...way, climbM: null }));
    expect(view().setting.walkIn).toMatchObject({ climbM: 80 });
    const before = view();
    expect(takeTrack(track, { ...way, distanceM: 3 })).toMatch(/3 m long/);
    expect(takeTrack(track, { ...way, distanceM: 1e6 })).toMatch(/1000000 m long/);
    expect(view()).toBe(before);
  });

  it("gives the first way in and the last way out their minutes, and moves what is worn along", () => {
    const sit = view().phases.findIndex(({ kind }) => kind === "sit");
    const startOf = (index: number): number => minutesBefore(view().phases, index);
    const onAtSit = view()
      .wearings.filter(({ fromMinute }) => fromMinute === startOf(sit))
      .map(({ id }) => id);
    expect(onAtSit.length).toBeGreaterThan(0);
    editWalkMinutes(55, 35);
    expect(view().phases[0]!.minutes).toBe(55);
    expect(view().phases.at(-1)!.minutes).toBe(35);
    for (const id of onAtSit) {
      expect(view().wearings.find((wearing) => wearing.id === id)!.fromMinute).toBe(startOf(sit));
    }
    each(() => removePhase(0));
    each(() => editWalkMinutes(22, 30));
    expect(view().phases.some(({ minutes }) => minutes === 22)).toBe(false);
    expect(view().phases.at(-1)!.minutes).toBe(30);
  });
});
