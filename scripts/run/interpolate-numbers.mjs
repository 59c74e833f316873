// What the scales of the charts need of d3-interpolate: they interpolate numbers only, and its colours, strings and
// transforms would be a fiftieth of all script of a page. Stands in for it in what browsers get; the same arithmetic.

/** @param {number} from @param {number} to @returns {(share: number) => number} */
export const interpolateNumber = (from, to) => (share) => from * (1 - share) + to * share;

/** @param {number} from @param {number} to @returns {(share: number) => number} */
export const interpolate = (from, to) => interpolateNumber(from, to);

/** @param {number} from @param {number} to @returns {(share: number) => number} */
export const interpolateRound = (from, to) => (share) => Math.round(from * (1 - share) + to * share);

/** Of scales that are not used here. */
export const piecewise = () => {
  throw new Error("only numbers are interpolated");
};
