import { describe, expect, it } from "vitest";
import fc from "fast-check";
import { saturationPressureKPa, SEGMENT_COUNT } from "../body";
import { bisect } from "../numeric";
import { ClothingMoisture } from "./clothing-moisture";
import { WATER_FLOWS } from "./water-ledger";
import { LATENT_J_PER_G } from "./water-properties";
import { writeWetting, createWetting, clinging } from "./wetting";
import type { WaterPlan } from "./water-plan";
import type { WetSkin } from "./wet-skin";
import type { WetSurroundings } from "./wetting";
import { VapourThroughLayers } from "./vapour-through-layers";

const evenly = (value: number): Float64Array => new Float64Array(SEGMENT_COUNT).fill(value);

/** The same layers on every segment, each cell its own. */
function planOf(masses: readonly number[], loss = 0.3): WaterPlan {
  const layers = masses.length;
  const each = <Value>(value: (layer: number) => Value): Value[] =>
    Array.from({ length: SEGMENT_COUNT * layers }, (_, index) => value(index % layers));
  return {
    first: Int32Array.from({ length: SEGMENT_COUNT + 1 }, (_, segment) => segment * layers),
    cell: Int32Array.from({ length: SEGMENT_COUNT * layers }, (_, index) => index),
    dryShare: Float64Array.from(each(() => 1 / layers)),
    vapourShare: Float64Array.from(each(() => 1 / layers)),
    massGPerM2: Float64Array.from(each((layer) => masses[layer]!)),
    lossAtOwnMass: evenlyOver(SEGMENT_COUNT * layers, loss),
    passes: evenly(0.5),
    under: Int32Array.from({ length: SEGMENT_COUNT }, (_, segment) => segment * layers),
    breath: null,
  };
}
const evenlyOver = (count: number, value: number): Float64Array => new Float64Array(count).fill(value);

/** Skin of so much wetness over clothing in air, its evaporation as the body computes it. */
function skinIn(airC: number, clothingM2KPerW: number, wettedness: number, dripsWPerM2: number): WetSkin {
  const [skinC, airM2K] = [32, 0.09];
  const [airVapour, vapour] = [0.008, clothingM2KPerW / (16.5 * 0.38) + 0.008];
  const [skinKPa, airKPa] = [saturationPressureKPa(skinC), 0.7 * saturationPressureKPa(airC)];
  return {
    skinC: evenly(skinC),
    operativeC: evenly(airC),
    clothingM2KPerW: evenly(clothingM2KPerW),
    airM2KPerW: evenly(airM2K),
    vapourM2KPaPerW: evenly(vapour),
    airVapourM2KPaPerW: evenly(airVapour),
    vapourPressureKPa: evenly(airKPa),
    skinSaturatedKPa: evenly(skinKPa),
    wettedness: evenly(wettedness),
    evaporatesWPerM2: evenly((wettedness * (skinKPa - airKPa)) / vapour),
    dripsWPerM2: evenly(dripsWPerM2),
  };
}

const held = (book: ClothingMoisture): number => book.state.waterGPerM2.reduce((sum, water) => sum + water, 0);
const flow = (book: ClothingMoisture, name: (typeof WATER_FLOWS)[number]): number =>
  book.ledger.flowsG[WATER_FLOWS.indexOf(name)]!;

function moveFor(book: ClothingMoisture, plan: WaterPlan, skin: WetSkin, minutes: number, rainG = 0): void {
  const wetting = rainG > 0 ? { outside: evenly(rainG / 3600), overTop: evenly(rainG / 7200) } : null;
  for (let minute = 0; minute < minutes; minute += 4) if (book.schedule.isDueAfter(240)) book.move(plan, wetting, skin);
}

