import { quantileSorted } from "d3-array";

/** Turns before anything counts, and turns that count. */
const WARM_UP = 15;
const TURNS = 160;

/**
 * How long one work takes over another, both in turns: a machine that slows down slows both.
 * @returns quotient of the medians
 */
export function takesOver(one: () => void, other: () => void): number {
  const taken: [number[], number[]] = [[], []];
  for (let turn = 0; turn < WARM_UP + TURNS; turn++) {
    for (const which of turn % 2 === 0 ? ([0, 1] as const) : ([1, 0] as const)) {
      const start = performance.now();
      [one, other][which]!();
      if (turn >= WARM_UP) taken[which].push(performance.now() - start);
    }
  }
  const [ofOne, ofOther] = taken.map((times) =>
    quantileSorted(
      times.sort((a, b) => a - b),
      0.5,
    )!,
  ) as [number, number];
  return ofOne / ofOther;
}
