import { describe, expect, it } from "vitest";
import { sampleOuting } from "../../../tests/sample-outing";
import { SEGMENT_COUNT, SEGMENT_INDEX, SEGMENT_NODES } from "../body";
import { DIGIT_PLACE, DIGITS } from "../digits";
import { phaseAt, Surroundings, type Outing } from "../outing";
import { breathingLoss, createSkinExchange, OUTING_BODY } from "../body";
import { contactResistances, createSitter, restedPerson, USUAL_NATURE, type Sitter } from ".";
import { OutingExchange } from "./outing-exchange";

const outing = sampleOuting();
const rested = restedPerson(outing.person.body, outing.start);
const { resting } = rested;
const totalMinutes = outing.phases.reduce((total, { minutes }) => total + minutes, 0);
const newSitter = (digitSubsteps?: number): Sitter =>
  createSitter(outing.person.body, outing.start, USUAL_NATURE, rested, digitSubsteps);

/** Digits minute by minute through the sample outing, each minute in so many steps. */
function digitsThrough(sitter: Sitter, stepsPerMinute: number, of: Outing = outing): Float64Array[] {
  const surroundings = new Surroundings(of);
  return Array.from({ length: totalMinutes }, (_, minute) => {
    const { phase, minuteInPhase } = phaseAt(of.phases, minute);
    for (let step = 0; step < stepsPerMinute; step++) {
      sitter.step(surroundings.at(minute, phase, minuteInPhase), 60 / stepsPerMinute);
    }
    return Float64Array.from(sitter.digitC);
  });
}

const worstK = (one: readonly Float64Array[], other: readonly Float64Array[], from = 0, to = totalMinutes): number =>
  Math.max(
    ...one
      .slice(from, to)
      .flatMap((digits, minute) => [...digits].map((value, digit) => Math.abs(value - other[from + minute]![digit]!))),
  );

describe("the step", () => {
  const usual = digitsThrough(newSitter(), 1);

  it("half the digits' own step moves no digit by 0.05 K at any minute", () => {
    expect(worstK(usual, digitsThrough(newSitter(4), 1))).toBeLessThanOrEqual(0.05);
  });

  it("half the body's step moves digits by less than 0.1 K while sitting, and by its own lag while blood opens", () => {
    const halved = digitsThrough(newSitter(), 2);
    const sit = outing.phases[0]!.minutes + outing.phases[1]!.minutes;
    expect(worstK(usual, halved, sit, totalMinutes - outing.phases.at(-1)!.minutes)).toBeLessThan(0.1);
    // The published scheme takes its flows from the step before: fingers that warm by 1.5 K a minute lag half a minute.
    expect(worstK(usual, halved)).toBeLessThan(0.8);
  });
});

