import { describe, expect, it } from "vitest";
import { sampleOuting } from "../../../tests/sample-outing";
import { NOTHING_SAID, type Felt } from "../logbook";
import {
  AS_READ,
  NOBODY_IN_PARTICULAR,
  TRAITS,
  standardDeviationOf,
  traitsOf,
  wornAsLearnt,
  type Learnt,
  type Outing,
  type Worn,
} from "../outing";
import { BOOT_SPREAD, minutesRange, NO_CHANCE, TRAIT_SPREAD, type MinutesBound } from "../range";
import { simulateOuting } from "../simulation";
import { calibrate } from "./calibrate";
import { lnMinutesUntil } from "./crossing";
import { evidenceOf } from "./evidence";
import { laplaceMode } from "./laplace";
import { before, between, laterThan, near } from "./losses";
import { oddNotes } from "./odd-notes";
import { SitAgain } from "./sit-measures";

const coldToes = (minutes: number): Felt => ({
  ...NOTHING_SAID,
  minutes: minutes + 10,
  ended: "cold",
  first: "leftToes",
  parts: { leftToes: { vote: "cold", coldAfterMinutes: minutes } },
});
/** Invented: the sample outing, that much colder. */
const colderBy = (kelvin: number): Outing => {
  const outing = sampleOuting();
  return {
    ...outing,
    weather: outing.weather.map((hour) => ({ ...hour, airTemperatureC: hour.airTemperatureC - kelvin })),
  };
};
const sdOf = (learnt: Learnt, name: string): number => {
  const place = learnt.unknowns.findIndex((own) => (own.kind === "trait" ? own.trait : own.kind) === name);
  return standardDeviationOf(learnt, place);
};

describe("how badly something fits", () => {
  // Student's t with four degrees of freedom: 95 % lie under 2.132, 97.5 % under 2.776 (tables, such as Abramowitz & Stegun 26.10).
  it.each([
    [2.132, 0.95],
    [2.776, 0.975],
    [0, 0.5],
  ])("is the tail of Student's t at %s", (t, share) => {
    expect(Math.exp(-laterThan(1, 1)(t))).toBeCloseTo(share, 4);
    expect(Math.exp(-before(1, 1)(-t))).toBeCloseTo(share, 4);
  });

  it("grows slowly far off: one that is quite wrong does not rule", () => {
    const loss = near(Math.log(60), 0.2);
    const at = (minutes: number): number => loss(Math.log(minutes));
    expect(at(60)).toBe(0);
    expect(at(600) - at(300)).toBeLessThan(at(120) - at(60));
    expect(between(15, 20, 1)(17.5)).toBeLessThan(between(15, 20, 1)(12));
  });
});

describe("the mode", () => {
  it("is the closed form where all is normal: prior 0 ± 2 and 3 ± 1 give 2.4 ± √0.8 (any textbook of statistics)", () => {
    const observed = [{ value: 0, slopes: new Map([[0, 1]]), loss: (value: number) => (value - 3) ** 2 / 2 }];
    const { at, covariance } = laplaceMode([2], [0], observed);
    expect(at[0]).toBeCloseTo(2.4, 5);
    expect(covariance[0]![0]).toBeCloseTo(0.8, 4);
  });

  it("tells two unknowns that are seen only together apart by what is known of each", () => {
    const observed = [
      {
        value: 0,
        slopes: new Map([
          [0, 1],
          [1, 1],
        ]),
        loss: (value: number) => (value - 5) ** 2 / 2,
      },
    ];
    const { at, covariance } = laplaceMode([2, 1], [0, 0], observed);
    expect(at[0]! / at[1]!).toBeCloseTo(4, 3); // as their variances
    expect(covariance[0]![1]).toBeLessThan(0);
  });
});

describe("a time", () => {
  it("is found between minutes, and goes on with distance where it is not there", () => {
    const falling = Float64Array.from({ length: 121 }, (_, minute) => 25 - minute / 10);
    expect(Math.exp(lnMinutesUntil(falling, 19.95, 1, 0, 3))).toBeCloseTo(50.5, 6);
    const never = [10, 8].map((level) => lnMinutesUntil(falling, level, 1, 0, 3));
    expect(never[0]!).toBeGreaterThan(Math.log(120));
    expect(never[1]!).toBeGreaterThan(never[0]!);
    const always = [26, 28].map((level) => lnMinutesUntil(falling, level, 1, 0, 3));
    expect(always[0]!).toBeLessThan(Math.log(5));
    expect(always[1]!).toBeLessThan(always[0]!);
  });
});

describe("what a note says", () => {
  it("is a time where one was told, a temperature where a vote was, a bound of what did not end it", () => {
    const measures = (felt: Felt) => evidenceOf(felt).map(({ measure }) => measure);
    expect(measures({ ...NOTHING_SAID, minutes: 60 })).toEqual([]);
    expect(measures(coldToes(50))).toEqual(["lnToes", "lnBody"]);
    expect(measures({ ...NOTHING_SAID, minutes: 60, ended: "gameOver" })).toEqual(["lnToes", "lnBody"]);
    const voted: Felt = {
      ...NOTHING_SAID,
      minutes: 60,
      parts: { leftFingers: { vote: "cool", coldAfterMinutes: null }, body: { vote: "warm", coldAfterMinutes: null } },
    };
    expect(measures(voted)).toEqual(["fingersC", "lnBody"]);
  });
});

