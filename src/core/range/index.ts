export { minutesRange, type MinutesBound, type MinutesRange } from "./minutes-range";
export { cutNormal, drawVariation, type Variation } from "./variation";
export { varyOuting } from "./vary-outing";
