import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { corePiece } from "../../../tests/core-piece";
import { sampleOuting } from "../../../tests/sample-outing";
import { saturationPressureKPa } from "../body";
import { replayTo, simulateOuting, type Moment } from "../simulation";
import { sitSpans, type Outing } from "../outing";
import { moveBreath, mouthKeptShare, type Breathed, type BreathMoved } from "./breath-cover";
import type { BreathPlan } from "./water-plan";

const LATENT_J_PER_G = 2430;
const FLEECE: BreathPlan = {
  cell: 0,
  massGPerM2: 200,
  innerShare: 0.8,
  dryShare: 0.8,
  lossAtOwnMass: 0.4,
  vapourIndex: 0.38,
  coverShare: 1,
};
/** Breath of somebody who sits, into fleece in air of so many °C. */
const sitting = (airC: number, clothingM2KPerW = 0.1): Breathed => ({
  moistW: 8,
  dryW: 4,
  breathedM2: 0.01,
  skinC: 30,
  operativeC: airC,
  clothingM2KPerW,
  airM2KPerW: 0.08,
  airVapourM2KPaPerW: 0.008,
  vapourPressureKPa: 0.7 * saturationPressureKPa(airC),
});
function moved(at: Breathed, heldG = 0, stepS = 60, plan = FLEECE): BreathMoved {
  const out: BreathMoved = { skinWPerM2: 0, heldG: 0, takenG: 0, driedG: 0, drippedG: 0 };
  moveBreath(out, plan, at, heldG, stepS);
  return out;
}

describe("breath in a cloth over the mouth", () => {
  const air = fc.double({ min: -40, max: 25, noNaN: true });
  const water = fc.double({ min: 0, max: 200, noNaN: true });
  const seconds = fc.double({ min: 1, max: 480, noNaN: true });
  const cloth = fc.double({ min: 0.005, max: 0.4, noNaN: true });

  it("what comes is held, dries or drips: to the last figure; never less than nothing, never more than it can", () => {
    fc.assert(
      fc.property(air, water, seconds, cloth, (airC, held, stepS, clothing) => {
        const { heldG, takenG, driedG, drippedG } = moved(sitting(airC, clothing), held, stepS);
        expect(Math.abs(held + takenG - driedG - drippedG - heldG)).toBeLessThan(1e-9 * (1 + held + takenG));
        expect(Math.min(heldG, takenG, driedG, drippedG)).toBeGreaterThanOrEqual(0);
        expect(heldG).toBeLessThanOrEqual(FLEECE.massGPerM2);
      }),
    );
  });

  it("its heat is what condenses and what breath had, less what dries, shared by the way in and the way out", () => {
    fc.assert(
      fc.property(air, water, cloth, (airC, held, clothing) => {
        const at = sitting(airC, clothing);
        const { skinWPerM2, takenG, driedG } = moved(at, held);
        const dryWPerM2 = (0.1 * at.dryW) / at.breathedM2; // a tenth stays (assumption)
        const freed = dryWPerM2 + ((takenG - driedG) * LATENT_J_PER_G) / 60;
        const toSkin = (0.2 * clothing + at.airM2KPerW) / (clothing + at.airM2KPerW);
        expect(skinWPerM2).toBeCloseTo(freed * toSkin, 9);
      }),
    );
  });

  it("is never warmer wet than dry, and keeps less", () => {
    fc.assert(
      fc.property(air, water, water, (airC, one, other) => {
        const [drier, wetter] = [Math.min(one, other), Math.max(one, other)];
        expect(moved(sitting(airC), wetter).skinWPerM2).toBeLessThanOrEqual(
          moved(sitting(airC), drier).skinWPerM2 + 1e-9,
        );
        expect(mouthKeptShare(FLEECE, wetter)).toBeLessThanOrEqual(mouthKeptShare(FLEECE, drier));
      }),
    );
    expect(mouthKeptShare(FLEECE, 200)).toBeCloseTo(1 - 0.8 * 0.4, 12);
  });

  it("holds more the colder the air is, and nothing stays where air is warm", () => {
    const after = (airC: number): number => {
      let heldG = 0;
      for (let minute = 0; minute < 180; minute++) ({ heldG } = moved(sitting(airC), heldG));
      return heldG;
    };
    const held = [15, -10, -25, -40].map(after);
    expect([...held].sort((one, other) => one - other)).toEqual(held);
    expect(held[0]).toBe(0);
    expect(held.at(-1)).toBeGreaterThan(20);
  });

  it("a windproof face lets less out again", () => {
    const tight = { ...FLEECE, vapourIndex: 0.1 };
    expect(moved(sitting(-20), 100, 60, tight).driedG).toBeLessThan(moved(sitting(-20), 100).driedG);
  });
});

describe("a face cover in an outing", () => {
  const deep = sampleOuting();
  const total = deep.phases.reduce((sum, { minutes }) => sum + minutes, 0);
  const outing: Outing = {
    ...deep,
    weather: deep.weather.map((hour) => ({ ...hour, airTemperatureC: -30 })),
    pieces: [...deep.pieces, corePiece("faceMask")],
    wearings: [
      ...deep.wearings.filter(({ pieceId }) =>
        deep.pieces.some(({ id, kind }) => id === pieceId && kind !== "headwear"),
      ),
      { pieceId: "faceMask", side: "both", rank: 3, fromMinute: 0, toMinute: total },
    ],
  };
  const at = (of: Outing, minute: number): Moment =>
    replayTo(
      of,
      { ...sitSpans(of.phases)[0]!, fromMinute: 0, toMinute: total, lastPhase: of.phases.length - 1 },
      minute,
    );
  const half: Outing = {
    ...outing,
    pieces: outing.pieces.map((piece) =>
      piece.id === "faceMask" && piece.label.kind === "panels"
        ? {
            ...piece,
            label: { ...piece.label, panels: piece.label.panels.map((panel) => ({ ...panel, coverShare: 0.4 })) },
          }
        : piece,
    ),
  };

  it("takes breath up and warms the nose by it; one that leaves the mouth free does neither", () => {
    expect(at(outing, 200).sitter.wet!.moisture.state.breathWPerM2).toBeGreaterThan(0);
    expect(at(half, 200).at.water!.breath).toBeNull();
    expect(at(half, 200).sitter.wet!.moisture.state.breathWPerM2).toBe(0);
  });

  it("in deep cold is wet by the end of the sit, as practice has it, and the nose under it still warmer than bare", () => {
    const { at: now, sitter } = at(outing, 280);
    const held = sitter.wet!.moisture.state.waterGPerM2[now.water!.breath!.cell]!;
    expect(held).toBeGreaterThan(5);
    expect(simulateOuting(outing).series.waterGPerM2.mouth[280]).toBeCloseTo(held, 0);
    expect(sitter.wet!.moisture.state.mouthKeptShare).toBeLessThan(1);
    const bare = { ...outing, wearings: outing.wearings.filter(({ pieceId }) => pieceId !== "faceMask") };
    expect(sitter.digitC[4]).toBeGreaterThan(simulateOuting(bare).series.digitC.nose[280]! + 10);
  });
});
