import { describe, expect, it } from "vitest";
import { sampleOuting } from "../../../tests/sample-outing";
import { levelEverywhere, type LevelVerdict, type Verdict } from "../limits";
import { simulateOuting } from "./simulate-outing";
import { simulateOneSit, simulateSitMinutes } from "./sit-minutes";
import { WET_PARTS } from "./series";
import type { Outing } from "../outing";

/** The verdict without what comes second. */
const first = (verdict: Verdict): LevelVerdict => {
  if (verdict.kind === "longerThan") return verdict;
  const { runnerUp: _second, ...own } = verdict;
  return own;
};

const at = (airC: number, change: (outing: Outing) => Outing = (outing) => outing): Outing => {
  const outing = sampleOuting();
  return change({ ...outing, weather: outing.weather.map((hour) => ({ ...hour, airTemperatureC: airC })) });
};

/** The sit ends with a task: it is longer than its last phase of sitting. */
const taskLast = (outing: Outing): Outing => {
  const sit = outing.phases.findIndex(({ kind }) => kind === "sit");
  const task = { ...outing.phases[sit]!, kind: "task" as const, minutes: 60 };
  return { ...outing, phases: [...outing.phases.slice(0, sit + 1), task] };
};

describe("minutes of a sit alone", () => {
  it.each([
    ["in frost", at(-15)],
    ["near freezing", at(-2)],
    ["where nothing ends it", at(24)],
    ["on bare feet", at(-5, (outing) => ({ ...outing, wearings: [] }))],
    ["with something to do before one leaves", at(24, taskLast)],
    [
      "for a person who accepts comfort only",
      at(-5, (outing) => ({ ...outing, person: { ...outing.person, accepted: levelEverywhere("comfort") } })),
    ],
  ])("are the whole simulation's, curves too: %s", (_where, outing) => {
    const whole = simulateOuting(outing);
    const alone = simulateSitMinutes(outing);
    expect(alone.sits).toEqual(whole.sits.map(({ verdict }) => first(verdict)));
    expect(simulateOneSit(outing, 0)).toEqual(alone.sits[0]);
    const none = new Float64Array(0);
    const waterGPerM2 = Object.fromEntries(WET_PARTS.map((part) => [part, none]));
    expect(alone.series).toEqual({ ...whole.series, waterGPerM2, segmentSkinC: none });
  });
});