describe("energy", () => {
  it("of body and digits closes every step: what is gained is what was made less what left", () => {
    const sitter = newSitter();
    const surroundings = new Surroundings(outing);
    const exchange = createSkinExchange();
    const copy = new OutingExchange();
    const { capacityJPerK } = resting.parameters;
    const content = (): number =>
      sitter.body.temperatureC.reduce((sum, temperature, node) => sum + temperature * capacityJPerK[node]!, 0);
    for (let minute = 0; minute < totalMinutes; minute++) {
      const { phase, minuteInPhase } = phaseAt(outing.phases, minute);
      const at = surroundings.at(minute, phase, minuteInPhase);
      copy.write(exchange, sitter.body, at);
      const before = content();
      const { drawnFromArteryW, drawnFromSkinW } = sitter.save();
      sitter.step(at);
      const { last, now, vapour } = sitter.body;
      const breathed = breathingLoss(
        last.heatMadeW,
        at.airTemperatureC,
        exchange.vapourPressureKPa[0]!,
        OUTING_BODY.expiredAir,
      );
      let lostW = breathed.dry + breathed.moist;
      for (let segment = 0; segment < SEGMENT_COUNT; segment++) {
        lostW += exchange.dryConductanceWPerK[segment]! * (now.skinC[segment]! - exchange.surroundingsC[segment]!);
        lostW += vapour.heatW[segment]!;
      }
      const drawnW = [...drawnFromArteryW, ...drawnFromSkinW].reduce((sum, drawn) => sum + drawn, 0);
      const gainedW = (content() - before) / 60;
      expect(Math.abs(gainedW - (last.heatMadeW - lostW - drawnW))).toBeLessThan(0.001 * last.heatMadeW);
    }
  });

  it("drawn by fingers and toes is what they hold more and what they lose: worked from their temperatures", () => {
    const sitter = newSitter();
    const surroundings = new Surroundings(outing);
    for (let minute = 0; minute < 100; minute++) {
      const { phase, minuteInPhase } = phaseAt(outing.phases, minute);
      const before = Float64Array.from(sitter.digitC);
      sitter.step(surroundings.at(minute, phase, minuteInPhase));
      const { drawnFromArteryW, drawnFromSkinW } = sitter.save();
      DIGITS.forEach((digit, place) => {
        const { kind, segment, shareDrawn } = DIGIT_PLACE[digit];
        if (shareDrawn === 0) return;
        const areaM2 = shareDrawn * resting.parameters.skinAreaM2[SEGMENT_INDEX[segment]]!;
        const capacity = kind === "finger" ? 11_000 : 17_000;
        const heldW = ((sitter.digitC[place]! - before[place]!) * capacity * areaM2) / 60;
        const middleC = (sitter.digitC[place]! + before[place]!) / 2;
        const lostW =
          ((middleC - sitter.exchange.digitSurroundingsC[place]!) * areaM2) / sitter.exchange.digitsM2KPerW[place]!;
        expect(Math.abs(drawnFromArteryW[place]! + drawnFromSkinW[place]! - heldW - lostW)).toBeLessThan(0.05);
      });
    }
  });
});

describe("left and right", () => {
  it("dressed alike stay alike to the last figure", () => {
    const sitter = newSitter();
    const alike = { ...outing, wearings: outing.wearings.map((wearing) => ({ ...wearing, side: "both" as const })) };
    for (const digits of digitsThrough(sitter, 1, alike)) {
      expect(digits[0]).toBe(digits[1]);
      expect(digits[2]).toBe(digits[3]);
    }
    for (const name of ["Shoulder", "Arm", "Hand", "Thigh", "Leg", "Foot"] as const) {
      const [left, right] = [
        SEGMENT_NODES[SEGMENT_INDEX[`left${name}`]]!,
        SEGMENT_NODES[SEGMENT_INDEX[`right${name}`]]!,
      ];
      expect(sitter.body.temperatureC[left.skin]).toBe(sitter.body.temperatureC[right.skin]);
    }
  });

  it("a wearing on the left does to the left what one on the right does to the right", () => {
    const bare = (side: "left" | "right"): Outing => ({
      ...outing,
      wearings: outing.wearings.map((wearing) => {
        const isHandwear = outing.pieces.find(({ id }) => id === wearing.pieceId)!.kind === "handwear";
        return isHandwear ? { ...wearing, side } : wearing;
      }),
    });
    const left = digitsThrough(newSitter(), 1, bare("left"));
    const right = digitsThrough(newSitter(), 1, bare("right"));
    left.forEach((digits, minute) => expect(digits[0]).toBeCloseTo(right[minute]![1]!, 9));
    expect(left.at(-1)![0]).toBeGreaterThan(left.at(-1)![1]! + 0.5);
  });
});

describe("what a body rests on", () => {
  const { contactLayers } = new Surroundings(outing).dressAt(100, 2);
  const touching = (posture: "standing" | "sitting" | "kneeling" | "lying", leaning = false): number =>
    contactResistances(contactLayers, { posture, leaning }, 0).filter((value) => !Number.isNaN(value)).length;

  it("standing two soles; sitting seat and thighs too; kneeling two knees; lying back, lower back, seat, thighs", () => {
    expect([touching("standing"), touching("sitting"), touching("kneeling"), touching("lying")]).toEqual([2, 5, 2, 5]);
    expect(touching("sitting", true)).toBe(6);
  });

  it("sitting takes weight off the soles, which keep more of what is under them", () => {
    const standing = contactResistances(contactLayers, { posture: "standing", leaning: false }, 0);
    const sitting = contactResistances(contactLayers, { posture: "sitting", leaning: false }, 0);
    standing.forEach((value, site) => {
      if (!Number.isNaN(value)) expect(sitting[site]).toBeGreaterThan(value);
    });
  });
});
