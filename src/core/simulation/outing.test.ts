import { describe, expect, it } from "vitest";
import { sampleOuting } from "../../../tests/sample-outing";
import { CoreError, type CoreErrorCode } from "../errors";
import { levelEverywhere } from "../limits";
import { OutfitResolver } from "../dressing";
import { isExtrapolated, sitSpans, walkMinutes, withPhaseMinutes, type Outing, type Phase } from "../outing";
import { resistancesAt } from "./resistances-at";
import { simulateOuting } from "./simulate-outing";

const codeOf = (work: () => unknown): CoreErrorCode | null => {
  try {
    work();
    return null;
  } catch (error) {
    return error instanceof CoreError ? error.code : null;
  }
};
const phase = (kind: Phase["kind"], minutes: number): Phase => ({
  kind,
  minutes,
  posture: kind === "sit" ? "sitting" : "standing",
  activityRatio: kind === "sit" ? 1.2 : 3,
  walkSpeedMPerS: 0,
});
/** Air of the whole outing moved by so many kelvin. */
const warmer = (outing: Outing, byK: number): Outing => ({
  ...outing,
  weather: outing.weather.map((hour) => ({ ...hour, airTemperatureC: hour.airTemperatureC + byK })),
});

describe("a body that leaves the model", () => {
  it("is told by a code, never by a figure", () => {
    const outing = warmer(sampleOuting(), 45);
    const [first] = outing.phases;
    const hot = { ...outing, phases: [{ ...first!, minutes: 300, activityRatio: 9 }, ...outing.phases.slice(1)] };
    expect(codeOf(() => simulateOuting(hot))).toBe("left-the-model");
  });

  it("overheats before that: a sit in the heat in winter clothes ends by it, not by nothing", () => {
    const outing = warmer(sampleOuting(), 43);
    const [sit] = simulateOuting(outing).sits;
    expect(sit!.verdict).toMatchObject({ kind: "ends", crossing: { limit: "heat", level: "cold" } });
    expect(sit!.verdict.kind === "ends" && sit!.verdict.minutesStill).toBeGreaterThan(30);
  });
});

describe("sits", () => {
  it("are unbroken runs of sitting, tasks and breaks", () => {
    const spans = sitSpans([
      phase("walkIn", 30),
      phase("sit", 60),
      phase("task", 5),
      phase("sit", 55),
      phase("walkOut", 20),
      phase("break", 10),
      phase("sit", 40),
    ]);
    expect(spans.map(({ fromMinute, toMinute }) => [fromMinute, toMinute])).toEqual([
      [30, 150],
      [170, 220],
    ]);
  });

  it("a break or task alone is none", () => {
    expect(sitSpans([phase("walkIn", 30), phase("task", 5), phase("walkOut", 5)])).toEqual([]);
  });
});

describe("a way at a pace", () => {
  const walkIn = {
    distanceM: 2000,
    climbM: 150,
    loadKg: 8,
    terrain: "dirt",
    snowSinkingCm: 0,
    snowshoes: false,
  } as const;
  const { body } = sampleOuting().person;

  it("takes longer up than down, longer easily than briskly, and never no time", () => {
    const up = walkMinutes(walkIn, body, "easy", "in");
    expect(up).toBeGreaterThan(walkMinutes(walkIn, body, "easy", "out"));
    expect(up).toBeGreaterThan(walkMinutes(walkIn, body, "brisk", "in"));
    expect(walkMinutes({ ...walkIn, distanceM: 1, climbM: 0 }, body, "brisk", "in")).toBe(1);
  });
});

describe("somebody without any clothes at all", () => {
  it("is simulated, holds no water, and cools faster than dressed", () => {
    const dressed = sampleOuting();
    const bare = simulateOuting({ ...dressed, pieces: [], wearings: [] });
    expect(Math.max(...bare.series.waterGPerM2.trunk)).toBe(0);
    expect(bare.series.digitC.leftToes[60]!).toBeLessThan(simulateOuting(dressed).series.digitC.leftToes[60]!);
  });
});

describe("a phase of another length", () => {
  const phases = [phase("walkIn", 40), phase("sit", 120), phase("walkOut", 40)];
  const wearings = [
    { pieceId: "parka", side: "both" as const, rank: 40, fromMinute: 40, toMinute: 160 },
    { pieceId: "base", side: "both" as const, rank: 10, fromMinute: 0, toMinute: 200 },
    { pieceId: "hat", side: "both" as const, rank: 10, fromMinute: 100, toMinute: 110 },
  ];

  it("takes along what was put on or off later", () => {
    const longer = withPhaseMinutes(phases, wearings, 1, 180);
    expect(longer.phases.map(({ minutes }) => minutes)).toEqual([40, 180, 40]);
    expect(longer.wearings.map(({ fromMinute, toMinute }) => [fromMinute, toMinute])).toEqual([
      [40, 220],
      [0, 260],
      [100, 110],
    ]);
  });

  it("never leaves a wearing without time", () => {
    const shorter = withPhaseMinutes(phases, wearings, 1, 10);
    for (const { fromMinute, toMinute } of shorter.wearings) expect(toMinute).toBeGreaterThan(fromMinute);
  });
});

