export { CLOTH_PER_SKIN, DRYING_ROOM, hoursToDrySoaked } from "./soaked";
export { DRYING_SIDES, hoursToDry, type DryingWay } from "./drying";
export {
  careOf,
  isCareDue,
  isEverWashed,
  newThicknessMm,
  wearByPinch,
  type CareDone,
  type CareNeed,
  type CareTask,
} from "./care";
