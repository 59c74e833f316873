const KMH_PER_M_PER_S = 3.6; // exact

/** Speed in km/h of one in m/s. */
export const kmhFromMetresPerSecond = (speedMPerS: number): number => speedMPerS * KMH_PER_M_PER_S;
