import type { Range } from "../errors";
import type { Outfit } from "./outfit";

/** Postures of an outing so far; the body model knows lying too, contact on the back is not built yet. */
export const SITTER_POSTURES = ["standing", "sitting"] as const;
export type SitterPosture = (typeof SITTER_POSTURES)[number];

/** What surrounds a person during one step. */
export type Conditions = {
  readonly airTemperatureC: number;
  readonly radiantTemperatureC: number;
  readonly relativeHumidityPercent: number;
  /** Air moving past the body, walking included, m/s. */
  readonly relativeWindMPerS: number;
  readonly walkSpeedMPerS: number;
  readonly posture: SitterPosture;
  /** Heat production over basal. */
  readonly activityRatio: number;
  /** Temperature of what feet stand on and the seat rests on, °C. */
  readonly groundTemperatureC: number;
  readonly outfit: Outfit;
  /** From `contactResistances`, for this outfit, posture and ground. */
  readonly contactM2KPerW: Float64Array;
};

/** Ranges of the surroundings an outing may name. */
export const CONDITION_RANGE = {
  airTemperatureC: [-60, 40],
  relativeHumidityPercent: [0, 100],
  windMPerS: [0, 40],
  walkSpeedMPerS: [0, 2],
  activityRatio: [1, 12],
} as const satisfies Record<string, Range>;
