export { applies, notApplicable, type StandardAnswer } from "./answer";
export { clothingAreaFactor, iso9920Insulation, type CorrectedInsulation } from "./iso-9920";
export {
  frostbiteMinutes,
  siplePasselWPerM2,
  windChillHazard,
  windChillIndexC,
  type WindChillHazard,
} from "./wind-chill";
export { exposureLimit, ireqOfClothing, requiredInsulation, type ExposureLimit, type RequiredInsulation } from "./ireq";
export type { IreqCriterion, IreqInput } from "./ireq-balance";
