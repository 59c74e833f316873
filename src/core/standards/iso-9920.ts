import * as m from "@/messages";
import { isInRange, type Range } from "../errors";
import { applies, notApplicable, type StandardAnswer } from "./answer";

/** Where ISO 9920's corrections were measured. */
export const ISO_9920_RANGE = {
  relativeWindMPerS: [0.15, 3.5],
  walkSpeedMPerS: [0, 1.2],
  intrinsicClo: [0, 1.4],
} as const satisfies Record<string, Range>;

const STILL_AIR_M_PER_S = 0.15;
/** Below this the standard goes over to the correction of the nude body. */
const CLOTHED_FROM_CLO = 0.6;

/** Clothing area factor of an intrinsic insulation in clo. @source ISO 9920:2007 */
export const clothingAreaFactor = (intrinsicClo: number): number => 1 + 0.28 * intrinsicClo;

const nudeFactor = (windAboveStill: number, walk: number): number =>
  Math.exp(-0.533 * windAboveStill + 0.069 * windAboveStill ** 2 - 0.462 * walk + 0.201 * walk ** 2);

const clothedFactor = (windAboveStill: number, walk: number): number =>
  Math.exp(-0.281 * windAboveStill + 0.044 * windAboveStill ** 2 - 0.492 * walk + 0.176 * walk ** 2);

/** Insulations in wind and walking, in the unit given. */
export type CorrectedInsulation = { readonly airLayerClo: number; readonly totalClo: number };

/**
 * Total insulation and air layer in wind and walking, clo.
 * @param staticTotalClo total in still air, clo
 * @param staticAirClo air layer in still air, clo
 * @param intrinsicClo 0…1.4 clo
 * @source ISO 9920:2007, corrections for normal clothing and the nude body
 */
export function iso9920Insulation(at: {
  readonly intrinsicClo: number;
  readonly staticTotalClo: number;
  readonly staticAirClo: number;
  readonly relativeWindMPerS: number;
  readonly walkSpeedMPerS: number;
}): StandardAnswer<CorrectedInsulation> {
  const { intrinsicClo, relativeWindMPerS, walkSpeedMPerS } = at;
  if (!isInRange(relativeWindMPerS, ISO_9920_RANGE.relativeWindMPerS)) return notApplicable(m.measuredForWindOf015);
  if (!isInRange(walkSpeedMPerS, ISO_9920_RANGE.walkSpeedMPerS)) return notApplicable(m.measuredForWalkingUpTo1);
  if (!isInRange(intrinsicClo, ISO_9920_RANGE.intrinsicClo)) return notApplicable(m.measuredForOrdinaryClothingUpTo);
  const windAboveStill = relativeWindMPerS - STILL_AIR_M_PER_S;
  const airLayerClo = at.staticAirClo * nudeFactor(windAboveStill, walkSpeedMPerS);
  const clothedClo = at.staticTotalClo * clothedFactor(windAboveStill, walkSpeedMPerS);
  const share = Math.min(1, intrinsicClo / CLOTHED_FROM_CLO);
  return applies({ airLayerClo, totalClo: airLayerClo * (1 - share) + clothedClo * share });
}
