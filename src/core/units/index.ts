export {
  BLOOD_HEAT_WH_PER_L_K,
  KELVIN_AT_ZERO_C_ROUNDED,
  LEWIS_K_PER_KPA,
  MET_W_PER_M2,
  SECONDS_PER_HOUR,
  SECONDS_PER_MINUTE,
} from "./constants";
export { cloFromInsulation, insulationFromClo } from "./clo";
