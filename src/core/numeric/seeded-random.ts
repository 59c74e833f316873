/** A stream of numbers in 0…1 that its seed fixes. */
export type RandomStream = () => number;

/**
 * Small deterministic generator: the same seed gives the same numbers everywhere.
 * @param seed any whole number
 * @source mulberry32, public domain
 */
export function seededRandom(seed: number): RandomStream {
  let state = seed >>> 0;
  return () => {
    state = (state + 0x6d2b79f5) >>> 0;
    let mixed = Math.imul(state ^ (state >>> 15), state | 1);
    mixed ^= mixed + Math.imul(mixed ^ (mixed >>> 7), mixed | 61);
    return ((mixed ^ (mixed >>> 14)) >>> 0) / 2 ** 32;
  };
}

/** A draw from the normal distribution about nought, of a standard deviation of one. @source Box & Muller 1958 */
export const normal = (random: RandomStream): number =>
  Math.sqrt(-2 * Math.log(1 - random())) * Math.cos(2 * Math.PI * random());
