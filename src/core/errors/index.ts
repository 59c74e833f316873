export { CoreError, type CoreErrorCode } from "./core-error";
export { assertInRange, type Range } from "./assert-in-range";
