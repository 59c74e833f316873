import { describe, expect, it } from "vitest";
import { DEMO_NAMES, demoOuting, sampleOuting } from "../../../tests/sample-outing";
import { DIGITS } from "../digits";
import { readLabel, type Label } from "../labels";
import { seededRandom } from "../numeric";
import { changeMinutes } from "../dressing";
import { simulateOuting, simulateSitMinutes } from "../simulation";
import type { Outing } from "../outing";
import { USUAL_NATURE } from "../sitter";
import { runToEnd } from "../numeric";
import { restedPerson } from "../sitter";
import { cutNormal, drawVariation, type Variation } from "./variation";
import {
  boundsOf,
  minutesRange,
  RangeInParts,
  rangeMembers,
  rangeOf,
  type RangeMembers,
  type RestedBy,
} from "./minutes-range";
import { ClothesWithLabelErrors } from "./label-errors";
import { varyOuting } from "./vary-outing";

const UNCHANGED: Variation = {
  nature: USUAL_NATURE,
  walkEffortFactor: 1,
  airOffsetK: 0,
  windFactor: 1,
  stillHeatFactor: 1,
  clothFactor: 1,
  gapFactor: 1,
  labelDeviation: new Map(),
};
const withFlow = (factor: number): typeof USUAL_NATURE => ({
  ...USUAL_NATURE,
  flowFactor: { fingers: factor, toes: factor, face: factor },
});
const minutes = (variation: Variation): number => {
  const clothes = new ClothesWithLabelErrors(sampleOuting());
  const misread = clothes.by(variation);
  const varied = varyOuting(clothes.outing, variation);
  const { verdict } = simulateOuting(varied, { nature: variation.nature, labelErrors: misread }).sits[0]!;
  return verdict.kind === "ends" ? verdict.minutesStill : verdict.kind === "longerThan" ? verdict.minutes : 0;
};

/** The same said by labels: each piece's layers written out as they insulate when misread, all panels together. */
function misreadByLabels(outing: Outing, { labelDeviation }: Variation): Outing {
  const misread = (label: Label, deviations: number): Label => ({
    kind: "explicit",
    panels: readLabel(label).map(({ patch, side, layers, insulationM2KPerW, spreadM2KPerW, coverShare, part }) => {
      const factor = insulationM2KPerW > 0 ? 1 + (deviations * spreadM2KPerW) / insulationM2KPerW : 1;
      return {
        patches: [patch],
        side,
        coverShare,
        part: part ?? undefined,
        layers: layers.map((layer) => ({ ...layer, insulationM2KPerW: layer.insulationM2KPerW * factor })),
      };
    }),
  });
  return {
    ...outing,
    pieces: outing.pieces.map((piece) => ({
      ...piece,
      changeMinutes: changeMinutes(piece), // layers as they are no longer tell what is next to the skin
      label: misread(piece.label, labelDeviation.get(piece.id) ?? 0),
    })),
  };
}

describe("draws", () => {
  it("are normal, cut at two standard deviations (sd of the cut normal: 0.880, from its closed form)", () => {
    const random = seededRandom(3);
    const values = Array.from({ length: 20_000 }, () => cutNormal(random));
    const mean = values.reduce((sum, value) => sum + value, 0) / values.length;
    const sd = Math.sqrt(values.reduce((sum, value) => sum + (value - mean) ** 2, 0) / values.length);
    expect(Math.max(...values.map(Math.abs))).toBeLessThanOrEqual(2);
    expect(Math.abs(mean)).toBeLessThan(0.02);
    expect(Math.abs(sd - 0.88)).toBeLessThan(0.01);
  });

  const boot = { id: "a", name: "Boot" };
  const parka = { id: "b", name: "Parka" };

  it("do not depend on the order of the pieces, nor on what else is there", () => {
    const deviations = (pieces: (typeof boot)[]) => drawVariation(seededRandom(9), pieces).labelDeviation;
    expect(deviations([boot, parka]).get("a")).toBe(deviations([parka, boot]).get("a"));
    expect(deviations([boot]).get("a")).toBe(deviations([parka, boot]).get("a"));
    expect(deviations([boot, parka]).get("a")).not.toBe(deviations([boot, parka]).get("b"));
  });

  it("repeat themselves for a seed", () => {
    const draw = (): Variation => drawVariation(seededRandom(9), [boot, parka]);
    expect(draw()).toEqual(draw());
    expect(draw().nature.openingPerTrunkK).toBeGreaterThanOrEqual(4);
    expect(draw().nature.openingPerTrunkK).toBeLessThanOrEqual(12);
  });
});

