export { grazeOf, type Graze } from "./graze";
export {
  HELD_PAST_PLAN_MINUTES,
  LEFT_WITHIN_MINUTES,
  isOfGroup,
  LEVELS,
  LIMIT_PARTS,
  LIMIT_TABLE,
  LIMITS,
  limitsOf,
  RECOVERY_MINUTES,
  RULING_LIMITS,
  STANDARD_LIMIT,
  TRUNK_FLOOR,
  type Bounds,
  type Level,
  type Limit,
  type LimitGroup,
  type LimitPart,
} from "./limit-table";
export {
  judge,
  judgeWithRunnerUp,
  leastMinutesStill,
  levelEverywhere,
  minutesStillOf,
  passingsOf,
  runnerUpOf,
  type AcceptedLevels,
  type LevelVerdict,
  type Passings,
  type Verdict,
} from "./verdict";
export { type Crossing, type InTask, type LimitPlace, type Recovery, type Watch } from "./watch";
