import { saturationPressureKPa, saturationSlopeKPaPerK } from "../body";
import { ORDINARY_VAPOUR_INDEX } from "../clothing";
import { LEWIS_K_PER_KPA } from "../units";
import type { BreathPlan } from "./water-plan";
import { LATENT_J_PER_G, LOST_UP_TO, MOST_PER_MASS } from "./water-properties";

/** Share of the breath's vapour and warmth that stays in a cloth over the mouth, over breathing out and in (assumption). */
export const BREATH_KEPT = 0.1;
/** Share of the face over which breath meets the cloth: mouth and nose (assumption). */
export const BREATHED_SHARE = 0.2;
const MOST_ROUNDS = 12;
/** Of what saturation pressure is known for. */
const COLDEST_C = -60;
const WITHIN_K = 1e-3;

/** Breath, and the cloth that it meets. */
export type Breathed = {
  /** Heat of the whole breath as vapour and as warmth, W. */
  moistW: number;
  dryW: number;
  /** Skin under the cloth that breath meets, m². */
  breathedM2: number;
  skinC: number;
  operativeC: number;
  /** Of the clothing there alone, as wet as it is, and of the air outside it, m²·K/W. */
  clothingM2KPerW: number;
  airM2KPerW: number;
  airVapourM2KPaPerW: number;
  vapourPressureKPa: number;
};

/** What a step does to the cloth, per m² of what is breathed on. */
export type BreathMoved = {
  /** Heat that reaches the skin by it, W/m². */
  skinWPerM2: number;
  /** Water that it holds afterwards, and that came, dried and dripped meanwhile, g/m². */
  heldG: number;
  takenG: number;
  driedG: number;
  drippedG: number;
};

/**
 * Breath in the cloth over the mouth: a share of it condenses and is set free on its cold side, a plane, and dries outwards
 * again.
 * @param out is written
 * @param heldG water in the cloth, g/m²
 * @param stepS time that passes, s, above nothing
 * @source balance of heat and vapour in one plane (as EN ISO 13788 has it); the share that stays is an assumption
 */
export function moveBreath(out: BreathMoved, plan: BreathPlan, at: Breathed, heldG: number, stepS: number): void {
  const perM2 = (BREATH_KEPT * plan.coverShare) / at.breathedM2;
  const moist = at.moistW * perM2;
  const brought = moist + at.dryW * perM2;
  const inwards = at.clothingM2KPerW * plan.innerShare;
  const outwards = at.clothingM2KPerW - inwards + at.airM2KPerW;
  const most = moist + (heldG * LATENT_J_PER_G) / stepS;
  const dries = driesAtMost(most, plan, at, brought, inwards, outwards);
  const after = Math.max(0, heldG + ((moist - dries) * stepS) / LATENT_J_PER_G);
  out.skinWPerM2 = (brought - dries) * (outwards / (inwards + outwards));
  out.heldG = Math.min(plan.massGPerM2 * MOST_PER_MASS, after);
  out.takenG = (moist * stepS) / LATENT_J_PER_G;
  out.driedG = (dries * stepS) / LATENT_J_PER_G;
  out.drippedG = after - out.heldG;
}

/** Vapour's way outwards: what lies outside, what the outer face keeps back more than ordinary cloth, the air, m²·kPa/W. */
function vapourOutwards({ vapourIndex, innerShare, dryShare }: BreathPlan, at: Breathed): number {
  const keptBack = dryShare * Math.max(0, 1 / vapourIndex - 1 / ORDINARY_VAPOUR_INDEX);
  return (at.clothingM2KPerW * ((1 - innerShare) / vapourIndex + keptBack)) / LEWIS_K_PER_KPA + at.airVapourM2KPaPerW;
}

/** What dries outwards from the plane where it is wet, W/m² of latent heat, of `most` that there is. */
function driesAtMost(
  most: number,
  plan: BreathPlan,
  at: Breathed,
  broughtWPerM2: number,
  inwards: number,
  outwards: number,
): number {
  const perKelvin = 1 / inwards + 1 / outwards;
  const dryC = (at.skinC / inwards + at.operativeC / outwards + broughtWPerM2) / perKelvin;
  const vapourM2KPaPerW = vapourOutwards(plan, at);
  // If more would dry even as cold as the plane is when all of it does, all of it does.
  const allDriesC = Math.max(COLDEST_C, dryC - most / perKelvin);
  if (saturationPressureKPa(allDriesC) - at.vapourPressureKPa >= most * vapourM2KPaPerW) return most;
  let clothC = dryC; // Newton comes to the root from above
  for (let round = 0; round < MOST_ROUNDS; round++) {
    const saturatedKPa = saturationPressureKPa(clothC);
    const dries = (saturatedKPa - at.vapourPressureKPa) / vapourM2KPaPerW;
    const byK =
      ((dryC - clothC) * perKelvin - dries) /
      (perKelvin + saturationSlopeKPaPerK(clothC, saturatedKPa) / vapourM2KPaPerW);
    clothC += byK;
    if (Math.abs(byK) < WITHIN_K) break;
  }
  return Math.max(0, (dryC - clothC) * perKelvin);
}

/** Share of its dry insulation that the clothing over mouth and nose keeps. */
export const mouthKeptShare = (plan: BreathPlan, heldG: number): number =>
  1 - plan.dryShare * plan.lossAtOwnMass * Math.min(LOST_UP_TO, heldG / plan.massGPerM2);
