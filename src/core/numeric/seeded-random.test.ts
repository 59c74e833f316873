import { expect, it } from "vitest";
import { seededRandom } from "./seeded-random";

it("repeats itself for a seed and differs between seeds", () => {
  const take = (seed: number): number[] => Array.from({ length: 20 }, seededRandom(seed));
  expect(take(7)).toEqual(take(7));
  expect(take(7)).not.toEqual(take(8));
});

it("stays within 0 and 1 and is spread evenly", () => {
  const random = seededRandom(1);
  const values = Array.from({ length: 5000 }, random);
  expect(Math.min(...values)).toBeGreaterThanOrEqual(0);
  expect(Math.max(...values)).toBeLessThan(1);
  const mean = values.reduce((sum, value) => sum + value, 0) / values.length;
  expect(Math.abs(mean - 0.5)).toBeLessThan(0.02);
});
