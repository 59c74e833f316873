import { expect, it } from "vitest";
import { bisect } from "./bisect";

it("finds a root whichever way the function falls", () => {
  expect(bisect((x) => x * x - 2, 0, 2, 1e-12)).toBeCloseTo(Math.SQRT2, 10);
  expect(bisect((x) => 1 - x, 0, 5, 1e-12)).toBeCloseTo(1, 10);
  expect(bisect((x) => x, 0, 5, 1e-12)).toBe(0);
});

it("fails aloud when the bounds do not enclose one", () => {
  expect(() => bisect((x) => x + 1, 0, 5, 1e-9)).toThrow(/no root between 0 and 5/);
});