describe("a variation", () => {
  it("that changes nothing gives the answer itself, labels read or explicit", () => {
    const clothes = new ClothesWithLabelErrors(sampleOuting());
    const varied = varyOuting(clothes.outing, UNCHANGED);
    const usual = simulateOuting(sampleOuting()).sits;
    expect(simulateOuting(varied, { labelErrors: clothes.by(UNCHANGED) }).sits).toEqual(usual);
    expect(simulateOuting(misreadByLabels(sampleOuting(), UNCHANGED)).sits).toEqual(usual);
  });

  it.each(DEMO_NAMES)("misreads what is worn as labels written out again would: %s", (name) => {
    const outing = demoOuting(name);
    const clothes = new ClothesWithLabelErrors(outing);
    const random = seededRandom(17);
    for (let member = 0; member < 3; member++) {
      const variation = { ...drawVariation(random, outing.pieces), clothFactor: 1, gapFactor: 1 };
      const shared = simulateOuting(clothes.outing, { labelErrors: clothes.by(variation) });
      const apart = simulateOuting(misreadByLabels(outing, variation));
      expect(shared.sits.map(({ verdict }) => verdict)).toEqual(apart.sits.map(({ verdict }) => verdict));
      for (const digit of DIGITS) {
        shared.series.digitC[digit].forEach((value, minute) => {
          expect(Math.abs(value - apart.series.digitC[digit][minute]!)).toBeLessThan(1e-6);
        });
      }
    }
  });

  it("misreads two pieces apart that share one label", () => {
    const outing = sampleOuting();
    const { label } = outing.pieces[0]!;
    const clothes = new ClothesWithLabelErrors({
      ...outing,
      pieces: outing.pieces.map((piece) => ({ ...piece, label })),
    });
    const [one, other] = clothes.outing.pieces;
    const misfit = clothes.by({ ...UNCHANGED, labelDeviation: new Map([[one!.id, 1]]) }).misfit!;
    const factorOf = (piece: typeof one): number => misfit.cloth(readLabel(piece!.label)[0]!.layers[0]!);
    expect(factorOf(one)).toBeGreaterThan(1);
    expect(factorOf(other)).toBe(1);
  });

  it("moves the answer the way it must", () => {
    const usual = minutes(UNCHANGED);
    expect(minutes({ ...UNCHANGED, airOffsetK: -4 })).toBeLessThan(usual);
    expect(minutes({ ...UNCHANGED, nature: withFlow(0.6) })).toBeLessThan(usual);
    expect(minutes({ ...UNCHANGED, nature: withFlow(1.4) })).toBeGreaterThan(usual);
    expect(minutes({ ...UNCHANGED, labelDeviation: new Map([["heavyBoot", -2]]) })).toBeLessThan(usual);
    expect(minutes({ ...UNCHANGED, walkEffortFactor: 0.6 })).toBeLessThan(usual);
    expect(minutes({ ...UNCHANGED, stillHeatFactor: 0.85 })).toBeLessThan(usual);
    expect(minutes({ ...UNCHANGED, clothFactor: 0.85 })).toBeLessThan(usual);
    expect(minutes({ ...UNCHANGED, gapFactor: 0.6 })).toBeLessThan(usual);
  });
});

