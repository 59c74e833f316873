import { describe, expect, it } from "vitest";
import { sampleOuting } from "../../../tests/sample-outing";
import { kindAt, sitSpans, activityAt, type Outing, type Phase, type Recurring } from "../outing";
import { phaseAt } from "./surroundings";
import { resistancesAt } from "./resistances-at";
import { simulateOuting } from "./simulate-outing";
import { withRadiation } from "./radiation";
import type { Piece } from "../pieces";

const outing = sampleOuting();
const TASK: Recurring = {
  kind: "task",
  minutes: 4,
  everyMinutes: 40,
  firstAfterMinutes: 10,
  posture: "sitting",
  activityRatio: 1.3,
  walkSpeedMPerS: 0,
  hands: "working",
};
const WALK: Recurring = {
  ...TASK,
  kind: "break",
  minutes: 5,
  everyMinutes: 60,
  firstAfterMinutes: 55,
  activityRatio: 3.5,
  walkSpeedMPerS: 1,
  hands: "none",
};
const sitting: Phase = { ...TASK, kind: "sit", minutes: 200, recurring: [TASK, WALK] };
const onSits = (change: Partial<Phase>, of: Outing = outing): Outing => ({
  ...of,
  phases: of.phases.map((phase) => (phase.kind === "sit" ? { ...phase, ...change } : phase)),
});
const at = (of: Outing, minute: number) => {
  const { series } = simulateOuting(of);
  return Object.fromEntries(Object.entries(series.digitC).map(([digit, curve]) => [digit, curve[minute]!]));
};
const SIT_FROM = 60;

describe("tasks and breaks within a phase", () => {
  it("come by their rule: 4 minutes every 40 from minute 10, and a walk in the last five of an hour", () => {
    const doing = Array.from({ length: 120 }, (_, minute) => activityAt(sitting, minute));
    expect(doing.flatMap((strand, minute) => (strand === 1 ? [minute] : []))).toEqual([
      10, 11, 12, 13, 50, 51, 52, 53, 90, 91, 92, 93,
    ]);
    expect(doing.flatMap((strand, minute) => (strand === 2 ? [minute] : []))).toEqual([
      55, 56, 57, 58, 59, 115, 116, 117, 118, 119,
    ]);
    expect([kindAt(sitting, 11), kindAt(sitting, 56), kindAt(sitting, 0)]).toEqual(["task", "break", "sit"]);
  });

  it("come once when they do not recur", () => {
    const once = { ...sitting, recurring: [{ ...TASK, everyMinutes: null }] };
    expect([9, 10, 13, 14, 50].map((minute) => activityAt(once, minute))).toEqual([0, 1, 1, 0, 0]);
  });

  it("hold beyond the end of the outing", () => {
    expect(phaseAt([sitting], 250)).toEqual({ phase: 0, minuteInPhase: 250 });
    expect(activityAt(sitting, 250)).toBe(1); // 10 + 6 · 40
  });

  it("a walk every hour warms toes and leaves less heat debt", () => {
    const still = simulateOuting(outing).series;
    const walked = simulateOuting(onSits({ recurring: [WALK] })).series;
    expect(walked.digitC.leftToes[SIT_FROM + 120]!).toBeGreaterThan(still.digitC.leftToes[SIT_FROM + 120]! + 0.5);
    expect(walked.heatDebtWhPerM2[SIT_FROM + 120]!).toBeLessThan(still.heatDebtWhPerM2[SIT_FROM + 120]! - 3);
  });
});

describe("the working hand", () => {
  const task = { ...TASK, firstAfterMinutes: 0, minutes: 6, everyMinutes: null };

  it("cools bare while the other stays as it was", () => {
    const before = at(outing, SIT_FROM + 6);
    const after = at(onSits({ recurring: [task] }), SIT_FROM + 6);
    expect(after.rightFingers!).toBeLessThan(before.rightFingers! - 2);
    expect(Math.abs(after.leftFingers! - before.leftFingers!)).toBeLessThan(0.3);
  });

  it("is the one the person works with, or both for a task of both", () => {
    const leftHanded = { ...outing, person: { ...outing.person, workingHand: "left" as const } };
    const left = at(onSits({ recurring: [task] }, leftHanded), SIT_FROM + 6);
    expect(left.leftFingers!).toBeLessThan(left.rightFingers! - 1);
    const both = at(onSits({ recurring: [{ ...task, hands: "both" }] }), SIT_FROM + 6);
    expect(Math.abs(both.leftFingers! - both.rightFingers!)).toBeLessThan(1.5);
  });

  it("keeps on what is nimble enough for the task", () => {
    const nimble = {
      ...outing,
      pieces: outing.pieces.map((piece): Piece => (piece.kind === "handwear" ? { ...piece, dexterity: 4 } : piece)),
    };
    const kept = at(onSits({ recurring: [task] }, nimble), SIT_FROM + 6);
    expect(kept.rightFingers!).toBeCloseTo(at(nimble, SIT_FROM + 6).rightFingers!, 1);
  });
});

