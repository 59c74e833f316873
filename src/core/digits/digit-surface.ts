import { exponential } from "../numeric";
import type { DigitKind } from "./digit";

// Air near 0 °C.
const KINEMATIC_VISCOSITY_M2_PER_S = 1.36e-5;
const AIR_CONDUCTIVITY_W_PER_MK = 0.0245;
const PRANDTL = 0.713;
const LEAST_WIND_M_PER_S = 0.1;
export const LEAST_CONVECTION_W_PER_M2K = 4.5; // natural convection of a small body (assumption)
/** Radiation of a digit, W/(m²·K) (assumption: emissivity near 1 at about 0 °C). */
export const DIGIT_RADIATION_W_PER_M2K = 4.5;

const HEAD_DIAMETER_M = 0.15;
const CHEEK_ANGLE_SHARE = 50 / 90; // cheek lies 50° off the wind; the front stagnation formula fades with angle

/** Width of what the wind meets, m (assumptions). */
export const DIAMETER_M = { finger: 0.016, mitt: 0.056, toe: 0.07, nose: 0.025, ear: 0.025 } as const;
export type SurfaceShape = keyof typeof DIAMETER_M | "cheek";

/** Shape of a digit's outer surface; fingers in a mitt share one. */
export const surfaceShape = (kind: DigitKind, inMitt: boolean): SurfaceShape =>
  kind === "finger" && inMitt ? "mitt" : kind;

/** What of Churchill & Bernstein's formula depends on the air alone. */
const PRANDTL_TERM = (0.62 * Math.cbrt(PRANDTL)) / (1 + (0.4 / PRANDTL) ** (2 / 3)) ** 0.25;

/**
 * Convection of a cylinder in cross-flow, W/(m²·K).
 * @source Churchill & Bernstein 1977, J. Heat Transfer 99:300
 */
export function crossFlowConvection(windMPerS: number, diameterM: number): number {
  const reynolds = (Math.max(windMPerS, LEAST_WIND_M_PER_S) * diameterM) / KINEMATIC_VISCOSITY_M2_PER_S;
  const turbulence = reynolds / 282_000;
  // turbulence^(5/8) by square roots; (1 + …)^(4/5) by its logarithm
  const root = Math.sqrt(turbulence);
  const grown = 1 + root * Math.sqrt(Math.sqrt(root));
  const nusselt = 0.3 + PRANDTL_TERM * Math.sqrt(reynolds) * exponential(0.8 * Math.log(grown));
  return (nusselt * AIR_CONDUCTIVITY_W_PER_MK) / diameterM;
}

/** Convection at the cheek, W/(m²·K). @source laminar stagnation flow on a cylinder, off the front by angle */
function cheekConvection(windMPerS: number): number {
  const reynolds = (Math.max(windMPerS, LEAST_WIND_M_PER_S) * HEAD_DIAMETER_M) / KINEMATIC_VISCOSITY_M2_PER_S;
  const nusselt = 1.14 * Math.sqrt(reynolds) * PRANDTL ** 0.4 * (1 - CHEEK_ANGLE_SHARE ** 3);
  return (nusselt * AIR_CONDUCTIVITY_W_PER_MK) / HEAD_DIAMETER_M;
}

/** Convection at a digit's outer surface, W/(m²·K), never below that of still air. */
export function digitConvection(shape: SurfaceShape, windMPerS: number): number {
  const forced = shape === "cheek" ? cheekConvection(windMPerS) : crossFlowConvection(windMPerS, DIAMETER_M[shape]);
  return Math.max(forced, LEAST_CONVECTION_W_PER_M2K);
}
