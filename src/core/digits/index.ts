export {
  DIGIT_CONDUCTION_W_PER_M2K,
  DIGIT_COUNT,
  NOSE,
  DIGIT_NATURE,
  DIGIT_PLACE,
  DIGIT_SEGMENT,
  DIGITS,
  flowFactorOf,
  USUAL_SOLE_SHARE,
  type Digit,
  type DigitKind,
  type DigitNature,
  type FlowFactor,
} from "./digit";
export { createDigitSupply, digitBloodExchange, supplyDigit, type DigitSupply, type FeedingBlood } from "./digit-blood";
export { DIGIT_RADIATION_W_PER_M2K, digitConvection, surfaceShape, type SurfaceShape } from "./digit-surface";
