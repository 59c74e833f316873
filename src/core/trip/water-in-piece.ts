import type { BodyPerson } from "../body";
import { siteAreasM2 } from "../dressing";
import { SITES } from "../patches";
import { FACE_CELL } from "../water";

/** Skin of each segment of the body, m². */
function segmentAreasM2(body: BodyPerson): number[] {
  const areas = siteAreasM2(body);
  const bySegment: number[] = [];
  SITES.forEach(({ segmentIndex }, site) => {
    bySegment[segmentIndex] = (bySegment[segmentIndex] ?? 0) + areas[site]!;
  });
  return bySegment;
}

/** Water in a piece, g: what is over the mouth lies on the head's skin already. @param gPerM2 by segment, g/m² of skin */
export function waterG(body: BodyPerson, gPerM2: readonly number[]): number {
  const areas = segmentAreasM2(body);
  return gPerM2.reduce((sum, own, segment) => (segment === FACE_CELL ? sum : sum + own * (areas[segment] ?? 0)), 0);
}

/** From how much water a piece is called damp, and wet, g (assumptions: a drop in a glove is nothing, a cup is much). */
export const DAMP_FROM_G = 8;
const WET_FROM_G = 60;
export type Dampness = "dry" | "damp" | "wet";
export const dampnessOf = (grams: number): Dampness =>
  grams >= WET_FROM_G ? "wet" : grams >= DAMP_FROM_G ? "damp" : "dry";
