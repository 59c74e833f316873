export { dewPointC, fog, type FogAnswer } from "./fog";
export { touch, TOUCH_RANGE, TOUCHED_EFFUSIVITY, USUAL_TOUCHING_SKIN_C, type TouchAnswer, type Touched } from "./touch";
