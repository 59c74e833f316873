import { describe, expect, it } from "vitest";
import { NOTHING_SAID } from "../logbook";
import { TRAITS } from "../outing";
import { CHANCES, CHANCE_SPREAD, TRAIT_SPREAD, type Chance } from "../range";
import { coverOf, crossChecked, LEAST_TIMES, withoutSit } from "./cross-check";
import { observedOf, type FittedLogbook, type LinearMeasure, type LinearSit } from "./fit-logbook";
import { laplaceMode } from "./laplace";
import { near } from "./losses";
import { expectedNarrowing } from "./next-note";

const SCALE = 0.2;
const FLOW_TOES = TRAITS.indexOf("lnFlowToes");
const OUTFIT = TRAITS.length;
const LASTING = TRAITS.length + 1;
const USUAL_LN = Math.log(100);

/** A sit whose toes are cold after 100 min, later with more blood, thicker clothes and by the model's own error alone. */
function sitAt(place: number, lnMinutes: number): LinearSit {
  const chanceAt = Object.fromEntries(
    CHANCES.map((chance, at) => [chance, LASTING + place * CHANCES.length + at]),
  ) as Record<keyof Chance, number>;
  const lnToes: LinearMeasure = {
    value: USUAL_LN,
    slopes: new Map([
      [FLOW_TOES, 1],
      [OUTFIT, 1],
      [chanceAt.lnModel, 1],
    ]),
  };
  const never: LinearMeasure = { value: Math.log(600), slopes: new Map() };
  return {
    felt: { ...NOTHING_SAID, minutes: 120 },
    evidence: [{ measure: "lnToes", loss: near(lnMinutes, SCALE), time: { lnMinutes, scale: SCALE } }],
    chanceAt,
    measures: {
      lnToes,
      lnFingers: never,
      lnBody: never,
      fingersC: { value: 20, slopes: new Map() },
      toesC: { value: 15, slopes: new Map([[FLOW_TOES, 10]]) },
    },
  };
}

function logbookOf(lnTimes: readonly number[]): FittedLogbook {
  const sits = lnTimes.map((ln, place) => sitAt(place, ln));
  const spreads = [
    ...TRAITS.map((trait) => TRAIT_SPREAD[trait]),
    0.12,
    ...sits.flatMap(() => CHANCES.map((chance) => CHANCE_SPREAD[chance])),
  ];
  const from = spreads.map(() => 0);
  return {
    unknowns: [
      ...TRAITS.map((trait) => ({ kind: "trait", trait }) as const),
      { kind: "outfit", key: "an invented outfit" },
    ],
    spreads,
    from,
    sits,
    notes: sits.length,
    mode: laplaceMode(spreads, from, sits.flatMap(observedOf)),
  };
}

/** Told in turn so much sooner and later than the model says. */
const scattered = (by: number, count: number): number[] =>
  Array.from({ length: count }, (_, place) => USUAL_LN + (place % 2 === 0 ? by : -by));

describe("every told time against all the other notes", () => {
  it("holds what lies near them, and not what does not", () => {
    const { times } = crossChecked(logbookOf([...scattered(0.05, 6), USUAL_LN + 1.5]));
    expect(times.map(({ holds }) => holds)).toEqual([true, true, true, true, true, true, false]);
  });

  it("says nothing of a time by that time itself", () => {
    const others = scattered(0.1, 5);
    const [near, far] = [0, 1].map((by) => crossChecked(logbookOf([...others, USUAL_LN + by])).times.at(-1)!);
    expect(far!.highMinutes).toBeCloseTo(near!.highMinutes, 0);
    expect(far!.toldMinutes).toBeGreaterThan(near!.toldMinutes);
  });

  it("finds the mode without a sit as it is found from the others alone", () => {
    const whole = logbookOf(scattered(0.1, 6));
    const sit = whole.sits[2]!;
    const others = whole.sits.filter((own) => own !== sit).flatMap(observedOf);
    const again = laplaceMode(whole.spreads, whole.from, others);
    const without = withoutSit(sit, whole.from, whole.mode);
    for (const place of [FLOW_TOES, OUTFIT, sit.chanceAt.lnModel]) {
      expect(without.at[place]!).toBeCloseTo(again.at[place]!, 2);
      expect(without.covariance[place]![place]!).toBeCloseTo(again.covariance[place]![place]!, 3);
    }
  });

  it("raises the model's own error where too few hold, until eight of ten do, and not by few notes", () => {
    expect(crossChecked(logbookOf(scattered(0.1, LEAST_TIMES))).modelSpread).toBeNull();
    expect(crossChecked(logbookOf(scattered(0.9, LEAST_TIMES - 2))).modelSpread).toBeNull();
    const wide = logbookOf(scattered(0.6, LEAST_TIMES));
    const { times, modelSpread } = crossChecked(wide);
    expect(coverOf(times)).toBeLessThan(0.7);
    expect(modelSpread!).toBeGreaterThan(2 * CHANCE_SPREAD.lnModel);
  });
});

describe("what would teach most", () => {
  it("is the closed form for one unknown more that is seen through chance and telling (any textbook, Kalman)", () => {
    const logbook = logbookOf([USUAL_LN]);
    const { now, after } = expectedNarrowing(logbook)!;
    const known = logbook.mode.covariance;
    const before = known[FLOW_TOES]![FLOW_TOES]! + known[OUTFIT]![OUTFIT]! + 2 * known[FLOW_TOES]![OUTFIT]!;
    expect(now ** 2).toBeCloseTo(before, 10);
    // Fisher information of Student's t with four degrees: 5/7 over the scale squared (Lange, Little & Taylor 1989, from memory).
    const noise = CHANCE_SPREAD.lnModel ** 2 + (7 / 5) * SCALE ** 2;
    expect(after.find(({ way }) => way === "ending")!.spread ** 2).toBeCloseTo(1 / (1 / before + 1 / noise), 10);
  });

  it("offers what is better than the ending alone, the best first", () => {
    const { after } = expectedNarrowing(logbookOf([USUAL_LN]))!;
    expect(after.map(({ spread }) => spread)).toEqual(after.map(({ spread }) => spread).sort((a, b) => a - b));
    const ways = after.map(({ way }) => way);
    expect(ways).toContain("logger");
    expect(ways).not.toContain("heartRate"); // nobody's minutes go by the walk here
    expect(expectedNarrowing(logbookOf([]))).toBeNull();
  });
});