describe("efforts", () => {
  const walkIn = (effort: NonNullable<Phase["effort"]>): Outing => ({
    ...outing,
    phases: outing.phases.map((phase, index) => (index === 0 ? { ...phase, effort } : phase)),
  });
  const walk = {
    kind: "walk",
    speedMPerS: 1,
    slopePercent: 0,
    loadKg: 10,
    terrain: "dirt",
    snowSinkingCm: 0,
    snowshoes: false,
  } as const;
  const heat = (of: Outing): number => simulateOuting(of).series.heatMadeW[20]!;

  it("by load, slope and snow make their heat", () => {
    expect(heat(walkIn({ ...walk, loadKg: 25 }))).toBeGreaterThan(heat(walkIn(walk)) + 30);
    expect(heat(walkIn({ ...walk, snowSinkingCm: 20 }))).toBeGreaterThan(heat(walkIn(walk)) * 1.4);
  });

  it("a ride in still air is colder for the fingers than standing there", () => {
    const ride = walkIn({ kind: "ride", speedMPerS: 10, activityRatio: 1.4 });
    const stand = walkIn({ kind: "class", class: "standingStill" });
    expect(at(ride, 40).leftFingers!).toBeLessThan(at(stand, 40).leftFingers! - 1);
    expect(simulateOuting(ride).series.relativeWindMPerS[20]!).toBeGreaterThan(9.9);
  });
});

describe("warm breaks", () => {
  it("in a hut end one sit and begin another, with warmer toes", () => {
    const [sit] = outing.phases.filter(({ kind }) => kind === "sit");
    const phases: Phase[] = [
      ...outing.phases.slice(0, 2),
      { ...sit!, minutes: 90 },
      { ...sit!, kind: "warmUp", minutes: 40 },
      { ...sit!, minutes: 90 },
    ];
    const wearings = outing.wearings.map((wearing) => ({ ...wearing, toMinute: Math.min(wearing.toMinute, 280) }));
    const { sits, series } = simulateOuting({ ...outing, phases, wearings });
    expect(sitSpans(phases)).toHaveLength(2);
    expect(sits).toHaveLength(2);
    expect(series.digitC.leftToes[190]!).toBeGreaterThan(series.digitC.leftToes[150]! + 1);
  });
});

describe("postures", () => {
  it("kneeling cools the knees through what they rest on; a pad under them helps", () => {
    const kneeling = onSits({ posture: "kneeling" });
    const knee = (of: Outing): number => resistancesAt(of, SIT_FROM + 30)["knee.left"]!;
    expect(knee(kneeling)).toBeLessThan(knee(outing));
    const pad: Piece = {
      id: "kneePad",
      name: "knee pad",
      kind: "pad",
      fingersTogether: false,
      label: {
        kind: "panels",
        panels: [{ patches: ["knee"], materials: [{ kind: "solid", substance: "closedCellFoam", thicknessMm: 15 }] }],
        assembly: "none",
        face: "coated",
        fit: "close",
        wear: "new",
      },
    };
    const padded = {
      ...kneeling,
      pieces: [...kneeling.pieces, pad],
      wearings: [
        ...kneeling.wearings,
        { pieceId: "kneePad", side: "both" as const, rank: 99, fromMinute: 0, toMinute: 400 },
      ],
    };
    // 15 mm of closed-cell foam is 0.375 m²K/W, of which 0.85 is kept under load.
    expect(knee(padded) - knee(kneeling)).toBeCloseTo(0.375 * 0.85, 3);
  });

  it("lying and leaning are computed too, and leaning on something cold costs warmth", () => {
    const debt = (of: Outing): number => simulateOuting(of).series.heatDebtWhPerM2[SIT_FROM + 120]!;
    expect(debt(onSits({ leaning: true }))).toBeGreaterThan(debt(outing));
    expect(Number.isFinite(debt(onSits({ posture: "lying" })))).toBe(true);
  });
});