describe("vapour through layers", () => {
  const soaked = (planeVapour: number): VapourThroughLayers => {
    const vapour = new VapourThroughLayers();
    vapour.layers = 1;
    vapour.heatUpTo.set([1e6, 1e6 + 1 / 20]);
    vapour.vapourUpTo.set([1e6, 1e6 + planeVapour]);
    vapour.waterGPerM2[0] = 100;
    return vapour;
  };

  it("a wet cloth by itself in a draught takes the wet-bulb temperature of the psychrometer's equation", () => {
    const convectionWPerM2K = 20;
    const vapour = soaked(1 / (16.5 * convectionWPerM2K));
    Object.assign(vapour, { skinC: 20, aroundC: 20, skinKPa: 1.17, airKPa: 0.5 * saturationPressureKPa(20) });
    vapour.solve();
    // Dry heat in from the air is what evaporates: the plane's temperature follows from it.
    const wetBulbC = 20 + vapour.condensesWPerM2[0]! / convectionWPerM2K;
    const outOfBalanceK = (bulbC: number): number =>
      20 - bulbC - 16.5 * (saturationPressureKPa(bulbC) - 0.5 * saturationPressureKPa(20));
    expect(Math.abs(wetBulbC - bisect(outOfBalanceK, 0, 20, 1e-6))).toBeLessThan(0.01);
  });

  it("without a wet plane is one series of resistances", () => {
    const vapour = new VapourThroughLayers();
    vapour.layers = 2;
    vapour.heatUpTo.set([0.1, 0.2, 0.3]);
    vapour.vapourUpTo.set([0.5, 0.52, 0.53]);
    Object.assign(vapour, { skinC: 33, aroundC: 25, skinKPa: 5, airKPa: 1 });
    vapour.solve();
    expect(vapour.leavesSkinWPerM2).toBeCloseTo(4 / 0.53, 9);
    expect(vapour.dryFromSkinWPerM2).toBeCloseTo(8 / 0.3, 9);
  });

  it("heat and vapour that come to a plane leave it: what leaves the skin reaches the air", () => {
    fc.assert(
      fc.property(
        fc.double({ min: -30, max: 15, noNaN: true }),
        fc.array(fc.double({ min: 0.02, max: 0.4, noNaN: true }), { minLength: 1, maxLength: 5 }),
        fc.array(fc.boolean(), { minLength: 5, maxLength: 5 }),
        (airC, shells, wet) => {
          const vapour = new VapourThroughLayers();
          vapour.layers = shells.length;
          let [heat, damp] = [0, 0.3];
          shells.forEach((shell, layer) => {
            vapour.heatUpTo[layer] = heat += shell;
            vapour.vapourUpTo[layer] = damp += shell / 6.3;
            vapour.waterGPerM2[layer] = wet[layer] ? 50 : 0;
          });
          vapour.heatUpTo[shells.length] = heat + 0.1;
          vapour.vapourUpTo[shells.length] = damp + 0.01;
          Object.assign(vapour, { skinC: 31, aroundC: airC, skinKPa: 4.4, airKPa: 0.6 * saturationPressureKPa(airC) });
          vapour.solve();
          const latent = vapour.condensesWPerM2.slice(0, shells.length).reduce((sum, at) => sum + at, 0);
          const intoAir = vapour.leavesSkinWPerM2 - latent;
          expect(Number.isFinite(intoAir)).toBe(true);
          // The warm end loses dry heat as the straight line does, less what planes set free, by their place.
          const straight = (31 - airC) / (heat + 0.1);
          const fromPlanes = shells.reduce(
            (sum, _, layer) => sum + vapour.condensesWPerM2[layer]! * (1 - vapour.heatUpTo[layer]! / (heat + 0.1)),
            0,
          );
          expect(Math.abs(vapour.dryFromSkinWPerM2 - (straight - fromPlanes))).toBeLessThan(0.2);
        },
      ),
    );
  });
});

