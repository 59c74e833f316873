export { hourIn, inWeather } from "./in-weather";
export { Reach, reachOf } from "./reach";
export {
  cellsOf,
  MOST_GAIN_OF_COLDER,
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
