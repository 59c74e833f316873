import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { buildStack, totalInsulation } from "./stack";
import { coveredRegions, sideBySide } from "./cover";
import { digitFlowWhenTight, fitLayers } from "./fit-budget";
import type { Layer } from "./layer";
import { stirring } from "./wind-factor";
import { convection, radiation, SEGMENT_COUNT } from "../body";

const layer = (change: Partial<Layer> = {}): Layer => ({
  insulationM2KPerW: 0.1,
  thicknessMm: 4,
  gapMm: 2,
  airPermeabilityLPerM2S: 1000,
  keptUnderLoad: 0.5,
  rigidWall: false,
  ...change,
});
const shell = layer({ insulationM2KPerW: 0.01, thicknessMm: 0.4, airPermeabilityLPerM2S: 1 });
const FOREARM = { shape: "cylinder", radiusMm: 42 } as const;
const total = (layers: readonly Layer[], windMPerS: number, leaks = false, surfaceWPerM2K = 12): number =>
  totalInsulation(buildStack(layers, FOREARM, leaks), stirring(windMPerS, 0), surfaceWPerM2K);
/** What the body itself has at its surface in a wind: the standard's clothing and the body's air layer must fit together. */
const surfaceIn = (windMPerS: number, segment: number): number => {
  const [out, wind, warm] = [0, windMPerS, 30].map((value) => new Float64Array(SEGMENT_COUNT).fill(value));
  convection(out!, "sitting", wind!, warm!, warm!, "greater");
  return out![segment]! + radiation("sitting")[segment]!;
};

describe("partial cover", () => {
  it("divides a patch at every end, the covered part nested: worked by hand", () => {
    const [base, vest, coat] = [layer(), layer(), layer()];
    const regions = coveredRegions([
      { layer: base, coverShare: 1 },
      { layer: vest, coverShare: 0.3 },
      { layer: coat, coverShare: 0.8 },
    ]);
    expect(regions.map(({ share, layers }) => [share, layers.length])).toEqual([
      [0.3, 3],
      [0.5, 2],
      [expect.closeTo(0.2, 12), 1],
    ]);
  });

  it("halves the loss where half the patch is perfectly insulated", () => {
    const half = sideBySide([
      { share: 0.5, insulationM2KPerW: 1e9 },
      { share: 0.5, insulationM2KPerW: 0.2 },
    ]);
    expect(half).toBeCloseTo(0.4, 6);
  });

  it("of a bare patch is the bare patch", () => {
    expect(coveredRegions([])).toEqual([{ share: 1, layers: [] }]);
  });
});

describe("room under a piece", () => {
  const boot = layer({ easeMm: 6 });

  it("is no matter while what is under it fits", () => {
    expect(fitLayers([layer({ thicknessMm: 3 }), layer({ thicknessMm: 3 }), boot]).overfillMm).toBe(0);
  });

  it("beyond it presses what is under: thickness lost is overfill, resistance in proportion", () => {
    const { layers, overfillMm } = fitLayers([layer({ thicknessMm: 4 }), layer({ thicknessMm: 4 }), boot]);
    expect(overfillMm).toBeCloseTo(2, 12);
    expect(layers[0]!.thicknessMm + layers[1]!.thicknessMm).toBeCloseTo(6, 12);
    expect(layers[0]!.insulationM2KPerW).toBeCloseTo(0.075, 12);
    expect(layers[2]!.gapMm).toBeLessThan(1);
  });

  it("lets less blood through by the description's numbers: 0.35 a mm, never below 0.3", () => {
    expect(digitFlowWhenTight(0)).toBe(1);
    expect(digitFlowWhenTight(1)).toBeCloseTo(0.65, 12);
    expect(digitFlowWhenTight(10)).toBe(0.3);
  });

  it("a sock too many warms nothing: the stack stops growing where the room ends", () => {
    const sock = layer({ thicknessMm: 3 });
    const still = (count: number): number =>
      buildStack([...Array.from({ length: count }, () => sock), boot], FOREARM).stillM2KPerW;
    expect(still(2)).toBeGreaterThan(still(1));
    expect(still(3)).toBeLessThan(still(2) * 1.02);
  });
});

describe("an opening", () => {
  it("costs in wind what a tight shell would have kept, and nothing under a boot's wall", () => {
    const worn = [layer(), layer(), shell];
    expect(total(worn, 6, true)).toBeLessThan(total(worn, 6) * 0.95);
    const boot = layer({ rigidWall: true });
    expect(total([layer(), boot], 6, true)).toBe(total([layer(), boot], 6));
  });
});

describe("laws of stacking (dry, fitting)", () => {
  const anyLayer = fc.record({
    insulationM2KPerW: fc.double({ min: 0.005, max: 0.4, noNaN: true }),
    thicknessMm: fc.double({ min: 0.2, max: 20, noNaN: true }),
    gapMm: fc.constantFrom(0.3, 1, 2, 3),
    airPermeabilityLPerM2S: fc.constantFrom(1, 8, 50, 200, 1000),
    keptUnderLoad: fc.constant(0.5),
    rigidWall: fc.constant(false),
  });
  // Real cloth: a layer's thickness and resistance belong together, else growing the radius could outweigh a thin film.
  const cloth = anyLayer.map((any) => ({ ...any, insulationM2KPerW: any.thicknessMm / 1000 / 0.045 }));

  it("adding a layer never lowers the resistance by more than the 0.08 % the description found", () => {
    fc.assert(
      fc.property(
        fc.array(cloth, { minLength: 0, maxLength: 6 }),
        cloth,
        fc.nat(),
        fc.double({ min: 0, max: 15, noNaN: true }),
        (worn, added, where, wind) => {
          const at = where % (worn.length + 1);
          const more = [...worn.slice(0, at), added, ...worn.slice(at)];
          return total(more, wind) >= total(worn, wind) * 0.999;
        },
      ),
      { numRuns: 3000 },
    );
  });

  // Below 0.2 m/s the published body shares out natural convection again between its parts: the law holds for the whole only.
  it("more wind never gives more, the outer air layer included, on any part of the body", () => {
    fc.assert(
      fc.property(
        fc.array(cloth, { maxLength: 6 }),
        fc.double({ min: 0.2, max: 18, noNaN: true }),
        fc.double({ min: 0, max: 5, noNaN: true }),
        fc.nat({ max: SEGMENT_COUNT - 1 }),
        (worn, wind, more, segment) =>
          total(worn, wind + more, false, surfaceIn(wind + more, segment)) <=
          total(worn, wind, false, surfaceIn(wind, segment)) + 1e-12,
      ),
      { numRuns: 3000 },
    );
  });
});