describe("a variation", () => {
  it("moves stated radiant temperatures with the air, and the effort of every walk, breaks included", () => {
    const outing = sampleOuting();
    const [first] = outing.phases;
    const rest = {
      ...first!,
      kind: "task",
      everyMinutes: null,
      firstAfterMinutes: 5,
      walkSpeedMPerS: 0,
      effort: undefined,
    };
    const recurring = [
      { ...rest, kind: "task", walkSpeedMPerS: 0 },
      { ...rest, kind: "break", walkSpeedMPerS: 1 },
    ] as NonNullable<Outing["phases"][number]["recurring"]>;
    const varied = varyOuting(
      {
        ...outing,
        weather: outing.weather.map((hour) => ({ ...hour, radiantTemperatureC: hour.airTemperatureC - 6 })),
        phases: outing.phases.map((phase) => ({ ...phase, recurring })),
      },
      { ...UNCHANGED, airOffsetK: 2, walkEffortFactor: 1.3 },
    );
    for (const { airTemperatureC, radiantTemperatureC } of varied.weather) {
      expect(radiantTemperatureC).toBeCloseTo(airTemperatureC - 6, 12);
    }
    expect(varied.phases[0]!.recurring!.map(({ effortFactor }) => effortFactor)).toEqual([undefined, 1.3]);
  });

  it("of somebody with cold hands spreads the blood of fingers and toes wider, never to none", () => {
    const flows = (coldHands: boolean): number[] =>
      Array.from({ length: 400 }, (_, seed) => drawVariation(seededRandom(seed), [], coldHands).nature.flowFactor.toes);
    const spread = (values: readonly number[]): number => Math.max(...values) - Math.min(...values);
    expect(spread(flows(true))).toBeGreaterThan(spread(flows(false)));
    expect(Math.min(...flows(true))).toBeGreaterThan(0);
  });
});

