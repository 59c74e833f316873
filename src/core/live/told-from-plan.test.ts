import { expect, it } from "vitest";
import { toldFromPlan } from "./told-from-plan";

const BEFORE = { low: 50, middle: 120, high: 288 };

it("is the sheet's middle before anything is heard, and the answer's own once it is sure", () => {
  expect(toldFromPlan(BEFORE, BEFORE, 90).middle).toBe(90);
  expect(toldFromPlan({ low: 100, middle: 100, high: 100 }, BEFORE, 90)).toEqual({ low: 100, middle: 100, high: 100 });
  const half = toldFromPlan({ low: 50, middle: 78, high: 120 }, BEFORE, 90).middle!;
  expect(half).toBeGreaterThan(78 * (90 / 120));
  expect(half).toBeLessThan(78);
});

it("keeps order, and an end that is not there", () => {
  const { low, middle, high } = toldFromPlan({ low: 60, middle: 200, high: null }, { ...BEFORE, high: null }, 90);
  expect(low!).toBeLessThan(middle!);
  expect(high).toBeNull();
  expect(toldFromPlan(BEFORE, null, 90)).toEqual(BEFORE);
  expect(toldFromPlan(BEFORE, BEFORE, null)).toEqual(BEFORE);
});