describe("the book of water", () => {
  it("loses none: what comes from skin and sky is held, in the air or dripped, to 0.1 %", () => {
    fc.assert(
      fc.property(
        fc.double({ min: -30, max: 15, noNaN: true }),
        fc.double({ min: 0.06, max: 1, noNaN: true }),
        fc.double({ min: 0, max: 150, noNaN: true }),
        fc.integer({ min: 0, max: 400 }),
        (airC, wettedness, drips, rainG) => {
          const book = new ClothingMoisture(SEGMENT_COUNT * 3);
          const skin = skinIn(airC, 0.4, wettedness, drips);
          moveFor(book, planOf([150, 300, 0]), skin, 120, rainG);
          const came = flow(book, "fromSkin") + flow(book, "fromOutside");
          const went = flow(book, "toAir") + flow(book, "dripped") + held(book);
          expect(Math.abs(came - went)).toBeLessThanOrEqual(0.001 * Math.abs(came) + 1e-9);
          expect(Math.min(...book.state.waterGPerM2)).toBeGreaterThanOrEqual(0);
        },
      ),
    );
  });

  it("soaked clothes dry, and take heat while they do", () => {
    const book = new ClothingMoisture(SEGMENT_COUNT * 2);
    const plan = planOf([200, 200]);
    moveFor(book, plan, skinIn(-5, 0.3, 1, 400), 30);
    const wetG = held(book);
    expect(Math.min(...book.state.retainedInsulation)).toBeLessThan(0.9);
    moveFor(book, plan, skinIn(-5, 0.3, 0.06, 0), 60);
    expect(held(book)).toBeLessThan(wetG);
    // Drying takes the latent heat of what dries from skin and air: from the skin never more than all of it.
    const [beforeG, seconds] = [held(book), 240];
    moveFor(book, plan, skinIn(-5, 0.3, 0.06, 0), seconds / 60);
    const latentJ = (beforeG - held(book)) * LATENT_J_PER_G;
    const takenJ = -book.state.skinHeatWPerM2.reduce((sum, heat) => sum + heat, 0) * seconds;
    expect(takenJ).toBeGreaterThan(latentJ * 0.2);
    expect(takenJ).toBeLessThan(latentJ);
  });

  it("a down fill keeps less than batting when both are as wet", () => {
    const kept = [0.7, 0.35].map((loss) => {
      const book = new ClothingMoisture(SEGMENT_COUNT);
      moveFor(book, planOf([200], loss), skinIn(-5, 0.5, 1, 300), 60);
      return book.state.retainedInsulation[2]!;
    });
    expect(kept[0]).toBeLessThan(kept[1]!);
  });
});

describe("water from outside", () => {
  const at: WetSurroundings = {
    posture: "standing",
    airTemperatureC: 4,
    precipitationMmPerH: 2,
    skyShare: 1,
    snowUnderM2KPerW: null,
    by: [],
    sinkingCm: 0,
    shaftHeightCm: 20,
  };
  const [FROZEN, THAWED] = [0, 1].map((melts) => new Uint8Array(SEGMENT_COUNT).fill(melts)) as [Uint8Array, Uint8Array];
  const total = (surroundings: Partial<WetSurroundings>, melts = FROZEN): number => {
    const wetting = createWetting();
    writeWetting(wetting, { ...at, ...surroundings }, melts);
    return [...wetting.outside, ...wetting.overTop].reduce((sum, water) => sum + water, 0);
  };

  it("rain wets more than wet snow, that more than dry snow, and nothing falls under a roof", () => {
    expect([4, 0, -8].map(clinging)).toEqual([1, 0.7, 0.05]);
    expect(total({})).toBeGreaterThan(total({ airTemperatureC: 0 }));
    expect(total({ skyShare: 0 })).toBe(0);
  });

  it("thighs of a sitting person lie open to the sky; snow melts under who kneels in it and is warm enough", () => {
    expect(total({ posture: "sitting" })).toBeGreaterThan(total({}));
    const onSnow = { precipitationMmPerH: 0, snowUnderM2KPerW: 0.2 };
    expect(total({ ...onSnow, posture: "kneeling" }, THAWED)).toBeGreaterThan(0);
    expect(total({ ...onSnow, posture: "kneeling" })).toBe(0);
    expect(total(onSnow, THAWED)).toBe(0);
  });

  it("snow and slush come in at the top of a low shaft alone, and nowhere where it is closed", () => {
    const deep = { precipitationMmPerH: 0, sinkingCm: 25 };
    expect(total(deep)).toBeGreaterThan(0);
    expect(total({ ...deep, shaftHeightCm: 40 })).toBe(0);
    expect(total({ ...deep, shaftHeightCm: null })).toBe(0);
    const slush = { precipitationMmPerH: 0, by: ["overflow"] as const };
    expect(total({ ...slush, shaftHeightCm: 10 })).toBeGreaterThan(total({ ...slush, shaftHeightCm: 30 }));
  });
});
