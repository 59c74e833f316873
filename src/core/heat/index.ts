export { capacityShare, pocketC } from "./battery";
export { heatCourse, packPowerW, type HeatCourse } from "./heat-course";
export { HEAT_RANGE, type HeatSource, type HeatSpan } from "./heat-source";
