import { SEGMENT_COUNT } from "../segments";

/** How the skin meets its surroundings during one step; arrays of 17. */
export type SkinExchange = {
  /** Area over dry resistance, W/K. */
  readonly dryConductanceWPerK: Float64Array;
  /** Temperature towards which the skin loses dry heat, °C. */
  readonly surroundingsC: Float64Array;
  /** Area over evaporative resistance, W/kPa. */
  readonly vapourConductanceWPerKPa: Float64Array;
  readonly vapourPressureKPa: Float64Array;
  /** Air breathed in, °C. */
  breathedAirC: number;
};

export const createSkinExchange = (): SkinExchange => ({
  dryConductanceWPerK: new Float64Array(SEGMENT_COUNT),
  surroundingsC: new Float64Array(SEGMENT_COUNT),
  vapourConductanceWPerKPa: new Float64Array(SEGMENT_COUNT),
  vapourPressureKPa: new Float64Array(SEGMENT_COUNT),
  breathedAirC: 0,
});
