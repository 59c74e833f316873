export { CARE_TASKS, careOf, isCareDue, wearByPinch, type CareDone, type CareNeed, type CareTask } from "./care";
