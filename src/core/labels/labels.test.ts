import { describe, expect, it } from "vitest";
import { cloFromInsulation } from "../units";
import { coveredPatches, readLabel } from "./read-label";
import { readMaterial } from "./reading";
import type { Label } from "./label";
import type { Material } from "./material";

const clo = (material: Material): number => cloFromInsulation(readMaterial(material).insulationM2KPerW);

describe("label readings", () => {
  it.each<[string, Material]>([
    ["knit 200", { kind: "knit", massGPerM2: 200 }],
    ["fleece 200", { kind: "fleece", massGPerM2: 200 }],
    ["felt 9 mm", { kind: "felt", thicknessMm: 9 }],
    ["boot batting 400", { kind: "bootBatting", massGPerM2: 400 }],
  ])(
    "%s insulates no better than still air as thick, and not half as badly (Fourt & Hollies 1970: 1.57 clo a cm)",
    (_name, material) => {
      const { insulationM2KPerW, thicknessMm } = readMaterial(material);
      const stillAirM2KPerW = thicknessMm / 1000 / 0.0243; // conductivity of air at 0 °C, W/(m·K)
      expect(insulationM2KPerW).toBeLessThan(stillAirM2KPerW);
      expect(insulationM2KPerW).toBeGreaterThan(stillAirM2KPerW / 2);
    },
  );

  // Worked figures of the method page's table.
  it.each<[string, Material, number, number]>([
    [
      "garment batting 100, quilted",
      { kind: "garmentBatting", massGPerM2: 100, fibre: "loftyFine", quilted: true },
      1.7,
      0.05,
    ],
    ["boot batting 400", { kind: "bootBatting", massGPerM2: 400 }, 0.86, 0.01],
    ["fleece 200", { kind: "fleece", massGPerM2: 200 }, 0.68, 0.01],
    ["knit 200", { kind: "knit", massGPerM2: 200 }, 0.16, 0.01],
    ["felt 9 mm", { kind: "felt", thicknessMm: 9 }, 1.29, 0.01],
  ])("%s reads as %3$d clo", (_name, material, expected, within) => {
    expect(Math.abs(clo(material) - expected)).toBeLessThan(within);
  });

  it("fill power alone does not rank down: less fill of better down can be colder", () => {
    const good: Material = { kind: "down", fillPowerIn3PerOz: 850, fillG: 100, panelAreaM2: 1 };
    const plain: Material = { kind: "down", fillPowerIn3PerOz: 650, fillG: 200, panelAreaM2: 1 };
    expect(clo(good)).toBeLessThan(clo(plain));
    // 200 g · 650 in³/oz · 0.578 = 75 140 cm³ over 1 m², 45 % packed: 33.8 mm
    expect(readMaterial(plain).thicknessMm).toBeCloseTo(33.813, 2);
  });

  it("a test sheet is taken as it is; one that states a total, less the static air layer of ISO 11079's annex", () => {
    const read = (statesTotal: boolean, insulationM2KPerW = 0.3) =>
      readMaterial({ kind: "testSheet", insulationM2KPerW, statesTotal }).insulationM2KPerW;
    expect(read(false)).toBe(0.3);
    expect(read(true)).toBeCloseTo(0.3 - 0.085, 9);
    expect(read(true, 0.05)).toBe(0); // less than the air alone
  });

  it("a measured loft overrides fill power, fill and area: 40 mm at the peak are 26 mm of 0.04 W/(m·K)", () => {
    const fill = { kind: "down", fillPowerIn3PerOz: 850, fillG: 100, panelAreaM2: 1 } as const;
    expect(readMaterial({ ...fill, peakLoftMm: 40 }).insulationM2KPerW).toBeCloseTo(0.026 / 0.04, 9);
    expect(readMaterial({ ...fill, peakLoftMm: 40 }).relativeSpread).toBeLessThan(readMaterial(fill).relativeSpread);
  });

  it("the same grams mean different things on a parka, a glove and a boot", () => {
    const grams = 200;
    const parka = clo({ kind: "garmentBatting", massGPerM2: grams, fibre: "loftyFine", quilted: true });
    const mitt = clo({ kind: "mittBatting", massGPerM2: grams });
    const boot = clo({ kind: "bootBatting", massGPerM2: grams });
    expect(parka).toBeGreaterThan(2 * mitt);
    expect(mitt).toBeGreaterThan(2 * boot);
  });

  it("every kind has a spread between nothing and half its value, and keeps no more than all under load", () => {
    const materials: Material[] = [
      { kind: "highPile", thicknessMm: 12 },
      { kind: "gloveBatting", massGPerM2: 150 },
      { kind: "solid", substance: "sheepskin", thicknessMm: 20 },
      { kind: "solid", substance: "rubber", thicknessMm: 12 },
      { kind: "garmentBatting", massGPerM2: 133, fibre: "continuousFilament", quilted: false },
    ];
    for (const material of materials) {
      const reading = readMaterial(material);
      expect(reading.relativeSpread).toBeGreaterThan(0);
      expect(reading.relativeSpread).toBeLessThan(0.5);
      expect(reading.keptUnderLoad).toBeGreaterThan(0);
      expect(reading.keptUnderLoad).toBeLessThanOrEqual(1);
      expect(reading.source).not.toBe("");
    }
  });
});

