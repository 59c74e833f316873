export { BAG_RANGE, bagOf, NO_BAG_LIMIT, type Bag, type BagLimit, type BagLine } from "./bag";
export { foundInTurns, weakestOf, type InTurns, type NightMend, type OneMore, type Weakest } from "./mending";
export { DRIED_HOW, NIGHT_KINDS, NIGHT_RANGE, USUAL_NIGHT, type DriedHow, type Night, type NightKind } from "./night";
export { usuallyDried } from "./overnight";
export { readyOnDay, type ReadyOnDay } from "./ready-on-day";
export { type DaySwap, type RotationPlan } from "./rotation";
export { standsInFor, swappedIn, type Swap } from "./stand-in";
export {
  NO_SUPPLIES,
  packsWanted,
  SUPPLIES_RANGE,
  type DeviceAlong,
  type DeviceOnDay,
  type SourceOnDay,
  type Supplies,
} from "./supplies";
export {
  dayLived,
  liveTrip,
  piecesOf,
  TRIP_RANGE,
  type DayLived,
  type PieceOnDay,
  type SimulateDay,
  type Trip,
  type TripDay,
  type TripNight,
} from "./trip";
export { DAMP_FROM_G, dampnessOf, waterG, type Dampness } from "./water-in-piece";
export { whatToLeave, type LeftOut, type Loss } from "./what-to-leave";
