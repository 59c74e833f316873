/** What an outer face keeps out, by its permeability to air, L/(m²·s) (assumption). */
const RESISTANCE_BY_FACE: readonly (readonly [mostLPerM2S: number, resistance: number])[] = [
  [1, 3],
  [8, 2],
  [50, 1],
];

/** What water a piece keeps out where nobody has said, 0 to 4 by WATER_RESISTANCE. @param airPermeabilityLPerM2S of its outer face */
export const waterResistanceOfFace = (airPermeabilityLPerM2S: number): number =>
  RESISTANCE_BY_FACE.find(([most]) => airPermeabilityLPerM2S <= most)?.[1] ?? 0;
