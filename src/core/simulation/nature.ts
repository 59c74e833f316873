import { cautionOutsideAdults, natureByOwnWord, traitsOf, type Outing } from "../outing";
import { restedPerson, USUAL_NATURE, type BodilyNature, type RestedPerson } from "../sitter";

/** Blood to fingers and toes of who reports cold ones, over the usual (assumption). */
export const FLOW_OF_COLD_HANDS = 0.7;

/** What is known of a person's body beyond the usual. */
export function natureOf({ body, calibration, coldHands, feels, learnt }: Outing["person"]): BodilyNature {
  const caution = cautionOutsideAdults(body);
  const told = natureByOwnWord(feels);
  const ownFlow = (calibration?.digitFlowFactor ?? 1) * (coldHands ? FLOW_OF_COLD_HANDS : 1) * told.digitFlowFactor;
  const flow = ownFlow * caution.digitFlowFactor;
  const { lnFlowFingers, lnFlowToes } = traitsOf(learnt);
  return {
    ...USUAL_NATURE,
    basalHeatFactor: (calibration?.basalHeatFactor ?? 1) * told.basalHeatFactor * caution.basalHeatFactor,
    flowFactor: { fingers: flow * Math.exp(lnFlowFingers), toes: flow * Math.exp(lnFlowToes), face: 1 },
  };
}

/** An outing's person as they step out: the same in any weather and clothes. */
export const restedFor = ({ person, start }: Pick<Outing, "person" | "start">): RestedPerson =>
  restedPerson(person.body, start, natureOf(person).basalHeatFactor);
