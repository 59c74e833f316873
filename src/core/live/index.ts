export { LIVE_MEMBERS, LiveAnswers, type LiveAnswer, type LiveBand } from "./live-answer";
export { LiveSit, type LiveRun, type Way } from "./live-sit";
export { type LoggerFault } from "./faults";
export { READING_RANGE_C, type LiveVote, type Reading } from "./reading";
export { SENSORS, type Sensor } from "./sensors";
export { STAND_IN_FAULTS, standInReadings, type StandInFault } from "./stand-in-loggers";
