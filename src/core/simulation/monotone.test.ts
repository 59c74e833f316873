import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { sampleOuting } from "../../../tests/sample-outing";
import { restedPerson, SITTER_POSTURES } from "../sitter";
import { GROUNDS } from "../weather";
import { simulateOuting } from "./simulate-outing";
import type { Outing } from "../outing";
import type { Piece } from "../pieces";

// Dry layers and one fixed body: colder air, more wind or less resistance at the toes must never buy minutes there.

const RUNS = 25;
const base = sampleOuting();
const rested = restedPerson(base.person.body, base.start);
const BOUND_C = 15;

/** Minutes from the start of the sit to 15 °C at the left toes; all of the plan when never. */
function toeMinutes(outing: Outing): number {
  const { series } = simulateOuting(outing, { rested });
  const from = 60;
  for (let minute = from; minute <= series.minutes; minute++) {
    if (series.digitC.leftToes[minute]! < BOUND_C) return minute - from;
  }
  return series.minutes - from;
}

const withWeather = (airC: number, windMPerS: number): Outing => ({
  ...base,
  place: { ...base.place, shelter: "openIce" },
  weather: [{ minute: 0, airTemperatureC: airC, windMPerS, relativeHumidityPercent: 80, radiantTemperatureC: null }],
});

const withFelt = (outing: Outing, feltMm: number): Outing => {
  const boot: Piece = {
    id: "heavyBoot",
    name: "boot",
    kind: "footwear",
    fingersTogether: false,
    label: {
      kind: "panels",
      panels: [
        { patches: ["ankle", "footUpper", "sole"], materials: [{ kind: "felt", thicknessMm: 9 }] },
        { patches: ["toes"], materials: [{ kind: "felt", thicknessMm: feltMm }] },
      ],
      assembly: "boot",
      face: "membrane",
      fit: "close",
      wear: "new",
    },
  };
  return { ...outing, pieces: outing.pieces.map((piece) => (piece.id === boot.id ? boot : piece)) };
};

const air = fc.double({ min: -30, max: 4, noNaN: true });
const wind = fc.double({ min: 0, max: 10, noNaN: true });
const more = fc.double({ min: 0.2, max: 8, noNaN: true });
const felt = fc.double({ min: 2, max: 25, noNaN: true });

const neverLess = (better: Outing, worse: Outing): void =>
  expect(toeMinutes(worse)).toBeLessThanOrEqual(toeMinutes(better));

describe("minutes at the toes", () => {
  it("are not bought by colder air", () => {
    fc.assert(
      fc.property(air, wind, more, (airC, windMPerS, colderK) => {
        neverLess(withWeather(airC, windMPerS), withWeather(airC - colderK, windMPerS));
      }),
      { numRuns: RUNS, seed: 1 },
    );
  });

  it("are not bought by more wind", () => {
    fc.assert(
      fc.property(air, wind, more, (airC, windMPerS, moreMPerS) => {
        neverLess(withWeather(airC, windMPerS), withWeather(airC, windMPerS + moreMPerS));
      }),
      { numRuns: RUNS, seed: 2 },
    );
  });

  it("are not bought by less felt over the toes", () => {
    fc.assert(
      fc.property(
        air,
        wind,
        felt,
        fc.double({ min: 0.1, max: 0.95, noNaN: true }),
        (airC, windMPerS, feltMm, share) => {
          const outing = withWeather(airC, windMPerS);
          neverLess(withFelt(outing, feltMm), withFelt(outing, feltMm * share));
        },
      ),
      { numRuns: RUNS, seed: 3 },
    );
  });
});

describe("whatever is left off", () => {
  it("the curves stay numbers, on any ground and in any posture", () => {
    const places = fc.uniqueArray(fc.nat({ max: base.wearings.length - 1 }), { maxLength: base.wearings.length });
    fc.assert(
      fc.property(places, fc.constantFrom(...GROUNDS), fc.constantFrom(...SITTER_POSTURES), (off, ground, posture) => {
        const outing: Outing = {
          ...base,
          place: { ...base.place, ground },
          phases: base.phases.map((phase) => (phase.kind === "sit" ? { ...phase, posture } : phase)),
          wearings: base.wearings.filter((_, index) => !off.includes(index)),
        };
        const { series } = simulateOuting(outing, { rested });
        return [...Object.values(series.digitC), series.trunkC, series.heatDebtWhPerM2].every((curve) =>
          curve.every(Number.isFinite),
        );
      }),
      { numRuns: RUNS, examples: [[base.wearings.map((_, index) => index), "metal", "standing"]] },
    );
  });
});
