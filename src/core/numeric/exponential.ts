// The model takes some hundred exponentials a minute of outing; the engine's own costs several times this one.
const PER_LN2 = 1.4426950408889634;
/** ln 2 in two parts, so that the remainder keeps its last digits. */
const LN2_HIGH = 0.6931471803691238;
const LN2_LOW = 1.9082149292705877e-10;
const LARGEST_POWER = 1000;
const POWERS_OF_TWO = Float64Array.from({ length: 2 * LARGEST_POWER + 1 }, (_, index) => 2 ** (index - LARGEST_POWER));
const MOST = 690; // e^±690 still lies within the powers kept

// 1/n! of the series, to the eleventh power: the remainder is below 1e-14 for |r| ≤ ln 2 / 2.
const C2 = 1 / 2;
const C3 = 1 / 6;
const C4 = 1 / 24;
const C5 = 1 / 120;
const C6 = 1 / 720;
const C7 = 1 / 5040;
const C8 = 1 / 40320;
const C9 = 1 / 362880;
const C10 = 1 / 3628800;
const C11 = 1 / 39916800;

/**
 * e to the power of `exponent`, within 1e-13 of its value.
 * @param exponent −690…690; beyond it, and for what is not a number, the engine's own is asked
 * @source Taylor's series after reduction by powers of two (any text on elementary functions)
 */
export function exponential(exponent: number): number {
  if (!(exponent > -MOST && exponent < MOST)) return Math.exp(exponent);
  const power = Math.round(exponent * PER_LN2);
  const r = exponent - power * LN2_HIGH - power * LN2_LOW;
  const r2 = r * r;
  const r4 = r2 * r2;
  const low = 1 + r + r2 * (C2 + r * C3);
  const middle = C4 + r * C5 + r2 * (C6 + r * C7);
  const high = C8 + r * C9 + r2 * (C10 + r * C11);
  return (low + r4 * (middle + r4 * high)) * POWERS_OF_TWO[power + LARGEST_POWER]!;
}

/** 2 to the power of `exponent`. */
export const powerOfTwo = (exponent: number): number => exponential(exponent * Math.LN2);
