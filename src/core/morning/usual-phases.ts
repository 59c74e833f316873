import { EFFORT_CLASS } from "../effort";
import type { Phase } from "../outing";

/** What an outing is planned with until its phases are edited (assumptions). */
const SET_UP_MINUTES = 15;
const WALK_MINUTES = 20;

const STILL = {
  posture: "sitting",
  activityRatio: EFFORT_CLASS.sittingStill.activityRatio,
  walkSpeedMPerS: 0,
} as const;
const WALKING = { posture: "standing", activityRatio: 4, walkSpeedMPerS: 1 } as const;

/** A walk in, setting up, a sit, a walk out. */
export const usualPhases = (sitMinutes: number): Phase[] => [
  { kind: "walkIn", minutes: WALK_MINUTES, ...WALKING },
  { kind: "setUp", minutes: SET_UP_MINUTES, posture: "standing", activityRatio: 2, walkSpeedMPerS: 0 },
  { kind: "sit", minutes: sitMinutes, ...STILL },
  { kind: "walkOut", minutes: WALK_MINUTES, ...WALKING },
];

/** From the first step to the first minute of the sit, min. */
export const USUAL_MINUTES_TO_SEAT = WALK_MINUTES + SET_UP_MINUTES;
