export type { TrackPoint } from "./track-point";