describe("what a logbook teaches", () => {
  const outing = sampleOuting();
  const again = new SitAgain(outing, 120);
  const usual = again.measures(NOBODY_IN_PARTICULAR, AS_READ, NO_CHANCE);
  const sits = [0, 3, 1].map((kelvin) => {
    const own = new SitAgain(colderBy(kelvin), 120).measures(NOBODY_IN_PARTICULAR, AS_READ, NO_CHANCE);
    return { outing: colderBy(kelvin), felt: coldToes(Math.round(0.6 * Math.exp(own.lnToes))) };
  });
  const learnt = calibrate(sits);

  it("is nothing of nothing", () => {
    const nothing = calibrate([]);
    const { notes } = nothing;
    expect(traitsOf(nothing)).toEqual(NOBODY_IN_PARTICULAR);
    expect(TRAITS.map((_, place) => standardDeviationOf(nothing, place))).toEqual(
      TRAITS.map((trait) => expect.closeTo(TRAIT_SPREAD[trait], 9)),
    );
    expect(notes).toBe(0);
  });

  it("says of toes that are cold sooner that they are, shared among blood, boots and what is called cold", () => {
    const worn: Worn = wornAsLearnt(learnt, outing);
    expect(traitsOf(learnt).lnFlowToes).toBeLessThan(-0.05);
    expect(traitsOf(learnt).feltToesK).toBeGreaterThan(0.3);
    expect(worn.lnBoots).toBeLessThan(0);
    for (const name of ["lnFlowToes", "feltToesK"] as const) {
      expect(sdOf(learnt, name)).toBeLessThan(TRAIT_SPREAD[name]);
      expect(sdOf(learnt, name)).toBeGreaterThan(0.5 * TRAIT_SPREAD[name]); // which of them it is, notes alone do not say
    }
    expect(sdOf(learnt, "boots")).toBeLessThan(BOOT_SPREAD);
    const now = again.measures(traitsOf(learnt), worn, NO_CHANCE);
    expect(now.lnToes - usual.lnToes).toBeLessThan(Math.log(0.8));
    expect(now.lnToes - usual.lnToes).toBeGreaterThan(Math.log(0.55));
  });

  it("is the same in any order", () => {
    const backwards = calibrate([...sits].reverse());
    for (const trait of TRAITS) expect(traitsOf(backwards)[trait]).toBeCloseTo(traitsOf(learnt)[trait], 6);
  });

  it("is hardly moved by one note that is quite other than the rest", () => {
    const odd = { outing, felt: coldToes(Math.round(4 * Math.exp(usual.lnToes))) };
    const after = calibrate([...sits, odd]);
    const moved = traitsOf(after).lnFlowToes - traitsOf(learnt).lnFlowToes;
    expect(Math.abs(moved)).toBeLessThan(0.5 * TRAIT_SPREAD.lnFlowToes);
    // It is asked what was different that day, and of no other.
    expect(oddNotes(after, [...sits, odd]).map(({ sit }) => sit)).toEqual([sits.length]);
  });

  const asLearnt = (of: Outing): Outing => ({ ...of, person: { ...of.person, learnt } });

  it("makes the next plan's range narrower, and earlier for who is cold earlier", () => {
    const [nobody, known] = [minutesRange(outing, 0), minutesRange(asLearnt(outing), 0)];
    const latest = ({ kind, minutes }: MinutesBound): number => (kind === "longerThan" ? 720 : Math.max(5, minutes));
    const width = ({ low, high }: typeof nobody): number => Math.log(latest(high) / latest(low));
    expect(width(known)).toBeLessThan(width(nobody));
    expect(latest(known.middle)).toBeLessThan(latest(nobody.middle));
  });

  it("is followed by every simulation of that person, and by none after it is taken away", () => {
    const digitC = (of: Outing): number => simulateOuting(of).series.digitC.leftToes.at(-1)!;
    expect(digitC(asLearnt(outing))).toBeLessThan(digitC(outing));
    const nothing: Learnt = { ...learnt, mode: learnt.mode.map(() => 0) };
    expect(digitC({ ...outing, person: { ...outing.person, learnt: nothing } })).toBe(digitC(outing));
    // A frozen outing that says what was learnt is learnt from as if it did not: nothing is counted twice.
    expect(calibrate(sits.map((sit) => ({ ...sit, outing: asLearnt(sit.outing) })))).toEqual(learnt);
  });

  it("holds in part for an outfit that is nearly the one worn, and not at all for quite another", () => {
    const without: Outing = { ...outing, wearings: outing.wearings.slice(1) };
    const taught: Learnt = { ...learnt, mode: learnt.unknowns.map(({ kind }) => (kind === "outfit" ? -0.2 : 0)) };
    const lnOutfit = (of: Outing): number => wornAsLearnt(taught, of).lnOutfit;
    expect(lnOutfit(outing)).toBe(-0.2);
    expect(lnOutfit(without)).toBeLessThan(-0.1);
    expect(lnOutfit(without)).toBeGreaterThan(-0.2);
    expect(wornAsLearnt(taught, { ...outing, pieces: [], wearings: [] })).toEqual(AS_READ);
  });
});
