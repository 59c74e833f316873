import { assertInRange, type Range } from "../errors";

type ShelterFigures = {
  /** Share of the wind left by what stands around. */
  readonly windShare: number;
  /** Share of the sky a person there sees. */
  readonly skyShare: number;
  /** Roughness length of the ground, m: how fast the wind falls towards it. */
  readonly roughnessM: number;
};

/** Shelter of a site (assumptions): shares of the open wind and sky, and roughness lengths of the usual classes. */
export const SHELTER: Readonly<Record<"openIce" | "shore" | "edgeOfWood" | "insideWood" | "hide", ShelterFigures>> = {
  openIce: { windShare: 1, skyShare: 1, roughnessM: 0.001 },
  shore: { windShare: 0.8, skyShare: 1, roughnessM: 0.01 },
  edgeOfWood: { windShare: 0.5, skyShare: 0.6, roughnessM: 0.03 },
  insideWood: { windShare: 0.25, skyShare: 0.25, roughnessM: 0.03 },
  hide: { windShare: 0.1, skyShare: 0, roughnessM: 0.03 },
};
export type Shelter = keyof typeof SHELTER;

export const FORECAST_HEIGHT_M = 10;
/** Height of a person's chest above what they stand or sit on, m (assumption). */
export const BODY_HEIGHT_M = 1;
export const SEAT_HEIGHT_RANGE_M: Range = [0, 30];

/**
 * Share of the forecast's wind (10 m above open ground) that reaches a person's body.
 * @param seatHeightM height of the seat or platform above the ground, m, 0…30
 * @throws {CoreError} `out-of-range` for the height
 * @source logarithmic wind profile (any text on the surface layer); shares and roughness are assumptions
 */
export function windShareAtSeat(shelter: Shelter, seatHeightM: number): number {
  assertInRange("seatHeightM", seatHeightM, SEAT_HEIGHT_RANGE_M);
  const { windShare, roughnessM } = SHELTER[shelter];
  const heightM = seatHeightM + BODY_HEIGHT_M;
  const profile = Math.log(heightM / roughnessM) / Math.log(FORECAST_HEIGHT_M / roughnessM);
  return windShare * profile;
}

/** Air moving past a person who walks: from all sides over a walk (assumption). */
export const relativeWind = (windMPerS: number, walkSpeedMPerS: number): number =>
  Math.sqrt(windMPerS * windMPerS + walkSpeedMPerS * walkSpeedMPerS); // much faster than Math.hypot
