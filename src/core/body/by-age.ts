/** A factor by age: the row of the first limit not reached. */
export type AgeRows = readonly { readonly belowYears: number; readonly factor: number }[];

/** @throws never: the last row of every table ends at infinity */
export const factorByAge = (rows: AgeRows, ageYears: number): number =>
  rows.find((row) => ageYears < row.belowYears)!.factor;
