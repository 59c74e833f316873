export { LiveAnswers, type LiveAnswer, type LiveBand } from "./live-answer";
export { type LiveVote } from "./heard";
export { LiveSit, type LiveRun } from "./live-sit";
export { STAND_IN_FAULTS, standInReadings, type StandInFault } from "./stand-in-loggers";
