export { capacityShare, pocketC } from "./battery";
export { heatCourse, type HeatCourse } from "./heat-course";
export { drinkWh, USUAL_DRINK } from "./drink";
export { HEAT_RANGE, type HeatSource, type HeatSpan } from "./heat-source";
