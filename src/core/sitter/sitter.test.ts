import { describe, expect, it } from "vitest";
import { DEMO_NAMES, demoOuting, sampleOuting } from "../../../tests/sample-outing";
import { twelveHourOuting } from "../../../scripts/bench/twelve-hours";
import { withoutStoredHeat, withoutWater } from "../../../scripts/bench/without";
import { SEGMENT_COUNT, SEGMENT_INDEX, SEGMENT_NODES } from "../body";
import { DIGIT_PLACE, DIGITS } from "../digits";
import { TOUCH_M2K_PER_W } from "../clothing";
import { SITE_INDEX, SITES } from "../patches";
import { phaseAt, simulateOuting, Surroundings, type OutingSeries } from "../simulation";
import { waterCells } from "../dressing";
import type { Outing } from "../outing";
import { breathingLoss, createSkinExchange, OUTING_BODY } from "../body";
import { contactResistances, contactWater } from "./outfit/contact";
import { createSitter, SitterState, type Sitter } from "./sitter";
import { restedPerson } from "./indoor-start";
import type { Conditions } from "./conditions";
import { BREATHED_SHARE } from "../water";
import { wetContact } from "./outfit/wet-contact";
import { OutingExchange } from "./outing-exchange";

const outing = sampleOuting();
const rested = restedPerson(outing.person.body, outing.start);
const { resting } = rested;
const sum = (values: Float64Array): number => values.reduce((total, value) => total + value, 0);
const totalMinutes = outing.phases.reduce((total, { minutes }) => total + minutes, 0);
const newSitter = (): Sitter =>
  createSitter(outing.person.body, outing.start, { rested, waterCells: waterCells(outing.pieces) });

/** Digits minute by minute through the sample outing, each minute in so many steps of first order. */
function digitsThrough(sitter: Sitter, stepsPerMinute: number, of: Outing = outing): Float64Array[] {
  const surroundings = new Surroundings(of);
  let before: unknown[] = [];
  return Array.from({ length: totalMinutes }, (_, minute) => {
    const { phase, minuteInPhase } = phaseAt(of.phases, minute);
    const at = surroundings.at(minute, phase, minuteInPhase);
    if (before[0] !== at || before[1] !== at.outfit) sitter.wet?.resetHistory(); // another doing or other clothes
    before = [at, at.outfit];
    for (let step = 0; step < stepsPerMinute; step++) {
      sitter.resetHistory();
      sitter.step(at, 60 / stepsPerMinute);
    }
    return Float64Array.from(sitter.digitC);
  });
}

const digitsAt = (series: OutingSeries, minute: number): Float64Array =>
  Float64Array.from(DIGITS, (digit) => series.digitC[digit][minute]!);
const digitsOf = (of: Outing, stepping: "paced" | "halved"): Float64Array[] => {
  const { series } = simulateOuting(of, { stepping });
  return Array.from({ length: series.minutes }, (_, minute) => digitsAt(series, minute + 1));
};

const worstK = (one: readonly Float64Array[], other: readonly Float64Array[]): number =>
  Math.max(
    ...one.flatMap((digits, minute) => [...digits].map((value, digit) => Math.abs(value - other[minute]![digit]!))),
  );

describe("the step", () => {
  it.each([
    ...DEMO_NAMES.map((name) => [name, demoOuting(name)] as const),
    ["the benchmark's twelve hours", twelveHourOuting()] as const,
  ])("half of each moves no digit by 0.05 K at any minute: %s", (_name, of) => {
    const dry = withoutStoredHeat(withoutWater(of));
    expect(worstK(digitsOf(dry, "paced"), digitsOf(dry, "halved"))).toBeLessThanOrEqual(0.05);
    // Water is moved beside the steps; a cold mitt from the pack takes a kelvin and a half within a minute, and what is
    // laid aside for a minute begins it at the temperature the step before ended with.
    expect(worstK(digitsOf(of, "paced"), digitsOf(of, "halved"))).toBeLessThanOrEqual(0.1);
  });

  it("leads where the published scheme leads as its step goes to nothing", () => {
    const ours = digitsOf(outing, "paced");
    const [minute, quarter, second] = [1, 4, 64].map((parts) => worstK(ours, digitsThrough(newSitter(), parts)));
    // Published, flows come from the step before: fingers that warm by 1.5 K a minute lag half a minute.
    expect(minute).toBeGreaterThan(2 * quarter!);
    expect(quarter).toBeLessThan(0.4);
    expect(second).toBeLessThan(0.08);
  });
});

