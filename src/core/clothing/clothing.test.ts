import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { airGapInsulation } from "./air-gap";
import { buildStack, clothingInsulation, totalInsulation } from "./stack";
import { contactInsulation } from "./contact";
import { stirring } from "./wind-factor";
import type { Layer } from "./layer";

const cloth = (insulationM2KPerW: number, airPermeabilityLPerM2S: number, rigidWall = false): Layer => ({
  insulationM2KPerW,
  thicknessMm: insulationM2KPerW * 40,
  gapMm: 2,
  airPermeabilityLPerM2S,
  keptUnderLoad: 0.5,
  rigidWall,
});
const FLAT = { shape: "flat" } as const;
const FINGER = { shape: "cylinder", radiusMm: 8 } as const;
const anyLayer = fc.record({
  insulationM2KPerW: fc.double({ min: 0.005, max: 0.5, noNaN: true }),
  thicknessMm: fc.double({ min: 0.2, max: 20, noNaN: true }),
  gapMm: fc.double({ min: 0, max: 6, noNaN: true }),
  airPermeabilityLPerM2S: fc.double({ min: 1, max: 1000, noNaN: true }),
  keptUnderLoad: fc.constant(0.5),
  rigidWall: fc.boolean(),
});

describe("air gaps", () => {
  it("gain until 8 mm and no further", () => {
    expect(airGapInsulation(4)).toBeGreaterThan(airGapInsulation(2));
    expect(airGapInsulation(20)).toBe(airGapInsulation(8));
    expect(airGapInsulation(0)).toBe(0);
  });
});

describe("curvature", () => {
  it("worked by hand: 10 mm of k 0.04 on a cylinder of 8 mm is r/k·ln(18/8)", () => {
    const bare: Layer = { ...cloth(0.25, 1), thicknessMm: 10, gapMm: 0 };
    expect(buildStack([bare], FINGER).stillM2KPerW).toBeCloseTo((0.008 / 0.04) * Math.log(18 / 8), 9);
  });

  it("thick gloves disappoint on a finger and do better on fingers together", () => {
    const glove = [cloth(0.3, 1)];
    const mitt = { shape: "cylinder", radiusMm: 28 } as const;
    expect(buildStack(glove, FINGER).stillM2KPerW).toBeLessThan(buildStack(glove, mitt).stillM2KPerW);
    expect(buildStack(glove, mitt).stillM2KPerW).toBeLessThan(buildStack(glove, FLAT).stillM2KPerW);
  });

  it("a sphere worked by hand: R·r²/(ρ·(ρ + t))", () => {
    const bare: Layer = { ...cloth(0.25, 1), thicknessMm: 10, gapMm: 0 };
    const stack = buildStack([bare], { shape: "sphere", radiusMm: 90 });
    expect(stack.stillM2KPerW).toBeCloseTo((0.25 * 90 * 90) / (90 * 100), 9);
  });
});

describe("wind", () => {
  it("never reaches under a rigid wall", () => {
    const boot = buildStack([cloth(0.05, 200), cloth(0.2, 1, true)], FLAT);
    expect(clothingInsulation(boot, stirring(12, 1))).toBe(boot.stillM2KPerW);
  });

  it("costs open pile most, and hardly what lies under a membrane", () => {
    const storm = stirring(9, 0);
    const kept = (layers: Layer[]): number => {
      const stack = buildStack(layers, FLAT);
      return clothingInsulation(stack, storm) / stack.stillM2KPerW;
    };
    expect(kept([cloth(0.3, 1000)])).toBeLessThan(kept([cloth(0.3, 50)]));
    expect(kept([cloth(0.3, 1000)])).toBeLessThan(kept([cloth(0.3, 1000), cloth(0.01, 1)]));
  });

  it("more of it never warms, the air layer outside counted", () => {
    // Clothing alone may gain a little as the standard's air layer is blown away; what a body feels is the whole.
    const whole = (layers: Layer[], wind: number): number =>
      totalInsulation(buildStack(layers, FLAT), stirring(wind, 0), 4.7 + Math.max(3, 8.6 * wind ** 0.53));
    fc.assert(
      fc.property(
        fc.array(anyLayer, { minLength: 1, maxLength: 6 }),
        fc.double({ min: 0, max: 15, noNaN: true }),
        fc.double({ min: 0, max: 8, noNaN: true }),
        (layers, wind, more) => {
          expect(whole(layers, wind + more)).toBeLessThanOrEqual(whole(layers, wind) * 1.001);
        },
      ),
    );
  });

  it("an added outer layer never cools by more than a thousandth", () => {
    fc.assert(
      fc.property(
        fc.array(anyLayer, { maxLength: 5 }),
        anyLayer,
        fc.double({ min: 0, max: 18, noNaN: true }),
        (layers, added, wind) => {
          const total = (worn: Layer[]): number => totalInsulation(buildStack(worn, FLAT), stirring(wind, 0), 12);
          expect(total([...layers, added])).toBeGreaterThanOrEqual(total(layers) * 0.999);
        },
      ),
    );
  });
});

it("contact keeps of each layer what weight leaves of it", () => {
  const layers = [cloth(0.2, 1), cloth(0.1, 1)];
  expect(contactInsulation(layers, 0.35, 1)).toBeCloseTo(0.35 + 0.15, 12);
  expect(contactInsulation(layers, 0.35, 0)).toBeCloseTo(0.35 + 0.3, 12);
  expect(contactInsulation([], 0, 1)).toBeGreaterThan(0); // bare skin on bare metal still is no perfect contact
});
