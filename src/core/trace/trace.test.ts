import { describe, expect, it } from "vitest";
import { sampleOuting } from "../../../tests/sample-outing";
import { readLabel } from "../labels";
import { levelEverywhere } from "../limits";
import { simulateOuting } from "../simulation";
import type { Outing } from "../outing";
import { traceVerdict } from "./trace-verdict";
import type { Trace } from "./trace";

type Ended = Extract<Trace, { kind: "ended" }>;
const outing = sampleOuting();
const traced = (of: Outing): Ended => {
  const trace = traceVerdict(of, simulateOuting(of).sits[0]!);
  if (trace.kind !== "ended") throw new Error("has no end");
  return trace;
};
const accepting = (change: Partial<Outing["person"]["accepted"]>): Outing => ({
  ...outing,
  person: { ...outing.person, accepted: { ...levelEverywhere("hard"), ...change } },
});

/** Somebody who goes by the standard, early. */
const byDebt = (of: Outing): Outing => ({
  ...of,
  person: { ...of.person, accepted: { ...levelEverywhere("hard"), heatDebt: "hard" }, heatDebtEnds: true },
});

describe("why a sit ends", () => {
  const trace = traced(outing);

  it("names the limit with value and source, and shows the digit just past it", () => {
    expect(trace.limit).toMatchObject({ limit: "toes", value: 15, unit: "°C", source: /Enander/ });
    expect(trace.digit!.temperatureC).toBeLessThan(15);
    expect(trace.digit!.temperatureC).toBeGreaterThan(14.8);
  });

  it("the toes lose what blood and the foot do not bring, and cool by it: the figures agree with the curve", () => {
    const { byBloodWPerM2, fromBesideWPerM2, lostWPerM2 } = trace.digit!;
    const { series } = simulateOuting(outing);
    const minute = 60 + trace.minutesStill;
    const fallK = series.digitC.leftToes[minute - 1]! - series.digitC.leftToes[minute]!;
    expect(((lostWPerM2 - byBloodWPerM2! - fromBesideWPerM2!) * 60) / 17_000).toBeCloseTo(fallK, 2);
  });

  it("the stack is made of what is worn there, from the skin out, down to materials with a source", () => {
    const [stack] = trace.stacks;
    expect(stack!.patch).toBe("toes");
    expect(stack!.pieces.map(({ name }) => name)).toEqual([
      "Thin liner sock",
      "Heavy wool sock, 3.5 mm",
      "Heavy boot, batting 1000",
    ]);
    for (const piece of stack!.pieces) {
      const read = piece.materials.reduce((sum, { reading }) => sum + reading.insulationM2KPerW, 0);
      expect(piece.insulationM2KPerW).toBeCloseTo(read * piece.assemblyFactor * piece.loftKept, 12);
      for (const { reading } of piece.materials) expect(reading.source.length).toBeGreaterThan(5);
    }
    // What is lost is the step's mean, the temperature that of its end.
    expect(stack!.totalM2KPerW).toBeCloseTo(
      (trace.digit!.temperatureC - trace.digit!.surroundingsC) / trace.digit!.lostWPerM2,
      2,
    );
  });

  it("the body's heat adds up to what it makes and what leaves", () => {
    const { madeW, breathedW, vapourW, dryW } = trace.body;
    expect(madeW).toBeGreaterThan(60);
    expect(breathedW + vapourW + dryW).toBeGreaterThan(madeW); // it is cooling
    expect(trace.body.greatestLosses[0]!.lostW).toBeGreaterThanOrEqual(trace.body.greatestLosses.at(-1)!.lostW);
  });

  it("of the whole body shows the patches that lose most", () => {
    const body = traced(byDebt(outing));
    expect(body.limit.limit).toBe("heatDebt");
    expect(body.digit).toBeNull();
    expect(body.stacks).toHaveLength(3);
  });

  it("of fingers in a task shows the hand as it was, without what had to come off", () => {
    const task = {
      kind: "task" as const,
      minutes: 10,
      everyMinutes: 30,
      firstAfterMinutes: 5,
      posture: "sitting" as const,
      activityRatio: 1.3,
      walkSpeedMPerS: 0,
      hands: "working" as const,
      dexterityNeeded: 4,
    };
    const working = accepting({ fingers: "cold" });
    const fingers = traced({
      ...working,
      phases: working.phases.map((phase) => (phase.kind === "sit" ? { ...phase, recurring: [task] } : phase)),
    });
    expect(fingers.limit).toMatchObject({ limit: "fingers", place: { side: "right" } });
    expect(fingers.stacks[0]).toMatchObject({ patch: "fingers", side: "right", pieces: [] });
  });

  it("that has no end says so", () => {
    const mild = { ...outing, weather: outing.weather.map((hour) => ({ ...hour, airTemperatureC: 15 })) };
    expect(traceVerdict(mild, simulateOuting(mild).sits[0]!).kind).toBe("longerThan");
  });

  it("of the face shows what is lost there; what its blood brings is not told apart from the head's", () => {
    const windy: Outing = {
      ...accepting({ face: "comfort" }),
      place: { ...outing.place, shelter: "openIce" },
      weather: outing.weather.map((hour) => ({ ...hour, airTemperatureC: -35, windMPerS: 12 })),
    };
    const face = traceVerdict(windy, simulateOuting(windy, { only: ["face"] }).sits[0]!);
    if (face.kind !== "ended") throw new Error("has no end");
    expect(face.limit.limit).toBe("face");
    expect(face.digit).toMatchObject({ byBloodWPerM2: null, fromBesideWPerM2: null });
    expect(face.digit!.lostWPerM2).toBeGreaterThan(0);
    expect(["face", "ears"]).toContain(face.stacks[0]!.patch);
  });

  it("of layers written out says that they are given as they are", () => {
    const written: Outing = {
      ...outing,
      pieces: outing.pieces.map((piece) => ({
        ...piece,
        label: {
          kind: "explicit",
          panels: readLabel(piece.label).map(({ patch, side, layers, coverShare }) => ({
            patches: [patch],
            side,
            layers,
            coverShare,
          })),
        },
      })),
    };
    const [stack] = traced(written).stacks;
    expect(stack!.pieces.length).toBeGreaterThan(0);
    for (const { source, materials } of stack!.pieces) expect([source, materials]).toEqual(["given as it is", []]);
  });

  it("of what is rested on shows the layers under load, with no air around them", () => {
    const lying: Outing = {
      ...byDebt(outing),
      phases: outing.phases.map((phase) => (phase.kind === "sit" ? { ...phase, posture: "lying" } : phase)),
      place: { ...outing.place, ground: "metal" },
    };
    const thin = new Set(["fleeceJacket", "downVest", "downParka", "synthParka"]);
    const thinly = { ...lying, wearings: lying.wearings.filter(({ pieceId }) => !thin.has(pieceId)) };
    const trace = traceVerdict(thinly, simulateOuting(thinly, { only: ["heatDebt"] }).sits[0]!);
    if (trace.kind !== "ended") throw new Error("has no end");
    const rested = trace.stacks.filter(({ touches }) => touches);
    expect(rested.length).toBeGreaterThan(0);
    for (const { source } of rested) expect(source).toMatch(/under load/);
  });
});
