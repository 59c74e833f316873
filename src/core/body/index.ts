export { convection, radiation, type ConvectionRule } from "./exchange/air-coefficients";
export { breathingLoss } from "./exchange/breathing";
export { Body } from "./body";
export { OUTING_BODY, PUBLISHED_BODY, type BodyOptions } from "./body-options";
export { meanSkinC, trunkCoreC } from "./body-readings";
export type { CoreAndSkin } from "./core-and-skin";
export { bodyParameters, type BodyParameters } from "./body-parameters";
export { DIFFUSION_WETTEDNESS, massCountedW } from "./exchange/evaporation";
export { CENTRAL_BLOOD_NODE, NODE_COUNT, SEGMENT_NODES, type SegmentNodes } from "./nodes";
export { PastState } from "./regulation/past-state";
export { bodySurfaceM2, PERSON_RANGE, type BodyPerson, type Sex } from "./person";
export {
  FIGURES,
  FAT_PERCENT_OF_FIGURE,
  GIRTH_RANGE,
  fatPercentFromGirths,
  fatPercentFromMassIndex,
  figureOf,
  type Figure,
  type Girths,
} from "./fat-share";
export type { Posture } from "./posture";
export { publishedExchange, type PublishedSurroundings } from "./published-surroundings";
export { saturationPressureKPa, saturationSlopeKPaPerK } from "./exchange/saturation-pressure";
export { SEGMENT_COUNT, SEGMENT_INDEX, SEGMENTS, type Segment } from "./segments";
export { createSkinExchange, type SkinExchange } from "./exchange/skin-exchange";
export { bodyAtRest, restingBody, type RestingBody } from "./regulation/set-points";
