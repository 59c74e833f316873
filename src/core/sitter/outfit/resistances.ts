import { Body, bodyParameters, createSkinExchange, OUTING_BODY, type BodyPerson } from "../../body";
import { SITES } from "../../patches";
import type { Conditions } from "../conditions";
import { OutingExchange } from "../outing-exchange";

/** Resistance from skin to surroundings of every patch, m²·K/W, by the key of its site. */
export function patchResistances(person: BodyPerson, at: Conditions): Record<string, number> {
  const exchange = new OutingExchange();
  exchange.write(createSkinExchange(), new Body(bodyParameters(person), OUTING_BODY), at);
  return Object.fromEntries(SITES.map(({ key }, index) => [key, exchange.sitesM2KPerW[index]!]));
}
