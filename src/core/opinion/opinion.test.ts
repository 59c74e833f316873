import { describe, expect, it } from "vitest";
import { sampleOuting } from "../../../tests/sample-outing";
import { levelEverywhere } from "../limits";
import { simulateOuting, type SitAnswer } from "../simulation";
import type { Outing } from "../outing";
import { applies, notApplicable } from "../standards";
import { cautionsOf, goOrStay } from "./go-or-stay";
import { compareWithStandard } from "./compare";
import { overheatingOf } from "./overheating";
import { printedAgainstOurs } from "./printed-temperature";
import { standardOpinion } from "./standard-opinion";

const outing = sampleOuting();
const sit = simulateOuting(outing).sits[0]!;
const opinion = standardOpinion(outing, sit);
const colder = (byK: number): Outing => ({
  ...outing,
  weather: outing.weather.map((hour) => ({ ...hour, airTemperatureC: hour.airTemperatureC - byK })),
});
const opinionOf = (of: Outing): { sit: SitAnswer; opinion: ReturnType<typeof standardOpinion> } => {
  const answer = simulateOuting(of).sits[0]!;
  return { sit: answer, opinion: standardOpinion(of, answer) };
};

it("the plan is as much too long as the figure told beside it says", () => {
  expect(goOrStay(sit, opinion, -17)).toEqual({ kind: "short", missingMinutes: 17 });
  expect(goOrStay(sit, opinion, 0)).toEqual({ kind: "go" });
});

describe("overheating", () => {
  it("is warned of where the core passes 38.5 °C on the way, with the minute, and not on an ordinary morning", () => {
    expect(overheatingOf(simulateOuting(outing))).toBeNull();
    const [first] = outing.phases;
    const uphill = {
      ...colder(-20),
      phases: [{ ...first!, minutes: 60, activityRatio: 8 }, ...outing.phases.slice(1)],
    };
    const hot = overheatingOf(simulateOuting(uphill))!;
    expect(hot.trunkC).toBeGreaterThan(38.5);
    expect(Math.abs(hot.minute - 60)).toBeLessThan(15);
  });

  it("is why to stay where it ends a sit as it begins", () => {
    const tooHot: SitAnswer["verdict"] & SitAnswer["byLevel"]["hard"] = {
      kind: "arrivesTooCold",
      crossing: { limit: "heat", place: { part: "body", side: null }, level: "hard", minute: 0 },
      runnerUp: null,
    };
    const advice = goOrStay({ ...sit, verdict: tooHot, byLevel: { ...sit.byLevel, hard: tooHot } }, opinion);
    expect(advice).toMatchObject({ kind: "stay", reasons: ["arrivesTooHot"] });
  });
});

describe("the standard's opinion", () => {
  it("asks for more in the neutral than in the minimal criterion, and allows less time", () => {
    const { minimal, neutral } = opinion;
    if (minimal.required.kind !== "applies" || neutral.required.kind !== "applies") throw new Error("no answer");
    expect(neutral.required.value.requiredClo).toBeGreaterThan(minimal.required.value.requiredClo);
    if (minimal.exposure.kind !== "applies" || minimal.exposure.value.kind !== "limited") throw new Error("no limit");
    if (neutral.exposure.kind !== "applies" || neutral.exposure.value.kind !== "limited") throw new Error("no limit");
    expect(neutral.exposure.value.hours).toBeLessThan(minimal.exposure.value.hours);
  });

  it("needs for the plan an insulation between what is worn and what would do for ever", () => {
    const { requiredForPlanClo, minimal, means } = opinion;
    if (requiredForPlanClo.kind !== "applies" || minimal.required.kind !== "applies") throw new Error("no answer");
    expect(requiredForPlanClo.value).toBeGreaterThan(means.intrinsicClo);
    expect(requiredForPlanClo.value).toBeLessThan(minimal.required.value.intrinsicClo);
  });

  it("asks for less in warmer air, and where no clothing could balance says that the standard has no answer", () => {
    const at = (airTemperatureC: number) =>
      opinionOf({ ...outing, weather: outing.weather.map((hour) => ({ ...hour, airTemperatureC })) }).opinion;
    const required = (airTemperatureC: number): number => {
      const answer = at(airTemperatureC).neutral.required;
      return answer.kind === "applies" ? answer.value.requiredClo : NaN;
    };
    expect(required(30)).toBeLessThan(required(20));
    const hot = at(40);
    expect(hot.neutral.required).toMatchObject({ kind: "notApplicable", why: expect.stringContaining("too warm") });
    expect(hot.requiredForPlanClo).toEqual(applies(0)); // the planned time is allowed in nothing at all
  });

  it("of a winter outfit lies outside ISO 9920, which was measured on ordinary clothing", () => {
    expect(opinion.windCorrected.kind).toBe("notApplicable");
    expect(opinion.means.intrinsicClo).toBeGreaterThan(2.5);
  });

  it("takes wind chill from the open wind and says nothing of it in calm air", () => {
    expect(opinion.windChillC.kind).toBe("applies");
    const calm = { ...outing, weather: outing.weather.map((hour) => ({ ...hour, windMPerS: 0.2 })) };
    expect(opinionOf(calm).opinion.windChillC.kind).toBe("notApplicable");
    expect(opinionOf(calm).opinion.windChillHazard).toBeNull();
  });
});

