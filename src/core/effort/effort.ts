import type { Range } from "../errors";
import { clamp } from "../numeric";
import { EFFORT_CLASS, type EffortClass } from "./effort-class";
import { walkingHeatW, type Walk } from "./walking";

/** A ride makes wind of its own; a sled asks little of the rider, a bicycle much. */
export type Ride = { readonly speedMPerS: number; readonly activityRatio: number };

export const RIDE_RANGE = { speedMPerS: [0, 25] } as const satisfies Record<string, Range>;

/** What a person does in a phase, by class, walk or ride. */
export type Effort =
  | { readonly kind: "class"; readonly class: EffortClass }
  | ({ readonly kind: "walk" } & Walk)
  | ({ readonly kind: "ride" } & Ride);

/** What the body and the air around it see of an effort. */
export type Exertion = {
  /** Heat made over basal. */
  readonly activityRatio: number;
  readonly walkSpeedMPerS: number;
  readonly rideSpeedMPerS: number;
};

/** Heat over basal that the body model is given, 1 (asleep) to what few keep up for minutes. */
export const ACTIVITY_RATIO_RANGE: Range = [1, 12];

/**
 * Works an effort out for a person.
 * @param basalHeatW the person's basal heat
 * @throws {CoreError} `out-of-range` when a walk leaves WALK_RANGE
 */
export function exertionOf(effort: Effort, massKg: number, basalHeatW: number): Exertion {
  switch (effort.kind) {
    case "class":
      return { activityRatio: EFFORT_CLASS[effort.class].activityRatio, walkSpeedMPerS: 0, rideSpeedMPerS: 0 };
    case "ride":
      return { activityRatio: effort.activityRatio, walkSpeedMPerS: 0, rideSpeedMPerS: effort.speedMPerS };
    case "walk":
      return {
        // Downhill on a road the formula falls below standing; nobody walks on less than rest.
        activityRatio: clamp(walkingHeatW(effort, massKg) / basalHeatW, ...ACTIVITY_RATIO_RANGE),
        walkSpeedMPerS: effort.speedMPerS,
        rideSpeedMPerS: 0,
      };
  }
}
