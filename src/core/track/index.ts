export type { TrackPoint } from "./track-point";
export { distanceM, wayOf, type Way } from "./way";
