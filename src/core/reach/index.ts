export { Reach, reachOf } from "./reach";
export {
  cellsOf,
  REACH_AXES,
  WIND_PLACES,
  type ReachAxes,
  type ReachCell,
  type ReachWeather,
  type WindPlace,
} from "./reach-grid";
export { AS_PLANNED, SKIES, switched, type ReachSwitches, type Sky } from "./switches";
