import type { Layer, WornLayer } from "./layer";

/** A part of a patch under the same layers. */
export type CoveredRegion = { readonly share: number; readonly layers: readonly Layer[] };

/**
 * Divides a patch by what covers it: pieces that end on the patch are taken to end at the same side of it, so that what
 * a small piece covers a larger one covers too (assumption).
 * @param worn from the skin out
 */
export function coveredRegions(worn: readonly WornLayer[]): CoveredRegion[] {
  if (worn.every(({ coverShare }) => coverShare === 1)) return [{ share: 1, layers: worn.map(({ layer }) => layer) }];
  const ends = [...new Set([...worn.map(({ coverShare }) => coverShare), 1])].sort((one, other) => one - other);
  return ends.map((end, index) => ({
    share: end - (ends[index - 1] ?? 0),
    layers: worn.filter(({ coverShare }) => coverShare >= end).map(({ layer }) => layer),
  }));
}

/** Resistance of regions side by side, m²·K/W. */
export const sideBySide = (
  regions: readonly { readonly share: number; readonly insulationM2KPerW: number }[],
): number => 1 / regions.reduce((total, { share, insulationM2KPerW }) => total + share / insulationM2KPerW, 0);
