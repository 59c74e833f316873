import { describe, expect, it } from "vitest";
import { createDigitSupply, digitBloodExchange, supplyDigit, type FeedingBlood } from "./digit-blood";
import { crossFlowConvection, digitConvection } from "./digit-surface";
import { DIGIT_NATURE } from "./digit";

const warm: FeedingBlood = {
  skinFlowLPerH: 1.1,
  anastomosesFlowLPerH: 1.7,
  segmentSkinC: 33,
  segmentAreaM2: 0.05,
  trunkFallK: 0,
  activityRatio: 1.2,
};
const shut: FeedingBlood = { ...warm, skinFlowLPerH: 0.02, anastomosesFlowLPerH: 0, segmentSkinC: 20, trunkFallK: 0.5 };

const exchange = (kind: keyof typeof DIGIT_NATURE, temperatureC: number, blood: FeedingBlood): number => {
  const supply = createDigitSupply();
  supplyDigit(supply, DIGIT_NATURE[kind], blood);
  return digitBloodExchange(supply, temperatureC);
};

describe("blood of a digit", () => {
  it("worked by hand at 30 °C and above: both flows in full", () => {
    const expected = (1.067 * (1.1 * 2 ** ((32 - 33) / 6) + 2 * 1.7)) / 0.05;
    expect(exchange("finger", 32, warm)).toBeCloseTo(expected, 6);
  });

  it("anastomoses close with cold but keep a fifth", () => {
    const open = 1.067 * 2 * 1.7 * 0.2;
    expect(exchange("finger", 2, { ...warm, skinFlowLPerH: 0, trunkFallK: 1 })).toBeCloseTo(open / 0.05, 6);
  });

  it("never falls below the constricted minimum; the pump of walking doubles it in the toes alone", () => {
    expect(exchange("finger", 15, shut)).toBeCloseTo(2.4, 9);
    expect(exchange("toe", 15, shut)).toBeCloseTo(2.8, 9);
    expect(exchange("toe", 15, { ...shut, activityRatio: 4 })).toBeCloseTo(5.6, 9);
    expect(exchange("finger", 15, { ...shut, activityRatio: 4 })).toBeCloseTo(2.4, 9);
  });

  it("cold-induced waves come below 10 °C, with a warm core only, and not in the face", () => {
    expect(exchange("finger", 4, { ...shut, trunkFallK: -0.3 })).toBeGreaterThan(exchange("finger", 4, shut) + 5);
    expect(exchange("nose", 4, { ...shut, trunkFallK: -0.3 })).toBeCloseTo(8.5, 9);
  });
});

describe("surface of a digit", () => {
  it("follows Churchill & Bernstein 1977, worked by the printed formula at 2 m/s on 16 mm", () => {
    const reynolds = (2 * 0.016) / 1.36e-5;
    const prandtl = 0.713;
    const nusselt =
      0.3 +
      ((0.62 * reynolds ** 0.5 * prandtl ** (1 / 3)) / (1 + (0.4 / prandtl) ** (2 / 3)) ** 0.25) *
        (1 + (reynolds / 282_000) ** (5 / 8)) ** (4 / 5);
    expect(crossFlowConvection(2, 0.016)).toBeCloseTo((nusselt * 0.0245) / 0.016, 9);
  });

  it("a thin finger loses more per area than a mitt, and still air keeps a floor", () => {
    expect(digitConvection("finger", 3)).toBeGreaterThan(digitConvection("mitt", 3));
    expect(digitConvection("toe", 0)).toBe(4.5);
    expect(digitConvection("cheek", 8)).toBeGreaterThan(digitConvection("cheek", 2));
  });
});
