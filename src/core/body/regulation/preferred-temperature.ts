import * as m from "@/messages";
import { CoreError } from "../../errors";
import { exponential } from "../../numeric";
import { KELVIN_AT_ZERO_C_ROUNDED, MET_W_PER_M2 } from "../../units";
import { breathingLoss } from "../exchange/breathing";
import { saturationPressureKPa } from "../exchange/saturation-pressure";

const AIR_SPEED_M_PER_S = 0.1;
const RELATIVE_HUMIDITY = 0.5;
const START_C = 28;
const VOTE_TOLERANCE = 0.001;
const STEPS_AT_MOST = 100;

/**
 * Predicted mean vote of a nude person in still air, as the published start of the body computes it: convection is
 * always the forced branch `12.1·√v` (a quirk of the published code, kept because agreement is the point).
 * @source ASHRAE Fundamentals 2017, chapter 9, equations 63–68
 */
function nudeVote(temperatureC: number, heatWPerM2: number): number {
  const vapourKPa = saturationPressureKPa(temperatureC) * RELATIVE_HUMIDITY;
  const convectionWPerM2K = 12.1 * Math.sqrt(AIR_SPEED_M_PER_S);
  // Nude: the clothing surface is the skin of Fanger's comfort equation, approached by the same halving as published.
  const comfortSkinC = 35.7 - 0.028 * heatWPerM2;
  let surfaceC = (34 + temperatureC) / 2;
  for (let step = 0; step < STEPS_AT_MOST; step++) {
    surfaceC = (comfortSkinC + surfaceC) / 2;
    if (Math.abs(comfortSkinC - surfaceC) < 0.0001) break;
  }
  const radiation =
    3.96e-8 * ((surfaceC + KELVIN_AT_ZERO_C_ROUNDED) ** 4 - (temperatureC + KELVIN_AT_ZERO_C_ROUNDED) ** 4);
  const convection = convectionWPerM2K * (surfaceC - temperatureC);
  const diffusion = 3.05 * (5.73 - 0.007 * heatWPerM2 - vapourKPa);
  const sweat = Math.max(0, 0.42 * (heatWPerM2 - MET_W_PER_M2));
  const breathing = breathingLoss(heatWPerM2, temperatureC, vapourKPa, "fixed-34");
  const load = heatWPerM2 - radiation - convection - diffusion - sweat - breathing.dry - breathing.moist;
  return (0.303 * exponential(-0.036 * heatWPerM2) + 0.028) * load;
}

/**
 * Operative temperature, °C, at which a nude person making this heat votes neutral.
 * @throws {CoreError} `not-converged` when no temperature is found within 100 steps
 * @source JOS-3's start (Takahashi et al. 2021)
 */
export function preferredTemperatureC(heatWPerM2: number): number {
  let temperatureC = START_C;
  for (let step = 0; step < STEPS_AT_MOST; step++) {
    const vote = nudeVote(temperatureC, heatWPerM2);
    if (Math.abs(vote) < VOTE_TOLERANCE) return temperatureC;
    temperatureC -= vote / 3;
  }
  throw new CoreError("not-converged", m.noNeutralTemperatureForWM({ heatWPerM2 }));
}
