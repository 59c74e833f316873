import { describe, expect, it } from "vitest";
import { judge, judgeWithRunnerUp, levelEverywhere, passingsOf } from "./verdict";
import { LIMIT_TABLE, LIMITS, TRUNK_FLOOR, type Limit } from "./limit-table";
import { passing, type LimitPlace, type Watch } from "./watch";

const never = (): boolean => false;
const watch = (limit: Limit, values: number[], place: LimitPlace = { part: "body", side: null }): Watch => ({
  limit,
  place,
  values,
});
const firstCrossing = (...[watched, level, inTask]: Parameters<typeof passing>): number | null =>
  passing(watched, level, inTask).crossedAt;
const hold = (value: number, minutes: number): number[] => Array.from({ length: minutes }, () => value);
const LEFT_TOES: LimitPlace = { part: "toes", side: "left" };
const RIGHT_TOES: LimitPlace = { part: "toes", side: "right" };
const FINGERS: LimitPlace = { part: "fingers", side: "right" };

describe("the table", () => {
  it("grows harder from comfort over cold to hard, and names a source for every limit", () => {
    for (const limit of LIMITS) {
      const { beyond, value, source } = LIMIT_TABLE[limit];
      const steps = [value.comfort, value.cold, value.hard];
      const sorted = [...steps].sort((one, other) => (beyond === "below" ? other - one : one - other));
      expect(steps).toEqual(sorted);
      expect(source).not.toBe("");
    }
  });

  it("carries the published values: toe pain 15 °C and numbness 10 °C (Enander 1984; Kuklane 2004), debt 40 W·h/m² and core 36 °C (ISO 11079, ISO 9886)", () => {
    expect(LIMIT_TABLE.toes.value).toMatchObject({ cold: 15, hard: 10 });
    expect(LIMIT_TABLE.heatDebt.value.cold).toBe(40);
    expect(TRUNK_FLOOR.value.hard).toBe(36);
    expect(LIMIT_TABLE.meanSkin.value.cold).toBe(30);
  });
});

describe("a crossing", () => {
  it("is the first minute beyond that is not made good within 20 minutes", () => {
    const dip = [...hold(18, 30), ...hold(14, 10), ...hold(18, 40), ...hold(14, 60)];
    expect(firstCrossing(watch("toes", dip), "cold", never)).toBe(80);
    const long = [...hold(18, 30), ...hold(14, 25), ...hold(18, 60)];
    expect(firstCrossing(watch("toes", long), "cold", never)).toBe(30);
  });

  it("does not happen at the very bound", () => {
    expect(firstCrossing(watch("toes", hold(15, 60)), "cold", never)).toBeNull();
  });

  it("of shivering has to last five minutes", () => {
    expect(firstCrossing(watch("shivering", [...hold(0, 10), ...hold(30, 60)]), "cold", never)).toBe(15);
    expect(
      firstCrossing(watch("shivering", [...hold(0, 10), ...hold(30, 5), ...hold(0, 60)]), "cold", never),
    ).toBeNull();
  });

  it("of mean skin has to last ten minutes", () => {
    expect(firstCrossing(watch("meanSkin", [...hold(32, 10), ...hold(29, 60)]), "cold", never)).toBe(20);
  });

  it("that is being left as the sit begins ends nothing if it is back inside within the hour, and is told", () => {
    const rising = (minutes: number): number[] => [...hold(12, minutes), ...hold(22, 200)];
    expect(passing(watch("toes", rising(45)), "cold", never)).toEqual({ crossedAt: null, backAfterMinutes: 45 });
    expect(passing(watch("toes", rising(70)), "cold", never)).toEqual({ crossedAt: 0, backAfterMinutes: null });
    const again = [...hold(12, 30), ...hold(22, 60), ...hold(12, 60)];
    expect(passing(watch("toes", again), "cold", never)).toEqual({ crossedAt: 90, backAfterMinutes: 30 });
  });

  it("is measured by a watch's own bounds where it has some: the core's floor whatever the level", () => {
    const core = { ...watch("trunk", [...hold(36.4, 30), ...hold(35.9, 60)]), bounds: TRUNK_FLOOR };
    expect(firstCrossing(core, "comfort", never)).toBe(30);
  });

  it("of resting fingers counts at the hard level only; in a task at the level accepted, and must recover to that level", () => {
    const cooling = [...hold(18, 20), ...hold(13, 60)];
    expect(firstCrossing(watch("fingers", cooling, FINGERS), "cold", never)).toBeNull();
    const inTask = (minute: number): boolean => minute >= 30 && minute < 36;
    expect(firstCrossing(watch("fingers", cooling, FINGERS), "cold", inTask)).toBe(30);
    const recovering = [...hold(18, 30), ...hold(13, 6), ...hold(17, 60)];
    expect(firstCrossing(watch("fingers", recovering, FINGERS), "cold", inTask)).toBeNull();
  });
});

describe("a verdict", () => {
  const accepted = levelEverywhere("cold");
  const judged = (watches: Watch[]) => judgeWithRunnerUp(passingsOf(watches, accepted, never).crossings, 400);

  it("names the first limit, where, and the runner-up of another kind", () => {
    const verdict = judged([
      watch("toes", [...hold(20, 90), ...hold(12, 90)], LEFT_TOES),
      watch("toes", [...hold(20, 95), ...hold(12, 90)], RIGHT_TOES),
      watch("heatDebt", [...hold(10, 120), ...hold(50, 60)]),
    ]);
    expect(verdict).toMatchObject({
      kind: "ends",
      minutesStill: 90,
      crossing: { limit: "toes", place: LEFT_TOES, level: "cold" },
      runnerUp: { limit: "heatDebt", minute: 120 },
    });
  });

  it("says both sides when they pass together", () => {
    const values = [...hold(20, 40), ...hold(12, 60)];
    const verdict = judged([watch("toes", values, LEFT_TOES), watch("toes", values, RIGHT_TOES)]);
    expect(verdict).toMatchObject({ crossing: { place: { part: "toes", side: "both" } }, runnerUp: null });
  });

  it("arrives too cold when the first minute is beyond for good, and not when that recovers", () => {
    expect(judged([watch("toes", hold(12, 60), LEFT_TOES)]).kind).toBe("arrivesTooCold");
    expect(judged([watch("toes", [...hold(12, 5), ...hold(22, 60)], LEFT_TOES)]).kind).toBe("longerThan");
  });

  it("claims no more than was simulated", () => {
    expect(judge([], 400)).toEqual({ kind: "longerThan", minutes: 400 });
  });
});
