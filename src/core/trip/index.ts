export {
  BAG_RANGE,
  bagOf,
  NO_BAG_LIMIT,
  plannedMinutesGiven,
  whatToLeave,
  type Bag,
  type BagLimit,
  type BagLine,
  type Leaving,
  type LeftOut,
} from "./bag";
export { mendsOfNight, oneMorePair, weakestDay, type NightMend, type OneMore } from "./mending";
export { DRIED_HOW, NIGHT_KINDS, NIGHT_RANGE, USUAL_NIGHT, type DriedHow, type Night, type NightKind } from "./night";
export { usuallyDried } from "./overnight";
export { planRotation, type DaySwap, type RotationPlan } from "./rotation";
export { NO_SUPPLIES, SUPPLIES_RANGE, type SourceOnDay, type Supplies } from "./supplies";
export {
  dayLived,
  liveTrip,
  piecesOf,
  type DayLived,
  type PieceOnDay,
  type SimulateDay,
  type Trip,
  type TripDay,
  type TripNight,
} from "./trip";
export { dampnessOf, type Dampness } from "./water-in-piece";
