export { LiveAnswers, type LiveAnswer, type LiveBand } from "./live-answer";
export { LiveSit, type LiveRun, type Way } from "./live-sit";
export type { LoggerFault } from "./faults";
export type { LiveVote, Reading } from "./reading";
export { STAND_IN_FAULTS, standInReadings, type StandInFault } from "./stand-in-loggers";
