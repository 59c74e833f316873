import { expect, it } from "vitest";
import { shareChart } from "./share-chart";

it("draws alike in the middle, half and twice equally far from it, and what is farther off at the edge", () => {
  const frame = { left: 0, right: 100, top: 0, bottom: 100 };
  const { x, y, temperatures } = shareChart(
    [
      { airTemperatureC: -20, share: 1 },
      { airTemperatureC: 5, share: 9 },
    ],
    frame,
  );
  expect(y(1)).toBeCloseTo(50, 9);
  expect(y(1) - y(2)).toBeCloseTo(y(0.5) - y(1), 9);
  expect([y(9), y(0)]).toEqual([0, 100]);
  expect(x(-20)).toBeLessThan(x(5));
  expect(temperatures[0]!).toBeLessThanOrEqual(-20);
});
