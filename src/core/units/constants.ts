/** 1 clo in m²·K/W (Gagge, Burton & Bazett 1941; ISO 9920:2007). */
export const CLO_M2K_PER_W = 0.155;
/** Lewis relation between evaporation and convection in air, K/kPa (ISO 9920:2007, ASHRAE Fundamentals). */
export const LEWIS_K_PER_KPA = 16.5;
/** Heat carried by a litre of blood an hour, W·h/(L·K) (JOS-3, Takahashi et al. 2021). */
export const BLOOD_HEAT_WH_PER_L_K = 1.067;
/** 1 met in W/m²: 50 kcal/(m²·h), as JOS-3's comfort start uses it. */
export const MET_W_PER_M2 = 58.15;
/** Seconds in an hour and in a minute: exact. */
export const SECONDS_PER_HOUR = 3600;
export const SECONDS_PER_MINUTE = 60;
export const MINUTES_PER_HOUR = 60;
/** Milliseconds, as clocks count: exact. */
export const MS_PER_SECOND = 1000;
export const MS_PER_MINUTE = 60_000;
export const MS_PER_HOUR = 3_600_000;
export const MS_PER_DAY = 86_400_000;
export const MINUTES_PER_DAY = 1440;
/** Kelvin at 0 °C as the published comfort equation rounds it (ASHRAE Fundamentals 2017, chapter 9). */
export const KELVIN_AT_ZERO_C_ROUNDED = 273;
/** Kelvin at 0 °C: exact. */
export const KELVIN_AT_ZERO_C = 273.15;
/** Stefan–Boltzmann constant (CODATA 2018). */
export const STEFAN_BOLTZMANN_W_PER_M2K4 = 5.670374e-8;
