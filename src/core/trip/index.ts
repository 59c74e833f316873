export { DRIED_HOW, NIGHT_KINDS, NIGHT_RANGE, USUAL_NIGHT, type DriedHow, type Night, type NightKind } from "./night";
export { dryOvernight, usuallyDried } from "./overnight";
export { hoursBetween, liveTrip, piecesOf, type PieceOnDay, type Trip, type TripDay, type TripNight } from "./trip";
export { DAMPNESS, dampnessOf, type Dampness } from "./water-in-piece";
