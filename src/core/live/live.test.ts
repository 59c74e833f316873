import { describe, expect, it } from "vitest";
import { sampleOuting } from "../../../tests/sample-outing";
import { runToEnd } from "../numeric";
import { WeatherCourse } from "../weather";
import { areSwapped, possibleReadings, type Reading } from "../loggers";
import { LiveAnswers } from "./live-answer";
import { LiveSit } from "./live-sit";
import type { LiveVote } from "./heard";
import { standInReadings, type StandInFault } from "./stand-in-loggers";
import { knownFor, NO_CHANCE, personAt } from "../range";

const sit = new LiveSit(sampleOuting());
const answers = new LiveAnswers(sit);
const { fromMinute } = sit.span;
const MEMBERS = 12;
const answer = (readings: readonly Reading[], votes: readonly LiveVote[] = []) =>
  runToEnd(answers.answer(readings, votes, MEMBERS));

const known = knownFor(undefined, sit.outing);
/** Somebody whose toes and fingers get less blood, by so many standard deviations. */
const person = (deviations: number) =>
  sit.run({
    person: personAt(
      known,
      known.unknowns.map((own) => (own.kind === "trait" && own.trait.startsWith("lnFlow") ? deviations : 0)),
    ),
    chance: NO_CHANCE,
  });
const weather = new WeatherCourse(sit.outing.weather);
const told = (deviations: number, fault: StandInFault = "none", minutes = 60) =>
  standInReadings(sit, person(deviations), {
    seed: 3,
    fault,
    untilMinute: fromMinute + minutes,
    airC: (minute) => weather.at(minute).airTemperatureC,
  });

describe("a sit as it goes on", () => {
  const plan = answer([]);

  it("is the plan while nothing is heard", () => {
    expect(plan.faults).toEqual([]);
    expect(answer(told(-2, "none", 8)).heard).toBe(0); // loggers have to settle first
    expect(plan.low!).toBeLessThan(plan.middle!);
    expect(plan.curves.toes.middle).toHaveLength(sit.span.toMinute + 1);
  });

  it("ends sooner for toes that are colder than planned, and is surer of it", () => {
    const cold = answer(told(-2));
    expect(cold.middle!).toBeLessThan(plan.middle!);
    expect(Math.min(...cold.againstPlan.map(({ byK }) => byK))).toBeLessThan(-0.5);
    const width = ({ low, high }: typeof cold): number => Math.log((high ?? 720) / low!);
    expect(width(cold)).toBeLessThan(width(plan));
  });

  it("is the same in whatever order readings come, and however often", () => {
    const readings = told(-1, "none", 30);
    const shuffled = [...readings].reverse();
    expect(answer([...shuffled, ...readings.slice(0, 20)])).toEqual(answer(readings));
    const votes: LiveVote[] = [
      { part: "leftToes", vote: "cool", minute: fromMinute + 20 },
      { part: "body", vote: "warm", minute: fromMinute + 10 },
    ];
    expect(answer([], [...votes, ...votes].reverse())).toEqual(answer([], votes));
  });

  it("follows what somebody says: cold toes end it sooner, warm ones later", () => {
    const said = (vote: LiveVote["vote"]) => answer([], [{ part: "leftToes", vote, minute: fromMinute + 40 }]).middle!;
    expect(said("painful")).toBeLessThan(plan.middle!);
    expect(said("warm")).toBeGreaterThan(said("painful"));
    expect(answer([], [{ part: "face", vote: "numb", minute: fromMinute + 40 }])).toEqual(plan); // nobody's face is learnt of
  });

  it("learns no more from a body that is asked again and again than from when it was cold", () => {
    const body = (vote: LiveVote["vote"], ...minutes: number[]): LiveVote[] =>
      minutes.map((minute) => ({ part: "body", vote, minute: fromMinute + minute }));
    const once = answer([], body("cool", 60));
    const often = answer([], body("cool", 15, 30, 45, 60));
    expect({ ...often, heard: 1 }).toEqual(once);
    const found = answer([], [...body("cool", 15, 30), ...body("cold", 45, 60)]);
    expect({ ...answer([], [...body("cool", 30), ...body("cold", 45)]), heard: 1 }).toEqual({ ...found, heard: 1 });
    expect(found.middle!).toBeLessThan(once.middle!);
  });

  it.each(["stuck", "spikes", "flatBattery"] as const)("tells what is wrong, and goes on: %s", (fault) => {
    const broken = answer(told(0, fault));
    expect(broken.faults.map(({ kind }) => kind)).toContain(
      { stuck: "stuck", spikes: "jump", flatBattery: "silent" }[fault],
    );
    const whole = answer(told(0));
    expect(Math.abs(Math.log(broken.middle! / whole.middle!))).toBeLessThan(0.25);
  });

  it("leaves out a logger that has come off", () => {
    const off = told(0).map((reading) =>
      reading.sensor === "leftToes" ? { ...reading, valueC: 2 + (reading.minute % 2) / 10 } : reading,
    );
    const { faults, againstPlan } = answer(off);
    expect(faults.map(({ sensor, kind }) => `${sensor} ${kind}`)).toContain("leftToes apart");
    expect(againstPlan.map(({ sensor }) => sensor)).not.toContain("leftToes");
  });
});

describe("readings", () => {
  const at = (minute: number, valueC: number): Reading => ({ sensor: "leftToes", minute, valueC });

  it("that cannot be are left out and told once", () => {
    const { readings, faults } = possibleReadings("leftToes", [at(0, 25), at(1, 99), at(2, 24.9), at(3, 99)]);
    expect(readings.map(({ valueC }) => valueC)).toEqual([25, 24.9]);
    expect(faults).toEqual([{ sensor: "leftToes", kind: "impossible", minute: 1 }]);
  });

  it("that jump are believed again once they have stayed there", () => {
    const jumped = [
      at(0, 25),
      at(1, 5),
      at(2, 5.1),
      ...Array.from({ length: 30 }, (_, minute) => at(3 + minute, 5 + (minute % 3) / 10)),
    ];
    const { readings, faults } = possibleReadings("leftToes", jumped);
    expect(faults.map(({ kind }) => kind)).toEqual(["jump"]);
    expect(readings.at(-1)!.valueC).toBeLessThan(6);
  });

  it("of two sides are taken for swapped where the sides differ, and only then", () => {
    const series = (value: number) => Array.from({ length: 20 }, (_, minute) => at(minute, value));
    const [warm, cold] = [() => 25, () => 15];
    expect(areSwapped(series(15), series(25), warm, cold)).toBe(true);
    expect(areSwapped(series(25), series(15), warm, cold)).toBe(false);
    expect(areSwapped(series(25), series(24), warm, warm)).toBe(false);
    expect(areSwapped(series(25), [], warm, cold)).toBe(false);
  });
});
