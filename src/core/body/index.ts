export { areaMean, convection, radiation, type ConvectionRule } from "./air-coefficients";
export { trunkMean } from "./blood-flow";
export {
  coreAndSkinC,
  createBody,
  createSkinExchange,
  meanSkinC,
  OUTING_BODY,
  PUBLISHED_BODY,
  trunkCoreC,
  type Body,
  type BodyOptions,
  type SetPoints,
  type SkinExchange,
} from "./body";
export { bodyParameters, type BodyParameters, type Conductance } from "./body-parameters";
export { NODE_COUNT, SEGMENT_NODES, type SegmentNodes } from "./nodes";
export { assertPerson, bodySurfaceM2, PERSON_RANGE, type BodyPerson, type Sex } from "./person";
export { POSTURES, type Posture } from "./posture";
export { publishedExchange, type PublishedSurroundings } from "./published-surroundings";
export { saturationPressureKPa } from "./saturation-pressure";
export { SEGMENT_COUNT, SEGMENT_INDEX, SEGMENTS, UPSTREAM_SEGMENT, type Segment } from "./segments";
export { bodyAtRest, restingBody, type RestingBody } from "./set-points";
