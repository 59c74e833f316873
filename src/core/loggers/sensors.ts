/** What small loggers measure during a sit. */
export const SENSORS = ["leftToes", "rightToes", "leftFingers", "rightFingers", "air"] as const;
export type Sensor = (typeof SENSORS)[number];