describe("dressing", () => {
  it("makes a new outfit wherever something goes on or off, pads counting for contact alone", () => {
    const { pieces, wearings } = sampleOuting();
    const dresses = new OutfitResolver(pieces, wearings).timeline();
    const changes: number[] = [];
    for (let minute = -1; minute < 400; minute = dresses.nextAfter(minute, 400)) if (minute >= 0) changes.push(minute);
    // Legwear takes three minutes, a jacket one; gloves and hats none. What goes on at home and off at home costs nothing.
    expect(changes).toEqual([0, 5, 40, 43, 60, 61, 185, 190, 300, 301, 340, 351]);
    expect(changes.map((minute) => dresses.at(minute).fromMinute)).toEqual(changes);
    expect(dresses.at(59)).toBe(dresses.at(43));
    const seat = resistancesAt(sampleOuting(), 100).seat!;
    const withoutPad = { ...sampleOuting(), wearings: wearings.filter(({ pieceId }) => pieceId !== "seatPad") };
    expect(seat).toBeGreaterThan(resistancesAt(withoutPad, 100).seat! + 0.3);
    expect(resistancesAt(withoutPad, 20).seat).toBeCloseTo(resistancesAt(sampleOuting(), 20).seat!, 9);
  });

  it("knows left from right", () => {
    const inTask = resistancesAt(sampleOuting(), 187);
    expect(inTask["fingers.left"]!).toBeGreaterThan(inTask["fingers.right"]! * 1.5);
  });
});

describe("a simulated outing", () => {
  const result = simulateOuting(sampleOuting());

  it("has curves a value per minute, and an answer for its sit", () => {
    expect(result.series.minutes).toBe(340);
    expect(result.series.digitC.leftToes).toHaveLength(341);
    expect(result.sits).toHaveLength(1);
    expect(result.sits[0]).toMatchObject({ fromMinute: 60, toMinute: 300 });
    expect(result.extrapolated).toBe(false);
  });

  it("crosses where its curve says", () => {
    const { verdict, fromMinute } = result.sits[0]!;
    if (verdict.kind !== "ends") throw new Error(`ends expected, got ${verdict.kind}`);
    expect(verdict.crossing.limit).toBe("toes");
    const toes = result.series.digitC.leftToes;
    expect(toes[fromMinute + verdict.minutesStill]!).toBeLessThan(15);
    expect(toes[fromMinute + verdict.minutesStill - 1]!).toBeGreaterThanOrEqual(15);
  });

  it("answers no later at comfort than at cold, and at cold than at hard", () => {
    const minutes = Object.fromEntries(
      Object.entries(result.sits[0]!.byLevel).map(([level, verdict]) => [
        level,
        verdict.kind === "ends" ? verdict.minutesStill : verdict.kind === "longerThan" ? Infinity : 0,
      ]),
    );
    expect(minutes.comfort!).toBeLessThanOrEqual(minutes.cold!);
    expect(minutes.cold!).toBeLessThanOrEqual(minutes.hard!);
  });

  it("gives the same figures twice", () => {
    expect(simulateOuting(sampleOuting())).toEqual(result);
  });

  it("the plan after the sit does not change the answer of the sit", () => {
    const outing = sampleOuting();
    const { phases } = outing;
    const without = { ...outing, phases: phases.slice(0, -1) };
    expect(simulateOuting(without).sits[0]!.verdict).toEqual(result.sits[0]!.verdict);
  });

  it("in mild air nothing ends it, and it says only how far it looked: six hours past the plan", () => {
    const mild = simulateOuting(warmer(sampleOuting(), 24)).sits[0]!;
    expect(mild.verdict).toEqual({ kind: "longerThan", minutes: 240 + 360 });
  });

  it("with bare feet in frost it arrives too cold", () => {
    const outing = sampleOuting();
    const footwear = ["heavyBoot", "heavySock", "linerSock"];
    const barefoot = { ...outing, wearings: outing.wearings.filter(({ pieceId }) => !footwear.includes(pieceId)) };
    expect(simulateOuting(barefoot).sits[0]!.verdict).toMatchObject({
      kind: "arrivesTooCold",
      crossing: { minute: 0 },
    });
  });

  it("a person who accepts comfort only is answered at comfort", () => {
    const outing = sampleOuting();
    const soft = { ...outing, person: { ...outing.person, accepted: levelEverywhere("comfort") } };
    const { verdict, byLevel } = simulateOuting(soft).sits[0]!;
    expect(verdict).toMatchObject(byLevel.comfort);
  });

  it("says when a person lies outside the adult model", () => {
    const adult = sampleOuting().person.body;
    expect(isExtrapolated(adult)).toBe(false);
    expect(isExtrapolated({ ...adult, ageYears: 12 })).toBe(true);
    expect(isExtrapolated({ ...adult, massKg: 40 })).toBe(true);
  });

  it.each<[CoreErrorCode, (outing: Outing) => Outing]>([
    ["no-phases", (outing) => ({ ...outing, phases: [] })],
    ["no-sit", (outing) => ({ ...outing, phases: [phase("walkIn", 20)] })],
    ["no-weather", (outing) => ({ ...outing, weather: [] })],
    ["unknown-piece", (outing) => ({ ...outing, pieces: [] })],
    ["out-of-range", (outing) => ({ ...outing, phases: [phase("sit", 5000)] })],
  ])("is refused with %s when it cannot be computed", (code, change) => {
    expect(codeOf(() => simulateOuting(change(sampleOuting())))).toBe(code);
  });
});