describe("where ours and the standard differ", () => {
  const ends = (limit: "toes" | "heatDebt" | "shivering", minutesStill: number): SitAnswer => {
    const place = { part: limit === "toes" ? ("toes" as const) : ("body" as const), side: null };
    const crossing = { limit, place, level: "cold" as const, minute: minutesStill };
    return { ...sit, verdict: { kind: "ends", minutesStill, crossing, runnerUp: null } };
  };
  const hours = (value: number) => applies({ kind: "limited" as const, hours: value });

  it.each([
    [ends("toes", 60), hours(3), "localCooling"],
    [ends("toes", 60), applies({ kind: "unlimited" as const }), "localCooling"],
    [ends("heatDebt", 60), hours(3), "historyOfTheDay"],
    [ends("shivering", 60), hours(3), "otherBodyLimit"],
    [ends("toes", 100), hours(1.8), "noDifference"],
    [ends("toes", 200), hours(1), "historyOfTheDay"],
    [ends("toes", 60), notApplicable("too warm"), "standardSilent"],
  ] as const)("case %#: the reason is named in a sentence", (ours, theirs, reason) => {
    const comparison = compareWithStandard(ours, theirs);
    expect(comparison.reason).toBe(reason);
    expect(comparison.sentence).toMatch(/^[A-Z].*\.$/);
  });

  it("an endless sit agrees with an unlimited stay", () => {
    const endless = { ...sit, verdict: { kind: "longerThan" as const, minutes: 600 } };
    expect(compareWithStandard(endless, applies({ kind: "unlimited" })).reason).toBe("noDifference");
  });
});

describe("go or stay", () => {
  it("says by how much a plan falls short, and go when it holds", () => {
    expect(goOrStay(sit, opinion)).toMatchObject({ kind: "short" });
    const mild = opinionOf(colder(-20));
    expect(goOrStay(mild.sit, mild.opinion).kind).toBe("go");
  });

  it("stays at home motionless in deep cold (common practice, no source: about −18 °C on a bucket)", () => {
    const deep = opinionOf(colder(16));
    const answer = goOrStay(deep.sit, deep.opinion);
    expect(answer.kind === "stay" && answer.reasons).toContain("motionlessInDeepCold");
  });

  it("adds a word for children and for cold hands", () => {
    const { person } = outing;
    expect(cautionsOf(outing)).toEqual([]);
    const child = { ...person, coldHands: true, body: { ...person.body, ageYears: 10, massKg: 32 } };
    expect(cautionsOf({ ...outing, person: child })).toEqual(["outsideAdultModel", "askADoctorAboutColdHands"]);
  });
});

describe("a boot's printed temperature", () => {
  it("lies far below what a planned sit in it allows, and is never an input", () => {
    const printed = printedAgainstOurs(outing, sit, 0, -40);
    expect(printed.minutesAtPrinted).toBeLessThan(30);
    expect(printed.coldestForPlanC!).toBeGreaterThan(-20);
    const withPrint = { ...outing, pieces: outing.pieces.map((piece) => ({ ...piece, printedTemperatureC: -73 })) };
    expect(simulateOuting(withPrint).sits).toEqual(simulateOuting(outing).sits);
  });

  it("moves stated radiant temperatures with the air, so that the coldest does not depend on the day it was asked on", () => {
    const stated = (byK: number): Outing => ({
      ...outing,
      weather: outing.weather.map((hour) => ({
        ...hour,
        airTemperatureC: hour.airTemperatureC + byK,
        radiantTemperatureC: hour.airTemperatureC + byK - 3,
      })),
    });
    const coldest = (of: Outing): number =>
      printedAgainstOurs(of, simulateOuting(of).sits[0]!, 0, -40).coldestForPlanC!;
    expect(Math.abs(coldest(stated(0)) - coldest(stated(5)))).toBeLessThanOrEqual(1);
  });

  it("finds none where no air in reach is warm enough, and the coldest in reach where every air is", () => {
    const bareFeet: Outing = {
      ...outing,
      person: { ...outing.person, accepted: levelEverywhere("comfort") },
      wearings: [],
      phases: [{ ...outing.phases.find(({ kind }) => kind === "sit")!, minutes: 600 }],
      place: { ...outing.place, ground: "metal" },
    };
    expect(printedAgainstOurs(bareFeet, simulateOuting(bareFeet).sits[0]!, 0, -40).coldestForPlanC).toBeNull();
    const minute: Outing = { ...outing, phases: [{ ...bareFeet.phases[0]!, minutes: 1 }] };
    expect(printedAgainstOurs(minute, simulateOuting(minute).sits[0]!, 0, -40).coldestForPlanC).toBe(-60);
  });
});