/** Watches what a sitter's body makes, keeps and loses, step by step, worked from its temperatures alone. */
class EnergyBook {
  private readonly exchange = createSkinExchange();
  private readonly copy: OutingExchange;
  private readonly sitter: Sitter;

  constructor(sitter: Sitter) {
    this.sitter = sitter;
    this.copy = new OutingExchange(sitter.wet!.moisture);
  }

  contentJ(): number {
    const { capacityJPerK } = resting.parameters;
    return this.sitter.body.temperatureC.reduce((total, value, node) => total + value * capacityJPerK[node]!, 0);
  }

  drawnW(): number {
    return sum(this.sitter.drawn.drawnFromArteryW) + sum(this.sitter.drawn.drawnFromSkinW);
  }

  /** Made less what left by breath, skin and sweat at the end of a step, W; digits not counted. */
  step(at: Conditions, stepS: number): number {
    this.sitter.wet!.wear(at);
    this.copy.write(this.exchange, this.sitter.body, at);
    const { skinAreaM2 } = this.sitter.body.parameters;
    const fromWaterW = skinAreaM2.reduce(
      (total, areaM2, segment) => total + areaM2 * this.sitter.wet!.moisture.schedule.heatAheadWPerM2(segment, stepS),
      0,
    );
    const breathedM2 = BREATHED_SHARE * SITES[SITE_INDEX.face!]!.share * skinAreaM2[SEGMENT_INDEX.head]!;
    const fromBreathW = this.sitter.wet!.moisture.state.breathWPerM2 * breathedM2; // out with the breath, and some of it back
    this.sitter.step(at, stepS);
    const { last, now, vapour } = this.sitter.body;
    const { dryConductanceWPerK, surroundingsC, vapourPressureKPa } = this.exchange;
    const airKPa = vapourPressureKPa[0]!;
    const breathed = breathingLoss(last.heatMadeW, at.airTemperatureC, airKPa, OUTING_BODY.expiredAir);
    let lostW = breathed.dry + breathed.moist + sum(vapour.heatW);
    for (let segment = 0; segment < SEGMENT_COUNT; segment++) {
      lostW += dryConductanceWPerK[segment]! * (now.skinC[segment]! - surroundingsC[segment]!);
    }
    return last.heatMadeW - lostW + fromWaterW + fromBreathW;
  }
}

describe("a step taken back", () => {
  it("takes nothing of the time in the water, nor of anything else", () => {
    const surroundings = new Surroundings(outing);
    const { phase, minuteInPhase } = phaseAt(outing.phases, 100);
    const at = surroundings.at(100, phase, minuteInPhase);
    const fallen = (): Sitter => {
      const sitter = newSitter();
      sitter.step(at, 60);
      sitter.fallIn();
      sitter.resetHistory();
      return sitter;
    };
    const [once, again] = [fallen(), fallen()];
    const start = new SitterState(waterCells(outing.pieces));
    again.save(start);
    for (const stepS of [60, 120, 240]) {
      again.step(at, stepS);
      again.restore(start);
    }
    for (const sitter of [once, again]) for (const stepS of [60, 60, 60, 60]) sitter.step(at, stepS);
    expect([...again.body.temperatureC]).toEqual([...once.body.temperatureC]);
    expect([...again.digitC]).toEqual([...once.digitC]);
  });
});

