import { describe, expect, it } from "vitest";
import { levelEverywhere } from "@/core/limits";
import { $benchProblem, $setting, createColumns } from "./bench";

const SETTING = {
  person: {
    body: { heightM: 1.7, massKg: 70, fatPercent: 20, ageYears: 40, sex: "male" },
    accepted: levelEverywhere("cold"),
  },
  dress: { pieces: [], wearings: [] },
  airTemperatureC: -5,
  windAtSeatMPerS: 1,
  ground: "snow",
  posture: "sitting",
  hours: 4,
} as const;

/** Answers given by hand, so that a test decides which comes first. */
function byHand() {
  const waiting: { readonly column: number; readonly airC: number; readonly give: (answer: string | null) => void }[] =
    [];
  const columns = createColumns<number, string>(
    (setting, column) => new Promise((give) => waiting.push({ column, airC: setting.airTemperatureC, give })),
  );
  $setting.set(SETTING);
  const settle = (): Promise<void> => new Promise((resolve) => setTimeout(resolve));
  const give = async (answer: string | null): Promise<void> => {
    waiting.shift()!.give(answer);
    await settle();
  };
  return { columns, waiting, give };
}

describe("columns of a bench", () => {
  it("are computed one after the other, and are busy until the last", async () => {
    const { columns, waiting, give } = byHand();
    columns.begin([1, 2]);
    expect(waiting).toHaveLength(0);
    columns.start();
    expect(columns.$isBusy.get()).toBe(true);
    await give("one");
    expect(columns.$answers.get()).toEqual(["one", null]);
    await give("two");
    expect(columns.$answers.get()).toEqual(["one", "two"]);
    expect(columns.$isBusy.get()).toBe(false);
  });

  it("drop what is out of date: an answer in older weather is never shown", async () => {
    const { columns, waiting, give } = byHand();
    columns.begin([1]);
    columns.start();
    columns.setSetting({ airTemperatureC: -20 });
    expect(waiting.map(({ airC }) => airC)).toEqual([-5, -20]);
    await give("in older weather");
    expect(columns.$answers.get()).toEqual([null]);
    await give("now");
    expect(columns.$answers.get()).toEqual(["now"]);
  });

  it("keep the others' answers while one is changed, and none when their number changes", async () => {
    const { columns, give } = byHand();
    columns.begin([1, 2]);
    columns.start();
    await give("one");
    await give("two");
    columns.setColumns([1, 3]);
    expect(columns.$answers.get()).toEqual(["one", "two"]);
    columns.setColumns([1, 3, 4]);
    expect(columns.$answers.get()).toEqual([null, null, null]);
  });

  it("say what cannot be computed, and take it back when it can", async () => {
    const { columns, give } = byHand();
    columns.begin([1]);
    columns.start();
    await give(null);
    expect($benchProblem.get()).toContain("cannot be computed");
    columns.setSetting({ airTemperatureC: -6 });
    await give("fine");
    expect($benchProblem.get()).toBeNull();
  });
});
