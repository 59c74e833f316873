export { inWeather } from "./in-weather";
export { Reach, reachOf } from "./reach";
export { cellsOf, REACH_AXES, WIND_PLACES, type ReachAxes, type ReachCell, type WindPlace } from "./reach-grid";
