import { expect, it } from "vitest";
import { feltChart } from "./felt-chart";

const FRAME = { left: 0, right: 100, top: 0, bottom: 100 };

it("draws what is alike on the diagonal and twice as long equally far wherever it is", () => {
  const points = [
    { predictedMinutes: 60, lowMinutes: 30, highMinutes: Infinity, feltMinutes: 120 },
    { predictedMinutes: 200, lowMinutes: 100, highMinutes: 300, feltMinutes: 2 },
  ];
  const { x, y, diagonal, ticks } = feltChart(points, FRAME);
  for (const minutes of [15, 60, 240]) expect(x(minutes)).toBeCloseTo(100 - y(minutes), 9);
  expect(x(60) - x(30)).toBeCloseTo(x(240) - x(120), 9);
  expect(y(Infinity)).toBeCloseTo(0, 9); // later than was looked at: as far as the picture goes
  expect(x(2)).toBe(0);
  expect(diagonal[1]).toBeGreaterThanOrEqual(300);
  expect(ticks.every((tick) => tick >= diagonal[0] && tick <= diagonal[1])).toBe(true);
});
