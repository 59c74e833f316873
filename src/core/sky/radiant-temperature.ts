import { emittedWPerM2, radiantTemperatureOfC, skyEmissivity, snowSurfaceC } from "./sky-radiation";
import { sunAbsorbedWPerM2 } from "./sun-on-person";

/** Absorption of long waves by clothing and skin. */
const BODY_EMISSIVITY = 0.97;
/** Half of what surrounds a person is sky, half ground. */
const HALF = 0.5;

/** What sky, ground and sun are like at a moment. */
export type SkyMoment = {
  readonly airTemperatureC: number;
  readonly vapourPressureKPa: number;
  readonly cloudShare: number;
  /** Elevation of the sun, degrees; below the horizon negative. */
  readonly sunElevationDeg: number;
  /** Share of the sky the place sees; walls and trees in the rest have the air's temperature. */
  readonly skyShare: number;
  readonly snow: boolean;
  readonly windMPerS: number;
};

/**
 * Mean radiant temperature of a person, °C, by sky, cloud, ground and sun.
 * @source half sky, half ground; sun added as absorbed light over the body's emissivity (VDI 3787, from memory)
 */
export function radiantTemperatureAroundC(at: SkyMoment): number {
  const emissivity = skyEmissivity(at.vapourPressureKPa, at.cloudShare);
  const airWPerM2 = emittedWPerM2(at.airTemperatureC);
  const groundSurfaceC = at.snow
    ? snowSurfaceC(at.airTemperatureC, emissivity, at.skyShare, at.windMPerS)
    : at.airTemperatureC;
  const skyWPerM2 = airWPerM2 * (1 - at.skyShare * (1 - emissivity));
  const sunWPerM2 = sunAbsorbedWPerM2(at.sunElevationDeg, at.cloudShare, at.skyShare, at.snow ? "snow" : "bare");
  const all = HALF * skyWPerM2 + HALF * emittedWPerM2(groundSurfaceC) + sunWPerM2 / BODY_EMISSIVITY;
  return radiantTemperatureOfC(all);
}
