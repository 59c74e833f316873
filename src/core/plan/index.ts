export {
  PLAN_FIELDS,
  PLAN_RANGE,
  type ExtraThing,
  type ForecastTaken,
  type LeftWith,
  type OutingPlan,
} from "./outing-plan";
