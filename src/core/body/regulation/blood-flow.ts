import { clamp, powerOfTwo, scaled, tabulate } from "../../numeric";
import type { ErrorSignals } from "./error-signals";
import { SEGMENT_COUNT, SEGMENT_INDEX } from "../segments";
import { BASAL_SKIN_FLOW_L_PER_H, CONSTRICTION_SHARE, DILATION_AGE_FACTOR_FROM_60, DILATION_SHARE } from "../tables";
import { trunkMean } from "./trunk-mean";

const DILATION_HEAD_GAIN = 100.5;
const DILATION_SKIN_GAIN = 6.4;
const CONSTRICTION_GAIN = 10.8;
const FLOW_DOUBLING_K = 6;
const AGE_OF_DECREMENT_YEARS = 60;
const HAND_ANASTOMOSES_L_PER_H = 1.71;
const FOOT_ANASTOMOSES_L_PER_H = 2.16;
const OPENING_SKIN_GAIN_PER_K = 0.265;
const OPENING_CORE_GAIN_PER_K = 0.953;
const OPENING_AT_REST = 0.9126;
/** Offsets of the skin and core errors, K. */
const HAND_OFFSET_K = { skin: 0.43, core: 0.1905 };
const FOOT_OFFSET_K = { skin: -0.997, core: 0.0095 };

/** Skin blood flow of a person at rest, and how far each segment's dilates. */
export type SkinFlowOfPerson = { readonly basalLPerH: Float64Array; readonly dilationShare: Float64Array };

/** @source JOS-3, Takahashi et al. 2021 */
export const skinFlowOfPerson = (bloodRatio: number, ageYears: number): SkinFlowOfPerson => ({
  basalLPerH: scaled(BASAL_SKIN_FLOW_L_PER_H, bloodRatio),
  dilationShare: tabulate(SEGMENT_COUNT, (segment) => {
    const kept = ageYears >= AGE_OF_DECREMENT_YEARS ? DILATION_AGE_FACTOR_FROM_60[segment]! : 1;
    return DILATION_SHARE[segment]! * kept;
  }),
});

/**
 * Skin blood flow per segment, L/h, written into `out`.
 * @source JOS-3, Takahashi et al. 2021
 */
export function skinBloodFlow(out: Float64Array, errors: ErrorSignals, person: SkinFlowOfPerson): void {
  const { basalLPerH, dilationShare } = person;
  const { skinK } = errors;
  const net = errors.warm - errors.cold;
  const head = errors.coreK[0]!;
  const dilation = Math.max(0, DILATION_HEAD_GAIN * head + DILATION_SKIN_GAIN * net);
  const constriction = Math.max(0, -CONSTRICTION_GAIN * head - CONSTRICTION_GAIN * net);
  for (let segment = 0; segment < SEGMENT_COUNT; segment++) {
    const opened = 1 + dilationShare[segment]! * dilation;
    const closed = 1 + CONSTRICTION_SHARE[segment]! * constriction;
    out[segment] = (opened / closed) * basalLPerH[segment]! * powerOfTwo(skinK[segment]! * (1 / FLOW_DOUBLING_K));
  }
}

/** Flow through the arteriovenous anastomoses of one hand and of one foot, L/h. */
export type AnastomosesFlow = { handLPerH: number; footLPerH: number };

/**
 * @param openingPerTrunkK what a warm trunk adds to the opening, 1/K: 0 as published; the outing mode's K otherwise
 * @source JOS-3, Takahashi et al. 2021; the added term is an assumption of the outing mode (change 3)
 */
export function anastomosesFlow(
  out: AnastomosesFlow,
  errors: ErrorSignals,
  bloodRatio: number,
  openingPerTrunkK: number,
): void {
  const { coreK, meanSkinK } = errors;
  const trunkK = trunkMean(coreK[SEGMENT_INDEX.chest]!, coreK[SEGMENT_INDEX.back]!, coreK[SEGMENT_INDEX.pelvis]!);
  const workOpening = openingPerTrunkK * Math.max(0, trunkK);
  const opening = (offset: { skin: number; core: number }): number =>
    clamp(
      OPENING_SKIN_GAIN_PER_K * (meanSkinK + offset.skin) +
        OPENING_CORE_GAIN_PER_K * (trunkK + offset.core) +
        OPENING_AT_REST +
        workOpening,
      0,
      1,
    );
  out.handLPerH = HAND_ANASTOMOSES_L_PER_H * bloodRatio * opening(HAND_OFFSET_K);
  out.footLPerH = FOOT_ANASTOMOSES_L_PER_H * bloodRatio * opening(FOOT_OFFSET_K);
}
