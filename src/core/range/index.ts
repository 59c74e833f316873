export { minutesRange, RANGE_MEMBERS, type MinutesBound, type MinutesRange } from "./minutes-range";
export { cutNormal, drawVariation, SPREAD, type Variation } from "./variation";
export { varyOuting } from "./vary-outing";
