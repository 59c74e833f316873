import type { Range } from "../errors";

/** What feet stand on and a seat rests on. */
export const GROUNDS = ["metal", "ice", "snow", "wood", "dryGround"] as const;
export type Ground = (typeof GROUNDS)[number];

/** The ground's own resistance, m²·K/W: wood and dry ground warm up under a foot (assumption). */
export const GROUND_INSULATION_M2K_PER_W: Readonly<Record<Ground, number>> = {
  metal: 0,
  ice: 0,
  snow: 0,
  wood: 0.1,
  dryGround: 0.1,
};

export const USUAL_ICE_THICKNESS_M = 0.3; // where the place does not say (assumption)
const SNOW_CONDUCTIVITY_W_PER_MK = 0.2; // settled snow (handbook value)
const CM_PER_M = 100;
const ICE_CONDUCTIVITY_W_PER_MK = 2.2;
const ICE_SURFACE_W_PER_M2K = 15; // convection and radiation over open ice (assumption)

/** What lies under a person, as far as it is known. */
export type GroundState = {
  readonly ground: Ground;
  readonly iceThicknessM?: number | undefined;
  readonly snowOnIceCm?: number | undefined;
};

export const GROUND_RANGE = { iceThicknessM: [0.03, 2], snowOnIceCm: [0, 100] } as const satisfies Record<
  string,
  Range
>;

/**
 * Temperature of the ground's surface, °C. Ice conducts from water at 0 °C; metal, wood and dry ground follow the air,
 * snow the air or what a clear sky has drawn from it.
 * @param snowSurfaceC of the snow about, °C
 * @source steady conduction through a sheet of ice and the snow on it
 */
export function groundTemperatureC(
  state: GroundState,
  airTemperatureC: number,
  snowSurfaceC = airTemperatureC,
): number {
  if (state.ground === "snow") return Math.min(airTemperatureC, snowSurfaceC);
  if (state.ground !== "ice") return airTemperatureC;
  const iceM2KPerW = (state.iceThicknessM ?? USUAL_ICE_THICKNESS_M) / ICE_CONDUCTIVITY_W_PER_MK;
  const snowM2KPerW = (state.snowOnIceCm ?? 0) / CM_PER_M / SNOW_CONDUCTIVITY_W_PER_MK;
  return Math.min(0, (airTemperatureC * iceM2KPerW) / (iceM2KPerW + snowM2KPerW + 1 / ICE_SURFACE_W_PER_M2K));
}
