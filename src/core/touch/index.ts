export { fog, type FogAnswer } from "./fog";
export {
  THIN_GLOVE_M2K_PER_W,
  touch,
  TOUCH_RANGE,
  TOUCHED_EFFUSIVITY,
  touchesToFreezing,
  USUAL_TOUCHING_SKIN_C,
  type TouchAnswer,
  type Touched,
} from "./touch";
