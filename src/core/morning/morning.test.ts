import { describe, expect, it } from "vitest";
import { minutesStillOf } from "../limits";
import { usualLevels, type Outing, type OutingPerson } from "../outing";
import { simulateSitMinutes } from "../simulation";
import { kitForCold } from "./kit-for-cold";
import { personEffects, type PersonChange } from "./person-effects";
import { standardMorning } from "./standard-morning";
import { USUAL_MINUTES_TO_SEAT, usualPhases } from "./usual-phases";

const adult = (change: Partial<OutingPerson> = {}): OutingPerson => {
  const body = { heightM: 1.7, massKg: 66, fatPercent: 27, ageYears: 38, sex: "female" } as const;
  return { body, accepted: usualLevels(body), ...change };
};
const CHILD = { heightM: 1.4, massKg: 34, fatPercent: 18, ageYears: 10, sex: "male" } as const;
const child: OutingPerson = { body: CHILD, accepted: usualLevels(CHILD) };

const morningAt = (airTemperatureC: number, sitMinutes: number, person = adult()): Outing => {
  const outing = standardMorning(person);
  return {
    ...outing,
    phases: usualPhases(sitMinutes),
    weather: outing.weather.map((hour) => ({ ...hour, airTemperatureC })),
  };
};

describe("a morning in generic clothes", () => {
  it("puts on at the seat what is big and warm, and walks in the rest", () => {
    const { pieces, wearings, phases } = standardMorning(adult());
    const fromOf = (name: RegExp): number =>
      wearings.find(({ pieceId }) => name.test(pieces.find(({ id }) => id === pieceId)!.name))!.fromMinute;
    expect(fromOf(/base 350, top/)).toBe(0);
    expect(fromOf(/Fleece jacket/)).toBe(0);
    expect(fromOf(/Down parka/)).toBe(phases[0]!.minutes);
    expect(phases[0]!.minutes + phases[1]!.minutes).toBe(USUAL_MINUTES_TO_SEAT);
  });

  it("lasts in frost as practitioners expect of warm clothes: hours, not minutes, and feet first (common practice, no source)", () => {
    const [sit] = simulateSitMinutes(standardMorning(adult())).sits;
    const minutes = minutesStillOf(sit!)!;
    expect(minutes).toBeGreaterThan(90);
    expect(minutes).toBeLessThan(300);
    expect(sit).toMatchObject({ kind: "ends", crossing: { limit: "toes" } });
  });
});

describe("a kit by the cold", () => {
  it("is the lightest that lasts as long as is wanted", () => {
    expect(kitForCold(morningAt(5, 45))).toBe("careful");
    expect(kitForCold(morningAt(5, 240))).toBe("middle");
    expect(kitForCold(morningAt(-10, 240))).toBe("best");
  });

  it("is the longest where none lasts; a child's for a child; without anything of animals where they are avoided", () => {
    expect(kitForCold(morningAt(-30, 300))).toBe("best");
    expect(kitForCold(morningAt(-5, 60, child))).toBe("child");
    expect(kitForCold(morningAt(-5, 60), true)).toBe("animalFree");
  });
});

describe("what a person's body and ways do", () => {
  it("is told in minutes of the same morning: who feels cold, has cold hands or stays comfortable leaves earlier", () => {
    const { minutes, effects } = personEffects(adult());
    const of = (wanted: Partial<Record<string, unknown>>): number =>
      effects.find(({ change }) =>
        Object.entries(wanted).every(([key, value]) => change[key as keyof PersonChange] === value),
      )!.minutes!;
    expect(of({ kind: "feels", feels: "cold" })).toBeLessThan(minutes!);
    expect(of({ kind: "feels", feels: "warm" })).toBeGreaterThan(minutes!);
    expect(of({ kind: "coldHands" })).toBeLessThan(minutes!);
    expect(of({ kind: "level", level: "comfort" })).toBeLessThan(of({ kind: "level", level: "cold" }));
    expect(of({ kind: "level", level: "cold" })).toBe(minutes);
    expect(of({ kind: "level", level: "hard" })).toBeGreaterThan(minutes!);
  });

  it("of a child are compared in a child's clothes, and never show what is already so", () => {
    const { effects } = personEffects({ ...child, feels: "cold" });
    expect(effects.filter(({ change }) => change.kind === "feels").map(({ change }) => change)).toEqual([
      { kind: "feels", feels: "usual" },
      { kind: "feels", feels: "warm" },
    ]);
  });
});
