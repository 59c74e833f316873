export { clearSkyWPerM2 } from "./clear-sky";
export { dayLight, sunPosition, type DayLight, type SunPosition } from "./sun-position";