describe("the range", () => {
  const range = minutesRange(sampleOuting(), 0, 24);

  it("holds low, middle and high in order, and is the same each time", () => {
    expect(range.low.minutes).toBeLessThan(range.middle.minutes);
    expect(range.middle.minutes).toBeLessThan(range.high.minutes);
    expect(minutesRange(sampleOuting(), 0, 24)).toEqual(range);
  });

  it("is as wide as the model's description says: tens of minutes either way", () => {
    expect(range.high.minutes - range.low.minutes).toBeGreaterThan(20);
    expect(range.low.minutes).toBeLessThan(minutes(UNCHANGED));
  });

  it("is the same when its members are simulated in parts, and its band holds the curve itself", () => {
    const parts = [rangeMembers(sampleOuting(), 0, 0, 9), rangeMembers(sampleOuting(), 0, 9, 24)];
    expect(rangeOf(sampleOuting(), parts)).toEqual(range);
    const inParts = new RangeInParts(sampleOuting(), 0);
    const later = runToEnd(inParts.members(9, 24)); // asked first, drawn as if it came after
    expect([runToEnd(inParts.members(0, 9)), later]).toEqual(parts);
    const { digitC } = simulateOuting(sampleOuting()).series;
    for (const minute of [0, 100, 200]) {
      expect(range.bands.toes.low[minute]!).toBeLessThanOrEqual(digitC.leftToes[minute]! + 0.01);
      expect(range.bands.toes.high[minute]!).toBeGreaterThanOrEqual(digitC.leftToes[minute]! - 0.01);
    }
  });

  it("is the same where people are kept as they step out, each by their basal heat", () => {
    const kept = new Map<number, ReturnType<RestedBy>>();
    const restedBy: RestedBy = ({ person, start }, factor) => {
      const rested = kept.get(factor) ?? restedPerson(person.body, start, factor);
      kept.set(factor, rested);
      return rested;
    };
    const members = (): RangeMembers => runToEnd(new RangeInParts(sampleOuting(), 0, restedBy).members(0, 6));
    const fresh = rangeMembers(sampleOuting(), 0, 0, 6);
    expect(members()).toEqual(fresh);
    expect(members()).toEqual(fresh); // nothing kept was changed by its use
    expect(kept.size).toBe(6);
  });

  it("of members stepped twice as far ends where it does when they are stepped half as far, within 2 min", () => {
    const random = seededRandom(5);
    for (let member = 0; member < 16; member++) {
      const outing = sampleOuting();
      const clothes = new ClothesWithLabelErrors(outing);
      const variation = { ...drawVariation(random, outing.pieces), clothFactor: 1, gapFactor: 1 };
      const varied = varyOuting(clothes.outing, variation);
      const misread = clothes.by(variation);
      const [coarse, fine] = (["doubled", "halved"] as const).map((stepping) => {
        const first = simulateSitMinutes(varied, { stepping, labelErrors: misread }).sits[0]!;
        return first.kind === "ends" ? first.minutesStill : 0;
      });
      expect(Math.abs(coarse! - fine!)).toBeLessThanOrEqual(2);
    }
  });

  it.each(DEMO_NAMES)("of %s, stepped as far, is within 2 min and 0.3 K of the answer itself", (name) => {
    const outing = demoOuting(name);
    const [own, coarse] = (["paced", "doubled"] as const).map((stepping) => simulateOuting(outing, { stepping }));
    const ends = [own!, coarse!].map(({ sits, decidingSit }) => {
      const { verdict } = sits[decidingSit]!;
      return verdict.kind === "ends" ? verdict.minutesStill : verdict.kind;
    });
    if (typeof ends[0] === "number") expect(Math.abs(Number(ends[1]) - ends[0])).toBeLessThanOrEqual(2);
    else expect(ends[1]).toBe(ends[0]);
    for (const digit of DIGITS) {
      const apart = own!.series.digitC[digit].map((value, minute) =>
        Math.abs(value - coarse!.series.digitC[digit][minute]!),
      );
      expect(Math.max(...apart)).toBeLessThanOrEqual(0.3);
    }
  });

  it.each(DEMO_NAMES)(
    "of a few members of %s is the same within a twentieth and 2 min, stepped four times as far",
    (name) => {
      const outing = demoOuting(name);
      const [usual, sketched] = (["doubled", "sketched"] as const).map((stepping) =>
        boundsOf(outing, runToEnd(new RangeInParts(outing, 0).answers(0, 12, stepping))),
      );
      for (const bound of ["low", "middle", "high"] as const) {
        expect(sketched![bound].kind).toBe(usual![bound].kind);
        const { minutes } = usual![bound];
        expect(Math.abs(sketched![bound].minutes - minutes)).toBeLessThanOrEqual(minutes / 20 + 2);
      }
    },
  );

  it("says longer than where members never end", () => {
    const mild = sampleOuting();
    const weather = mild.weather.map((hour) => ({ ...hour, airTemperatureC: 14 }));
    expect(minutesRange({ ...mild, weather }, 0, 4).high.kind).toBe("longerThan");
  });
});

describe("the range of people outside the adult model", () => {
  const adult = {
    ...sampleOuting(),
    weather: sampleOuting().weather.map((hour) => ({ ...hour, airTemperatureC: hour.airTemperatureC - 8 })),
  };
  const child = { ...adult, person: { ...adult.person, body: { ...adult.person.body, ageYears: 12 } } };

  it("is wider by half both ways from its middle, and never under nothing", () => {
    const parts = [rangeMembers(adult, 0, 0, 12)];
    const [usual, wide] = [rangeOf(adult, parts), rangeOf(child, parts)];
    expect(wide.middle).toEqual(usual.middle);
    for (const side of ["low", "high"] as const) {
      const away = usual[side].minutes - usual.middle.minutes;
      expect(wide[side].minutes).toBe(Math.max(0, Math.round(usual.middle.minutes + 1.5 * away)));
    }
    const endless = parts.map((part) => ({
      ...part,
      answers: part.answers.map(() => ({ kind: "longerThan", minutes: 600, endedBy: null }) as const),
    }));
    expect(rangeOf(child, endless).low).toEqual({ kind: "longerThan", minutes: 600 });
  });

  it("counts who arrives too cold as no minute at all", () => {
    const naked = { ...adult, wearings: [] };
    expect(rangeOf(naked, [rangeMembers(naked, 0, 0, 3)])).toMatchObject({
      low: { kind: "minutes", minutes: 0 },
      high: { kind: "minutes", minutes: 0 },
    });
  });
});