describe("openings and parts", () => {
  const windy: Outing = {
    ...outing,
    place: { ...outing.place, shelter: "openIce" },
    weather: outing.weather.map((hour) => ({ ...hour, windMPerS: 9 })),
  };
  const belly = (of: Outing): number => resistancesAt(of, SIT_FROM + 30).belly!;

  it("an open hem costs at the belly; a piece that ends there leaks until another seals it", () => {
    const opened = {
      ...windy,
      wearings: windy.wearings.map((wearing) => ({ ...wearing, opened: ["waist" as const] })),
    };
    expect(belly(opened)).toBeLessThan(belly(windy));
    const ends = { ...windy, pieces: windy.pieces.map((piece) => ({ ...piece, endsAt: ["waist" as const] })) };
    expect(belly(ends)).toBe(belly(opened));
    const sealed = {
      ...ends,
      pieces: ends.pieces.map((piece) =>
        piece.id === "base350Legs" ? { ...piece, seals: ["waist" as const] } : piece,
      ),
    };
    expect(belly(sealed)).toBe(belly(windy));
  });

  it("a lining taken out takes its panel along", () => {
    const parts = {
      ...outing,
      pieces: outing.pieces.map((piece): Piece =>
        piece.label.kind === "panels"
          ? {
              ...piece,
              label: { ...piece.label, panels: piece.label.panels.map((panel) => ({ ...panel, part: "lining" })) },
            }
          : piece,
      ),
    };
    const without = { ...parts, wearings: parts.wearings.map((wearing) => ({ ...wearing, withoutParts: ["lining"] })) };
    expect(resistancesAt(parts, 100)).toEqual(resistancesAt(outing, 100));
    expect(resistancesAt(without, 100).chest!).toBeLessThan(0.3);
  });
});

describe("sky and sun over an outing", () => {
  const open: Outing = {
    ...outing,
    place: { ...outing.place, shelter: "openIce", ground: "snow", latitudeDeg: 62, longitudeDeg: 12 },
    weather: outing.weather.map(({ cloudShare: _cloud, ...hour }) => hour),
  };
  const withCloud = (cloudShare: number): Outing => ({
    ...open,
    weather: open.weather.map((hour) => ({ ...hour, cloudShare })),
  });

  it("are left out where no cloud is given", () => {
    expect(withRadiation(open)).toBe(open.weather);
  });

  it("a clear night costs against a cloudy one", () => {
    const debt = (of: Outing): number => simulateOuting(of).series.heatDebtWhPerM2[100]!;
    expect(debt(withCloud(0))).toBeGreaterThan(debt(withCloud(1)) + 1);
  });

  it("the sun warms after it has risen, only where place and date are known", () => {
    const at = (of: Outing, minute: number): number =>
      withRadiation(of).find((hour) => hour.minute >= minute)!.radiantTemperatureC!;
    const sunny = withCloud(0);
    expect(at(sunny, 360)).toBeGreaterThan(at(sunny, 60) + 20);
    expect(at({ ...sunny, startsAtMs: undefined }, 360)).toBeLessThan(at(sunny, 360) - 20);
  });

  it("between two hours that state theirs nothing is made up", () => {
    const stated = withCloud(0);
    const weather = stated.weather.map((hour) => ({ ...hour, radiantTemperatureC: 33 }));
    const filled = withRadiation({ ...stated, weather });
    expect(filled.every(({ radiantTemperatureC }) => radiantTemperatureC === 33)).toBe(true);
  });

  it("past the last hour the weather is held but the sun goes down", () => {
    const last = open.weather.at(-1)!.minute;
    const clear = {
      ...open,
      weather: open.weather.map((hour) => ({ ...hour, cloudShare: 0, radiantTemperatureC: null })),
    };
    const beyond = withRadiation(clear).filter(({ minute }) => minute > last);
    const known = clear.place.latitudeDeg !== undefined && clear.startsAtMs !== undefined;
    expect(beyond.length > 0).toBe(known);
    for (const hour of beyond) expect(hour.airTemperatureC).toBeCloseTo(open.weather.at(-1)!.airTemperatureC, 9);
    if (known) expect(new Set(beyond.map(({ radiantTemperatureC }) => radiantTemperatureC)).size).toBeGreaterThan(1);
  });

  it("an hour of a mistyped year costs no century of sky, and changes nothing before it", () => {
    const clear = withCloud(0);
    const far = { ...clear.weather.at(-1)!, minute: 52_560_000 };
    const filled = withRadiation({ ...clear, weather: [...clear.weather, far] });
    expect(filled.length).toBeLessThan(200);
    const long = { ...clear.weather[0]!, minute: -52_560_000 };
    expect(withRadiation({ ...clear, weather: [long, ...clear.weather] }).length).toBeLessThan(200);
  });

  it("cloud known at one hour alone holds for all", () => {
    const all = withCloud(0.4);
    const once = all.weather.map((hour, index) => (index === 1 ? hour : { ...hour, cloudShare: null }));
    expect(withRadiation({ ...all, weather: once })).toEqual(withRadiation(all));
  });

  it("an hour that states its radiant temperature keeps it", () => {
    const stated = withCloud(0);
    const weather = stated.weather.map((hour, index) => (index === 1 ? { ...hour, radiantTemperatureC: -3 } : hour));
    const filled = withRadiation({ ...stated, weather });
    expect(filled.find(({ minute }) => minute === weather[1]!.minute)!.radiantTemperatureC).toBe(-3);
  });
});
