export { type Comparison, type DifferenceReason } from "./compare";
export { cautionsOf, goOrStay, type Caution, type GoOrStay, type StayReason } from "./go-or-stay";
export { WHY_PRINTED_DIFFERS, type PrintedAgainstOurs } from "./printed-temperature";
export { overheatingOf, type Overheating } from "./overheating";
export type { SitMeans } from "./sit-means";
export { standardOpinion, type IreqOpinion, type StandardOpinion } from "./standard-opinion";
export { SWEAT_STEPS_G_PER_M2, sweatOnArrival, type SweatStep } from "./sweat";
