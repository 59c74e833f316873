import type { Range } from "../errors";

/** What feet stand on, or in. */
export const GROUNDS = ["metal", "ice", "snow", "wood", "dryGround", "rock", "water"] as const;
export type Ground = (typeof GROUNDS)[number];

/** What a person sits on apart from what the feet stand on. */
export const SEATS = ["bucket", "stool", "log", "padOnStand", "metal", "ice", "snow", "rock", "dryGround"] as const;
export type Seat = (typeof SEATS)[number];

/**
 * The ground's own resistance, m²·K/W: heat spreads under a disc of 9 cm, so that R = π·a/(4k) of a half-space; metal is
 * a thin sheet in the air, water carries heat off as fast as it comes.
 * @source spreading resistance of a disc (any heat-transfer text); conductivities of ice 2.2, packed snow 0.35, dry ground
 * 0.6, wood 0.23 and rock 2.5 W/(m·K) are usual handbook values, rounded results assumptions
 */
export const GROUND_INSULATION_M2K_PER_W: Readonly<Record<Ground, number>> = {
  metal: 0,
  ice: 0.03,
  snow: 0.2,
  wood: 0.3,
  dryGround: 0.12,
  rock: 0.03,
  water: 0.005,
};

/** The same of seats; a bucket and a stool have air under them, a pad on a stand is 2 cm of foam (assumptions). */
export const SEAT_INSULATION_M2K_PER_W: Readonly<Record<Seat, number>> = {
  bucket: 0.12,
  stool: 0.11,
  log: GROUND_INSULATION_M2K_PER_W.wood,
  padOnStand: 0.4,
  metal: GROUND_INSULATION_M2K_PER_W.metal,
  ice: GROUND_INSULATION_M2K_PER_W.ice,
  snow: GROUND_INSULATION_M2K_PER_W.snow,
  rock: GROUND_INSULATION_M2K_PER_W.rock,
  dryGround: GROUND_INSULATION_M2K_PER_W.dryGround,
};

export const USUAL_ICE_THICKNESS_M = 0.3; // where the place does not say (assumption)
const SNOW_CONDUCTIVITY_W_PER_MK = 0.2; // settled snow (handbook value)
const CM_PER_M = 100;
const ICE_CONDUCTIVITY_W_PER_MK = 2.2;
const ICE_SURFACE_W_PER_M2K = 15; // convection and radiation over open ice (assumption)
/** Water in which one stands in the cold months, °C (assumption). */
export const WATER_STOOD_IN_C = 2;

/** What lies under a person, as far as it is known. */
export type GroundState = {
  readonly ground: Ground;
  /** Nothing said: what feet stand on; of who stands in water, a stool. */
  readonly seat?: Seat | undefined;
  readonly iceThicknessM?: number | undefined;
  readonly snowOnIceCm?: number | undefined;
};

export const GROUND_RANGE = { iceThicknessM: [0.03, 2], snowOnIceCm: [0, 100] } as const satisfies Record<
  string,
  Range
>;

const SEAT_ON: Readonly<Record<Ground, Seat>> = {
  metal: "metal",
  ice: "ice",
  snow: "snow",
  wood: "log",
  dryGround: "dryGround",
  rock: "rock",
  water: "stool",
};

/** What a person sits on here. */
export const seatOf = ({ seat, ground }: Pick<GroundState, "seat" | "ground">): Seat => seat ?? SEAT_ON[ground];

/**
 * Temperature of ice under a person, °C: it conducts from water at 0 °C below.
 * @source steady conduction through a sheet of ice and the snow on it
 */
function iceTemperatureC({ iceThicknessM, snowOnIceCm }: GroundState, airTemperatureC: number): number {
  const iceM2KPerW = (iceThicknessM ?? USUAL_ICE_THICKNESS_M) / ICE_CONDUCTIVITY_W_PER_MK;
  const snowM2KPerW = (snowOnIceCm ?? 0) / CM_PER_M / SNOW_CONDUCTIVITY_W_PER_MK;
  return Math.min(0, (airTemperatureC * iceM2KPerW) / (iceM2KPerW + snowM2KPerW + 1 / ICE_SURFACE_W_PER_M2K));
}

/**
 * Temperature of what lies under feet, °C. What a sole covers sees no sky: it follows the air, but for ice and water.
 */
export function groundTemperatureC(state: GroundState, airTemperatureC: number): number {
  if (state.ground === "water") return WATER_STOOD_IN_C;
  return state.ground === "ice" ? iceTemperatureC(state, airTemperatureC) : airTemperatureC;
}

/** Temperature of what a person sits on, °C, likewise. */
export const seatTemperatureC = (state: GroundState, airTemperatureC: number): number =>
  seatOf(state) === "ice" ? iceTemperatureC(state, airTemperatureC) : airTemperatureC;
