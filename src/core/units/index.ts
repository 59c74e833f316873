export {
  BLOOD_HEAT_WH_PER_L_K,
  KELVIN_AT_ZERO_C,
  KELVIN_AT_ZERO_C_ROUNDED,
  LEWIS_K_PER_KPA,
  MET_W_PER_M2,
  MINUTES_PER_DAY,
  MINUTES_PER_HOUR,
  MS_PER_SECOND,
  MS_PER_DAY,
  MS_PER_HOUR,
  MS_PER_MINUTE,
  SECONDS_PER_HOUR,
  SECONDS_PER_MINUTE,
  STEFAN_BOLTZMANN_W_PER_M2K4,
} from "./constants";
export { cloFromInsulation, insulationFromClo } from "./clo";
export { kmhFromMetresPerSecond } from "./speed";
