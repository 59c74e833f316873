export { grazeOf, type Graze } from "./graze";
export {
  HELD_PAST_PLAN_MINUTES,
  LEFT_WITHIN_MINUTES,
  LEVELS,
  LIMIT_TABLE,
  LIMITS,
  RECOVERY_MINUTES,
  RULING_LIMITS,
  STANDARD_LIMIT,
  TRUNK_FLOOR,
  type Bounds,
  type Level,
  type Limit,
} from "./limit-table";
export {
  judge,
  judgeWithRunnerUp,
  levelEverywhere,
  passingsOf,
  runnerUpOf,
  type AcceptedLevels,
  type LevelVerdict,
  type Passings,
  type Verdict,
} from "./verdict";
export {
  LIMIT_PARTS,
  passing,
  type Crossing,
  type InTask,
  type LimitPart,
  type LimitPlace,
  type Recovery,
  type Watch,
} from "./watch";
