import { describe, expect, it } from "vitest";
import { CoreError } from "../errors";
import { Body } from "./body";
import { bodyAtRest, restingBody } from "./regulation/set-points";
import { bodyParameters } from "./body-parameters";
import { bodySurfaceM2, PERSON_RANGE, type BodyPerson } from "./person";
import { createSkinExchange } from "./exchange/skin-exchange";
import { OUTING_BODY, PUBLISHED_BODY } from "./body-options";
import { publishedExchange } from "./published-surroundings";
import { SEGMENT_COUNT } from "./segments";
import { SEGMENT_NODES } from "./nodes";
import { trunkCoreC } from "./body-readings";
import { preferredTemperatureC } from "./regulation/preferred-temperature";
import { saturationPressureKPa } from "./exchange/saturation-pressure";
import { shiveringCeilingWPerM2 } from "./regulation/heat-production";
import { breathingLoss } from "./exchange/breathing";

const person: BodyPerson = { heightM: 1.72, massKg: 74.43, fatPercent: 15, ageYears: 20, sex: "male" };
const uniform = (value: number): Float64Array => new Float64Array(SEGMENT_COUNT).fill(value);

describe("a person", () => {
  it.each([
    ["heightM", 0.4],
    ["massKg", 500],
    ["fatPercent", 1],
    ["ageYears", NaN],
  ] as const)("is refused with %s %d, naming range and value", (name, value) => {
    const build = (): Body => new Body(bodyParameters({ ...person, [name]: value }), PUBLISHED_BODY);
    expect(build).toThrow(CoreError);
    expect(build).toThrow(new RegExp(`${name} must be ${PERSON_RANGE[name][0]}…${PERSON_RANGE[name][1]}`));
  });

  it("has the surface of Du Bois & Du Bois 1916: 1.8 m² at 1.70 m and 70 kg (handbook value, from memory of tables)", () => {
    expect(Math.abs(bodySurfaceM2({ heightM: 1.7, massKg: 70 }) - 1.81)).toBeLessThan(0.01);
  });
});

/**
 * How fast the heat content rises at the end of the last step, W: over that step in first order; in second order the
 * slope there of the parabola through the last three contents, by Lagrange's formula.
 */
function gainW(order: 1 | 2, contents: readonly number[], lengths: readonly number[]): number {
  const [before = NaN, start, end] = contents.slice(-3).length === 3 ? contents.slice(-3) : [NaN, ...contents];
  const [lastS, thisS] = lengths.slice(-2) as [number, number];
  if (order === 1 || lastS === 0) return (end! - start!) / thisS;
  const bothS = lastS + thisS;
  return (
    (before * thisS) / (lastS * bothS) - (start! * bothS) / (lastS * thisS) + (end! * (thisS + bothS)) / (thisS * bothS)
  );
}

describe("the step", () => {
  it.each([
    ["of first order", 1, 60, 60],
    ["of second order", 2, 60, 60],
    ["of second order, ever longer", 2, 15, 240],
  ] as const)("%s closes the energy balance: what heat content gains is what was made less what left", (...how) => {
    const [, order, firstS, longestS] = how;
    const body = bodyAtRest(restingBody(person), { ...OUTING_BODY, order });
    const exchange = createSkinExchange();
    const around = {
      posture: "sitting",
      airC: uniform(-8),
      radiantC: uniform(-12),
      relativeHumidityPercent: uniform(70),
      windMPerS: uniform(1),
      insulationClo: uniform(2.5),
    } as const;
    const { capacityJPerK } = body.parameters;
    const contentJ = (): number =>
      body.temperatureC.reduce((sum, temperature, node) => sum + temperature * capacityJPerK[node]!, 0);
    const [contents, lengths] = [[contentJ()], [0]];
    for (let step = 0, stepS: number = firstS; step < 90; step++, stepS = Math.min(longestS, 2 * stepS)) {
      publishedExchange(exchange, body, around);
      body.regulate(exchange, 1.6, stepS);
      const breathed = breathingLoss(body.last.heatMadeW, -8, exchange.vapourPressureKPa[0]!, OUTING_BODY.expiredAir);
      body.advance(exchange, stepS);
      contents.push(contentJ());
      lengths.push(stepS);
      let lostW = breathed.dry + breathed.moist;
      for (let segment = 0; segment < SEGMENT_COUNT; segment++) {
        const skinC = body.now.skinC[segment]!;
        lostW += exchange.dryConductanceWPerK[segment]! * (skinC - exchange.surroundingsC[segment]!);
        lostW += body.vapour.heatW[segment]!;
      }
      expect(Math.abs(gainW(order, contents, lengths) - (body.last.heatMadeW - lostW))).toBeLessThan(0.001);
    }
  });

  it("adds heat from elsewhere to the node that gets it", () => {
    const resting = restingBody(person);
    const [plain, heated] = [bodyAtRest(resting, PUBLISHED_BODY), bodyAtRest(resting, PUBLISHED_BODY)];
    const exchange = createSkinExchange();
    for (const body of [plain, heated]) {
      publishedExchange(exchange, body, {
        posture: "sitting",
        airC: uniform(10),
        radiantC: uniform(10),
        relativeHumidityPercent: uniform(50),
        windMPerS: uniform(0.1),
        insulationClo: uniform(1.5),
      });
      body.regulate(exchange, 1.2, 60);
      if (body === heated) body.addHeat(SEGMENT_NODES[13]!.skin, 5);
      body.advance(exchange, 60);
    }
    expect(heated.now.skinC[13]!).toBeGreaterThan(plain.now.skinC[13]! + 0.1);
  });
});

describe("the start", () => {
  it("lies near 37 °C in the trunk and the neutral air of a nude resting person near 29 °C (ISO 7730 tradition)", () => {
    const resting = restingBody(person);
    expect(Math.abs(trunkCoreC(resting.temperatureC) - 37)).toBeLessThan(0.5);
    expect(Math.abs(preferredTemperatureC(58.15) - 29.5)).toBeLessThan(1.5);
  });

  it("stays where it rests", () => {
    const resting = restingBody(person);
    expect(resting.setPoints.coreC).toHaveLength(SEGMENT_COUNT);
    expect(bodyAtRest(resting, PUBLISHED_BODY).temperatureC).toEqual(resting.temperatureC);
  });
});

describe("single terms", () => {
  it.each([
    [0, 0.611],
    [20, 2.339],
    [35, 5.628],
  ])("saturation at %d °C is %d kPa (ASHRAE Fundamentals, saturation table; within 0.5 %%)", (temperature, kPa) => {
    expect(Math.abs(saturationPressureKPa(temperature) / kPa - 1)).toBeLessThan(0.005);
  });

  it("shivering ceiling: printed formula of Tikuisis & Giesbrecht 1999 worked by hand", () => {
    // a kelvin under the start: 155.5·1 + 47·8 − 1.57·64 = 431.02, over √16
    expect(shiveringCeilingWPerM2(1, 25, 16)).toBeCloseTo(431.02 / 4, 6);
    expect(shiveringCeilingWPerM2(-1, 34, 16)).toBe(0);
  });

  it("expired air of ISO 11079 is colder in colder air, so breathing costs less than the fixed 34 °C", () => {
    const fixed = breathingLoss(100, -20, 0.08, "fixed-34");
    const standard = breathingLoss(100, -20, 0.08, "iso-11079");
    expect(standard.dry + standard.moist).toBeLessThan(fixed.dry + fixed.moist);
  });
});
