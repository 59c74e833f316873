export { dayRun, hoursOfPlan, type ClothingAdvice, type DayKind, type DayRun } from "./kind-of-day";
export { lightSpans, type Light, type LightSpan } from "./light";
export { LOW_HIGH_RANGE, shapedTemperatureC, type LowHigh } from "./shaped-day";
export { anchoredTimeMs, type SunAnchor } from "./anchored-time";
