export { CoreError, type CoreErrorCode } from "./core-error";
export { assertInRange, isInRange, type Range } from "./assert-in-range";
