import type { Posture } from "../body";
import { ACTIVITY_RATIO_RANGE, RIDE_RANGE, WALK_RANGE } from "../effort";
import type { Range } from "../errors";
import type { WaterPlan, WetSurroundings } from "../water";
import type { BroughtHeat } from "./brought-heat";
import type { ContactWater } from "./outfit/wet-contact";
import type { Outfit } from "./outfit/outfit";
import type { StorePlan } from "./digits/stored-heat";

/** How a person holds themselves. */
export const SITTER_POSTURES = ["standing", "sitting", "kneeling", "lying"] as const;
export type SitterPosture = (typeof SITTER_POSTURES)[number];

/** The published body knows no kneeling: its air and radiation are taken as standing (assumption). */
export const BODY_POSTURE: Readonly<Record<SitterPosture, Posture>> = {
  standing: "standing",
  sitting: "sitting",
  kneeling: "standing",
  lying: "lying",
};

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
  /** Temperature of what feet stand on, °C. */
  readonly groundTemperatureC: number;
  /** Temperature of what the seat of who sits, and their back, rest on, °C. */
  readonly seatTemperatureC: number;
  readonly outfit: Outfit;
  /** From `contactResistances`, for this outfit, posture and ground. */
  readonly contactM2KPerW: Float64Array;
  /** From `contactWater`, likewise. */
  readonly contactWater: ContactWater | null;
  /** How water meets the layers of the outfit; `null` where nothing worn takes up water. */
  readonly water: WaterPlan | null;
  /** Water from outside; `null` where it is dry. */
  readonly wetting: WetSurroundings | null;
  /** What over fingers and toes stores heat; `null` where nothing is known to. */
  readonly stores: StorePlan | null;
  /** Heat of packs and heated clothes; `null` where there is none. */
  readonly broughtHeat: BroughtHeat | null;
};

/** Ranges of the surroundings an outing may name. */
export const CONDITION_RANGE = {
  airTemperatureC: [-60, 40],
  relativeHumidityPercent: [0, 100],
  windMPerS: [0, 40],
  walkSpeedMPerS: WALK_RANGE.speedMPerS,
  rideSpeedMPerS: RIDE_RANGE.speedMPerS,
  activityRatio: ACTIVITY_RATIO_RANGE,
} as const satisfies Record<string, Range>;
