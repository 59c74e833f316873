import { Body, bodyParameters, createSkinExchange, OUTING_BODY, type BodyPerson } from "../../body";
import { SITES } from "../../patches";
import type { Conditions } from "../conditions";
import { buildOutfit, type Outfit } from "./outfit";
import { OutingExchange } from "../outing-exchange";

const STILL_AIR_M_PER_S = 0.1;
const NOWHERE_TOUCHING = new Float64Array(SITES.length).fill(NaN);
const BARE: Outfit = buildOutfit({ layers: SITES.map(() => []), mitt: { left: false, right: false }, leaks: [] });

/** Insulation of a whole outfit as a test sheet states it: still air, standing, nothing touched; m²·K/W. */
export type OutfitInsulation = { readonly totalM2KPerW: number; readonly intrinsicM2KPerW: number };

/** All patches side by side by their share of the skin, m²·K/W. */
function sideBySideM2KPerW(body: Body, worn: Conditions, outfit: Outfit): number {
  const exchange = new OutingExchange();
  exchange.write(createSkinExchange(), body, {
    ...worn,
    outfit,
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
  return surfaceM2 / lossWPerK;
}

/** How many times as large as the skin the outside of an outfit is. */
function areaFactor({ skinAreaM2, surfaceM2 }: Body["parameters"], { stacks, siteParts }: Outfit): number {
  let outsideM2 = 0;
  for (let part = 0; part < siteParts.place.length; part++) {
    const { segmentIndex, share } = SITES[siteParts.place[part]!]!;
    const skinM2 = skinAreaM2[segmentIndex]! * share * siteParts.share[part]!;
    outsideM2 += skinM2 / stacks[siteParts.stack[part]!]!.skinOverOuterArea;
  }
  return outsideM2 / surfaceM2;
}

/**
 * Insulation of a whole outfit in still air: all patches side by side by their share of the skin; of the clothing alone
 * what is left without the air that surrounds a nude person here, over the larger outside.
 * @source parallel heat loss, as a thermal manikin measures it (ISO 15831, "parallel method"); ISO 9920's I_cl = I_T − I_a/f_cl
 */
export function outfitInsulation(person: BodyPerson, worn: Conditions): OutfitInsulation {
  const body = new Body(bodyParameters(person), OUTING_BODY);
  const totalM2KPerW = sideBySideM2KPerW(body, worn, worn.outfit);
  const airM2KPerW = sideBySideM2KPerW(body, worn, BARE) / areaFactor(body.parameters, worn.outfit);
  return { totalM2KPerW, intrinsicM2KPerW: Math.max(0, totalM2KPerW - airM2KPerW) };
}
