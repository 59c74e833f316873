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

const ICE_THICKNESS_M = 0.3; // an ordinary safe sheet (assumption; ask the place once it is known)
const ICE_CONDUCTIVITY_W_PER_MK = 2.2;
const ICE_SURFACE_W_PER_M2K = 15; // convection and radiation over open ice (assumption)

/**
 * Temperature of the ground's surface, °C. Ice conducts from water at 0 °C; metal, snow, wood and dry ground follow
 * the air.
 * @source steady conduction through a sheet of ice
 */
export function groundTemperatureC(ground: Ground, airTemperatureC: number): number {
  if (ground !== "ice") return airTemperatureC;
  const iceM2KPerW = ICE_THICKNESS_M / ICE_CONDUCTIVITY_W_PER_MK;
  return Math.min(0, (airTemperatureC * iceM2KPerW) / (iceM2KPerW + 1 / ICE_SURFACE_W_PER_M2K));
}
