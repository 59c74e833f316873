export { radiantTemperatureAroundC, type SkyMoment } from "./radiant-temperature";
export { skyEmissivity, snowSurfaceC } from "./sky-radiation";
export { projectedAreaShare, sunAbsorbedWPerM2 } from "./sun-on-person";
