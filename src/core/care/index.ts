export {
  CARE_TASKS,
  careOf,
  isCareDue,
  newThicknessMm,
  wearByPinch,
  type CareDone,
  type CareNeed,
  type CareTask,
} from "./care";