describe("labels of whole pieces", () => {
  const boot: Label = {
    kind: "panels",
    panels: [
      { patches: ["footUpper", "toes"], materials: [{ kind: "felt", thicknessMm: 9 }] },
      {
        patches: ["sole"],
        materials: [
          { kind: "solid", substance: "rubber", thicknessMm: 12 },
          { kind: "felt", thicknessMm: 9 },
        ],
      },
    ],
    assembly: "boot",
    face: "membrane",
    fit: "close",
    wear: "new",
  };

  it("a boot loses at tongue, welt and sole's edge, and again at the toes", () => {
    const [upper, toes, sole] = readLabel(boot);
    expect(upper!.insulationM2KPerW).toBeCloseTo(0.2 * 0.75, 9);
    expect(toes!.insulationM2KPerW).toBeCloseTo(0.2 * 0.75 * 0.85, 9);
    expect(sole!.insulationM2KPerW).toBeCloseTo((0.012 / 0.16 + 0.2) * 0.75, 9);
    expect(toes!.layers[0]!.rigidWall).toBe(true);
  });

  it("wear takes loft", () => {
    const [fresh] = readLabel(boot);
    const [worn] = readLabel({ ...boot, wear: "muchUsed" });
    expect(worn!.insulationM2KPerW / fresh!.insulationM2KPerW).toBeCloseTo(0.7, 9);
  });

  it("covers are listed from head to foot", () => {
    expect(coveredPatches(boot)).toEqual(["footUpper", "sole", "toes"]);
  });

  it("explicit layers are taken as they are", () => {
    const layer = {
      insulationM2KPerW: 0.1,
      thicknessMm: 4,
      gapMm: 1,
      airPermeabilityLPerM2S: 8,
      keptUnderLoad: 0.5,
      rigidWall: false,
    };
    const [reading] = readLabel({
      kind: "explicit",
      panels: [{ patches: ["chest"], side: "both", layers: [layer, layer] }],
    });
    expect(reading).toMatchObject({ insulationM2KPerW: 0.2, spreadM2KPerW: 0, layers: [layer, layer] });
  });

  it("a test sheet stands for the whole piece: no seams off, and one that states less than still air has nothing", () => {
    const sheet = (insulationM2KPerW: number, statesTotal = false): Label => ({
      kind: "panels",
      panels: [{ patches: ["chest"], materials: [{ kind: "testSheet", insulationM2KPerW, statesTotal }] }],
      assembly: "sewnThrough",
      face: "knit",
      fit: "regular",
      wear: "new",
    });
    expect(readLabel(sheet(0.3))[0]).toMatchObject({ insulationM2KPerW: 0.3, assemblyFactor: 1 });
    const [nothing] = readLabel(sheet(0.05, true));
    expect(nothing).toMatchObject({ insulationM2KPerW: 0, spreadM2KPerW: 0 });
    expect(nothing!.layers[0]).toMatchObject({ keptUnderLoad: 1, lossAtOwnMass: 0 });
  });

  it("what a high pile or a tested piece takes up grows with it", () => {
    const absorbing = (material: Material): number =>
      readLabel({
        kind: "panels",
        panels: [{ patches: ["chest"], materials: [material] }],
        assembly: "none",
        face: "knit",
        fit: "regular",
        wear: "new",
      })[0]!.layers[0]!.absorbingGPerM2!;
    const pile = (thicknessMm: number): number => absorbing({ kind: "highPile", thicknessMm });
    expect(pile(12)).toBeCloseTo(1.5 * pile(8), 9);
    const tested = (insulationM2KPerW: number): number =>
      absorbing({ kind: "testSheet", insulationM2KPerW, statesTotal: false });
    expect(tested(0.4)).toBeCloseTo(2 * tested(0.2), 9);
  });
});
