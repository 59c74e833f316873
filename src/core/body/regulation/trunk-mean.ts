/** Heat capacities by which the trunk core error is averaged, W·h/K. @source JOS-3 (chest, back, pelvis cores) */
const TRUNK_WEIGHT = { chest: 10.2975, back: 9.3935, pelvis: 13.834 };
const TRUNK_WEIGHTS = TRUNK_WEIGHT.chest + TRUNK_WEIGHT.back + TRUNK_WEIGHT.pelvis;

/** Mean over the trunk cores, by heat capacity. */
export const trunkMean = (chest: number, back: number, pelvis: number): number =>
  (chest * TRUNK_WEIGHT.chest + back * TRUNK_WEIGHT.back + pelvis * TRUNK_WEIGHT.pelvis) / TRUNK_WEIGHTS;
