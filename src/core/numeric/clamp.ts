/** The value, or the bound it passed. */
export const clamp = (value: number, low: number, high: number): number =>
  value < low ? low : value > high ? high : value;
