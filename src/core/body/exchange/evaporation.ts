import { powerOfTwo, tabulate } from "../../numeric";
import type { ErrorSignals } from "../regulation/error-signals";
import { saturationPressureKPa } from "./saturation-pressure";
import { SEGMENT_COUNT } from "../segments";
import type { SkinExchange } from "./skin-exchange";
import { SWEAT_AGE_FACTOR_FROM_60, SWEAT_SHARE } from "../tables";

const HEAD_CORE_GAIN_W_PER_K = 371.2;
const SKIN_GAIN_W_PER_K = 33.64;
/** Share of dry skin that counts as wet by diffusion (JOS-3). */
export const DIFFUSION_WETTEDNESS = 0.06;
const AGE_OF_DECREMENT_YEARS = 60;
const SWEAT_DOUBLING_K = 10;

/** Vapour leaving the skin, per segment. */
export type SkinVapour = {
  /** Heat taken by evaporation, W. */
  readonly heatW: Float64Array;
  /** Sweat's share of wetted skin with diffusion, 0…1. */
  readonly wettedness: Float64Array;
  /** Sweat beyond what wet skin can give off, W of latent heat: it drips. The published body lets it vanish. */
  readonly dripsW: Float64Array;
};

export const createSkinVapour = (): SkinVapour => ({
  heatW: new Float64Array(SEGMENT_COUNT),
  wettedness: new Float64Array(SEGMENT_COUNT),
  dripsW: new Float64Array(SEGMENT_COUNT),
});

/** Share of the sweat signal per segment at an age, W of the person's own surface. @source JOS-3, Takahashi et al. 2021 */
export const sweatShareAt = (ageYears: number, surfaceRatio: number): Float64Array =>
  tabulate(SEGMENT_COUNT, (segment) => {
    const kept = ageYears >= AGE_OF_DECREMENT_YEARS ? SWEAT_AGE_FACTOR_FROM_60[segment]! : 1;
    return SWEAT_SHARE[segment]! * kept * surfaceRatio;
  });

/**
 * Sweating and diffusion through the skin, written into `out`.
 * @param sweatShare from `sweatShareAt`
 * @source JOS-3, Takahashi et al. 2021
 */
export function evaporation(
  out: SkinVapour,
  errors: ErrorSignals,
  skinC: Float64Array,
  exchange: SkinExchange,
  sweatShare: Float64Array,
): void {
  const { vapourPressureKPa, vapourConductanceWPerKPa } = exchange;
  const { heatW, wettedness, dripsW } = out;
  const signalW = HEAD_CORE_GAIN_W_PER_K * errors.coreK[0]! + SKIN_GAIN_W_PER_K * (errors.warm - errors.cold);
  for (let segment = 0; segment < SEGMENT_COUNT; segment++) {
    const greatestW =
      (saturationPressureKPa(skinC[segment]!) - vapourPressureKPa[segment]!) * vapourConductanceWPerKPa[segment]!;
    let wetted = DIFFUSION_WETTEDNESS;
    let drips = 0;
    if (signalW > 0) {
      const sweatW = sweatShare[segment]! * signalW * powerOfTwo(errors.skinK[segment]! * (1 / SWEAT_DOUBLING_K));
      wetted = Math.min(1, DIFFUSION_WETTEDNESS + (1 - DIFFUSION_WETTEDNESS) * (sweatW / greatestW));
      drips = Math.max(0, sweatW - greatestW);
    }
    dripsW[segment] = drips;
    wettedness[segment] = wetted;
    heatW[segment] = wetted * greatestW;
  }
}

/** Heat by which JOS-3 counts the mass that leaves the skin, W: evaporated sweat, and diffusion as if all skin were dry. */
export const massCountedW = ({ heatW, wettedness }: SkinVapour): number =>
  heatW.reduce((total, heat, segment) => {
    const wetted = wettedness[segment]!;
    const evaporatedSweat = (wetted - DIFFUSION_WETTEDNESS) / (1 - DIFFUSION_WETTEDNESS);
    return total + ((evaporatedSweat + DIFFUSION_WETTEDNESS) * heat) / wetted;
  }, 0);
