export { DRIED_HOW, NIGHT_KINDS, NIGHT_RANGE, USUAL_NIGHT, type DriedHow, type Night, type NightKind } from "./night";
export { usuallyDried } from "./overnight";
export {
  dayLived,
  liveTrip,
  piecesOf,
  type DayLived,
  type PieceOnDay,
  type Trip,
  type TripDay,
  type TripNight,
} from "./trip";
export { dampnessOf, type Dampness } from "./water-in-piece";
