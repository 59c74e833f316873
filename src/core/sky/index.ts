export { radiantTemperatureAroundC, type SkyMoment } from "./radiant-temperature";
