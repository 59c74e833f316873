export { usualPhases, USUAL_MINUTES_TO_SEAT } from "./usual-phases";
export { STANDARD_MORNING } from "./standard-morning";
export { personEffects, type PersonChange, type PersonEffect, type PersonEffects } from "./person-effects";
export { kitForCold } from "./kit-for-cold";
export { pieceOfStarter } from "./starter-outfit";
