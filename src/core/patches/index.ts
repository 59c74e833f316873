export { LEAK_POINTS, LEAKS_INTO, type LeakPoint } from "./leak-point";
export {
  FINGERS_IN_MITT_FORM,
  isDigitPatch,
  PATCH_ANATOMY,
  PATCHES,
  SIDES,
  SITE_INDEX,
  siteKey,
  SITES,
  type Patch,
  type Side,
  type Site,
} from "./patch";
