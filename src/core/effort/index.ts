export { ACTIVITY_RATIO_RANGE, exertionOf, RIDE_RANGE, type Effort, type Exertion, type Ride } from "./effort";
export { PACE, walkingPaceMPerS, type PaceKind } from "./walking-pace";
export { EFFORT_CLASS, type EffortClass } from "./effort-class";
export { TERRAIN_FACTOR, WALK_RANGE, type Terrain, type Walk } from "./walking";
