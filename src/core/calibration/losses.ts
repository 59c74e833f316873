// How badly what is computed of a sit fits what was said of it: minus the logarithm of the likelihood.

/** @param value what is computed: natural logarithm of minutes, or °C */
export type Loss = (value: number) => number;

const DEGREES_OF_FREEDOM = 4;
/** Nothing is quite impossible: somebody may have pressed the wrong button (assumption). */
const LEAST_LIKELIHOOD = 1e-6;

/**
 * Cumulative distribution of Student's t with four degrees of freedom.
 * @source closed form for four degrees (Abramowitz & Stegun 1964, 26.7.4)
 */
function cumulativeT(t: number): number {
  const square = t * t;
  const root = t / Math.sqrt(DEGREES_OF_FREEDOM + square);
  return 0.5 + 0.75 * root - 0.25 * root ** 3;
}

const minusLog = (likelihood: number): number => -Math.log(Math.max(LEAST_LIKELIHOOD, likelihood));

/** A value that was measured or told: heavy tails, so that one that is quite wrong does not rule. */
export const near =
  (measured: number, scale: number): Loss =>
  (value) =>
    ((DEGREES_OF_FREEDOM + 1) / 2) * Math.log1p(((value - measured) / scale) ** 2 / DEGREES_OF_FREEDOM);

/** It was not cold by then. */
export const laterThan =
  (minutes: number, scale: number): Loss =>
  (value) =>
    minusLog(cumulativeT((value - Math.log(minutes)) / scale));

/** It was cold by then, nobody knows when. */
export const before =
  (minutes: number, scale: number): Loss =>
  (value) =>
    minusLog(cumulativeT((Math.log(minutes) - value) / scale));

/** It was not cold by one time and was by a later one. */
export const coldBetween =
  (notBy: number, by: number, scale: number): Loss =>
  (value) => {
    const after = (minutes: number): number => cumulativeT((value - Math.log(minutes)) / scale);
    return minusLog(after(notBy) - after(by));
  };

/** A vote lies between two temperatures, give or take (logistic). */
export const between =
  (lowC: number, highC: number, scaleK: number): Loss =>
  (value) => {
    const under = (cutC: number): number => 1 / (1 + Math.exp(-(cutC - value) / scaleK));
    return minusLog(under(highC) - under(lowC));
  };
