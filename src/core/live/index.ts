export { LiveAnswers, type LiveAnswer, type LiveBand } from "./live-answer";
export { type LiveVote } from "./heard";
export { LiveSit, type LiveRun } from "./live-sit";
export { toldFromPlan } from "./told-from-plan";
export { STAND_IN_FAULTS, standInReadings, type StandInFault } from "./stand-in-loggers";
