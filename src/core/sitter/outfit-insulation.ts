import { Body, bodyParameters, createSkinExchange, OUTING_BODY, type BodyPerson } from "../body";
import { STATIC_AIR_LAYER_M2K_PER_W } from "../clothing";
import { SITES } from "../patches";
import type { Conditions } from "./conditions";
import { OutingExchange } from "./outing-exchange";

const STILL_AIR_M_PER_S = 0.1;
const NOWHERE_TOUCHING = new Float64Array(SITES.length).fill(NaN);
/** Clothing area factor per m²·K/W. @source ISO 11079:2007 as its program has it */
const AREA_FACTOR_PER_M2K_PER_W = 1.197;
const REPEATS = 30;

/** Insulation of a whole outfit as a test sheet states it: still air, standing, nothing touched; m²·K/W. */
export type OutfitInsulation = { readonly totalM2KPerW: number; readonly intrinsicM2KPerW: number };

/**
 * Insulation of a whole outfit in still air: all patches side by side by their share of the skin.
 * @source parallel heat loss, as a thermal manikin measures it (ISO 15831, "parallel method")
 */
export function outfitInsulation(person: BodyPerson, worn: Conditions): OutfitInsulation {
  const body = new Body(bodyParameters(person), OUTING_BODY);
  const exchange = new OutingExchange();
  exchange.write(createSkinExchange(), body, {
    ...worn,
    posture: "standing",
    relativeWindMPerS: STILL_AIR_M_PER_S,
    walkSpeedMPerS: 0,
    contactM2KPerW: NOWHERE_TOUCHING,
    contactWater: null,
  });
  const { skinAreaM2, surfaceM2 } = body.parameters;
  const lossWPerK = SITES.reduce(
    (total, { segmentIndex, share }, site) =>
      total + (skinAreaM2[segmentIndex]! * share) / exchange.sitesM2KPerW[site]!,
    0,
  );
  const totalM2KPerW = surfaceM2 / lossWPerK;
  let intrinsicM2KPerW = totalM2KPerW;
  for (let repeat = 0; repeat < REPEATS; repeat++) {
    const areaFactor = 1 + AREA_FACTOR_PER_M2K_PER_W * intrinsicM2KPerW;
    intrinsicM2KPerW = Math.max(0, totalM2KPerW - STATIC_AIR_LAYER_M2K_PER_W / areaFactor);
  }
  return { totalM2KPerW, intrinsicM2KPerW };
}