describe("energy", () => {
  it("of body and digits closes every step of first order: what is gained is what was made less what left", () => {
    const sitter = newSitter();
    const book = new EnergyBook(sitter);
    const surroundings = new Surroundings(outing);
    for (let minute = 0; minute < totalMinutes; minute++) {
      const { phase, minuteInPhase } = phaseAt(outing.phases, minute);
      const before = book.contentJ();
      const drawnW = book.drawnW();
      sitter.resetHistory();
      const gainW = book.step(surroundings.at(minute, phase, minuteInPhase), 60);
      const gainedW = (book.contentJ() - before) / 60;
      expect(Math.abs(gainedW - (gainW - drawnW))).toBeLessThan(0.001 * sitter.body.last.heatMadeW);
    }
  });

  it("closes over a whole outing in steps of second order, to 0.1 % of what was made", () => {
    const sitter = newSitter();
    const book = new EnergyBook(sitter);
    const surroundings = new Surroundings(outing);
    const startJ = book.contentJ();
    let [madeJ, gainedJ, gainBeforeW, before] = [0, 0, NaN, { phase: -1, outfit: null as Conditions["outfit"] | null }];
    for (let step = 0; step < totalMinutes * 4; step++) {
      const { phase, minuteInPhase } = phaseAt(outing.phases, Math.floor(step / 4));
      const at = surroundings.at(Math.floor(step / 4), phase, minuteInPhase);
      const changes = phase !== before.phase || at.outfit !== before.outfit;
      if (changes) sitter.resetHistory();
      const gainW = book.step(at, 15);
      const meanW = changes ? gainW : (gainW + gainBeforeW) / 2;
      madeJ += sitter.body.last.heatMadeW * 15;
      gainedJ += (meanW - book.drawnW()) * 15;
      gainBeforeW = gainW;
      before = { phase, outfit: at.outfit };
    }
    expect(Math.abs(book.contentJ() - startJ - gainedJ)).toBeLessThan(0.001 * madeJ);
  });

  it("drawn by fingers and toes is what they hold more and what they lose: worked from their temperatures", () => {
    const sitter = newSitter();
    const surroundings = new Surroundings(outing);
    for (let minute = 0; minute < 100; minute++) {
      const { phase, minuteInPhase } = phaseAt(outing.phases, minute);
      const before = Float64Array.from(sitter.digitC);
      sitter.step(surroundings.at(minute, phase, minuteInPhase), 60);
      const { drawnFromArteryW, drawnFromSkinW } = sitter.drawn;
      DIGITS.forEach((digit, index) => {
        const { kind, segment, shareDrawn } = DIGIT_PLACE[digit];
        if (shareDrawn === 0) return;
        const areaM2 = shareDrawn * resting.parameters.skinAreaM2[SEGMENT_INDEX[segment]]!;
        const capacity = kind === "finger" ? 11_000 : 17_000;
        const heldW = ((sitter.digitC[index]! - before[index]!) * capacity * areaM2) / 60;
        const middleC = (sitter.digitC[index]! + before[index]!) / 2;
        const lostW =
          ((middleC - sitter.exchange.digitSurroundingsC[index]!) * areaM2) / sitter.exchange.digitsM2KPerW[index]!;
        expect(Math.abs(drawnFromArteryW[index]! + drawnFromSkinW[index]! - heldW - lostW)).toBeLessThan(0.05);
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

/** Invented: a thick sock that takes up water, and a sole that does not. */
const wetSock = {
  insulationM2KPerW: 0.1,
  thicknessMm: 4,
  gapMm: 0.3,
  airPermeabilityLPerM2S: 500,
  keptUnderLoad: 0.5,
  rigidWall: false,
  absorbingGPerM2: 400,
  lossAtOwnMass: 0.3,
};
const sole = { ...wetSock, keptUnderLoad: 1, rigidWall: true, absorbingGPerM2: undefined, lossAtOwnMass: undefined };

const ON_METAL = { groundM2KPerW: 0, seatM2KPerW: 0 };

describe("what a body rests on", () => {
  const { contactLayers } = new Surroundings(outing).dressAt(100, 2);
  const touching = (posture: "standing" | "sitting" | "kneeling" | "lying", leaning = false): number =>
    contactResistances(contactLayers, { posture, leaning }, ON_METAL).filter((value) => !Number.isNaN(value)).length;

  it("standing two soles; sitting seat and thighs too; kneeling two knees; lying back, lower back, seat, thighs", () => {
    expect([touching("standing"), touching("sitting"), touching("kneeling"), touching("lying")]).toEqual([2, 5, 2, 5]);
    expect(touching("sitting", true)).toBe(6);
  });

  it("the seat of who sits is the seat's, feet have their own ground; who kneels or lies is on the ground", () => {
    const under = { groundM2KPerW: 0, seatM2KPerW: 10 };
    const warmer = (posture: "sitting" | "kneeling" | "lying"): string[] => {
      const rest = { posture, leaning: false };
      const bare = contactResistances(contactLayers, rest, ON_METAL);
      return [...contactResistances(contactLayers, rest, under)].flatMap((value, site) =>
        value > bare[site]! + 9 ? [SITES[site]!.key] : [],
      );
    };
    expect(warmer("sitting")).toEqual(["seat", "thighOnSeat.left", "thighOnSeat.right"]);
    expect([...warmer("kneeling"), ...warmer("lying")]).toEqual([]);
  });

  it("who stands in water meets it with feet and calves, nothing of them pressed", () => {
    const rest = { posture: "standing", leaning: false, wading: true } as const;
    const wet = contactResistances(contactLayers, rest, ON_METAL);
    const patches = new Set(SITES.flatMap(({ patch }, site) => (Number.isNaN(wet[site]!) ? [] : [patch])));
    expect([...patches].sort()).toEqual(["ankle", "calf", "footUpper", "sole", "toes"]);
  });

  it("wet is never warmer than dry: what is under weight loses its cloth's share, down to the touch itself", () => {
    const rest = { posture: "standing", leaning: false } as const;
    const sock = { layer: wetSock, coverShare: 1 };
    const on = SITES.map(({ patch }) => (patch === "sole" ? [sock, { layer: sole, coverShare: 1 }] : []));
    const cellAt = (site: number): number => site;
    const dry = contactResistances(on, rest, ON_METAL);
    const water = contactWater(on, cellAt, rest)!;
    const at = (held: number): Float64Array => {
      const contact = Float64Array.from(dry);
      wetContact(contact, water, new Float64Array(SITES.length).fill(held));
      return contact;
    };
    expect(at(0)).toEqual(dry);
    const soleSite = water.site[0]!;
    const lost = (held: number): number => dry[soleSite]! - at(held)[soleSite]!;
    const pressedSock = wetSock.insulationM2KPerW * wetSock.keptUnderLoad;
    expect(lost(wetSock.absorbingGPerM2 / 2)).toBeCloseTo((pressedSock * wetSock.lossAtOwnMass) / 2, 12);
    expect(lost(10 * wetSock.absorbingGPerM2)).toBeCloseTo(pressedSock * wetSock.lossAtOwnMass, 12);
    expect(contactWater(on, cellAt, { posture: "kneeling", leaning: false })).toBeNull(); // nothing worn on the knees
    const doubtful = contactWater(on, cellAt, rest, () => 3)!;
    const contact = new Float64Array(SITES.length).fill(0.01);
    wetContact(contact, doubtful, new Float64Array(SITES.length).fill(wetSock.absorbingGPerM2));
    expect(Math.min(...contact)).toBe(TOUCH_M2K_PER_W);
  });

  it("sitting takes weight off the soles, which keep more of what is under them", () => {
    const standing = contactResistances(contactLayers, { posture: "standing", leaning: false }, ON_METAL);
    const sitting = contactResistances(contactLayers, { posture: "sitting", leaning: false }, ON_METAL);
    standing.forEach((value, site) => {
      if (!Number.isNaN(value)) expect(sitting[site]).toBeGreaterThan(value);
    });
  });
});
