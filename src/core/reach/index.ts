export { hourIn } from "./in-weather";
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
export {
  AS_PLANNED,
  hourSwitched,
  phaseSwitched,
  placeSwitched,
  SKIES,
  switched,
  type ReachSwitches,
  type Sky,
} from "./switches";
