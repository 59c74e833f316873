export {
  HELD_PAST_PLAN_MINUTES,
  LEVELS,
  LIMIT_TABLE,
  LIMITS,
  RECOVERY_MINUTES,
  type Level,
  type Limit,
} from "./limit-table";
export {
  crossingsOf,
  judge,
  judgeWithRunnerUp,
  levelEverywhere,
  runnerUpOf,
  type AcceptedLevels,
  type LevelVerdict,
  type Verdict,
} from "./verdict";
export {
  firstCrossing,
  LIMIT_PARTS,
  type Crossing,
  type InTask,
  type LimitPart,
  type LimitPlace,
  type Watch,
} from "./watch";
