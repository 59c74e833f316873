import fc from "fast-check";
import { expect, it } from "vitest";
import { exponential, powerOfTwo } from "./exponential";

it("agrees with the engine's own exponential within 1e-13", () => {
  fc.assert(
    fc.property(fc.double({ min: -680, max: 680, noNaN: true }), (exponent) => {
      const exact = Math.exp(exponent);
      expect(Math.abs(exponential(exponent) - exact)).toBeLessThanOrEqual(1e-13 * exact);
    }),
  );
});

it("gives exact powers of two at whole exponents", () => {
  for (const exponent of [-40, -1, 0, 1, 10]) expect(powerOfTwo(exponent)).toBeCloseTo(2 ** exponent, 12);
});

it("hands extremes to the engine", () => {
  expect(exponential(-Infinity)).toBe(0);
  expect(exponential(1000)).toBe(Infinity);
  expect(exponential(NaN)).toBeNaN();
});
