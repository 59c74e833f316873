import { SEGMENT_INDEX, type Segment } from "../body";

/** Small parts with a temperature of their own: what hurts first. */
export const DIGITS = ["leftFingers", "rightFingers", "leftToes", "rightToes", "nose", "cheeks", "ears"] as const;
export type Digit = (typeof DIGITS)[number];
export const DIGIT_COUNT = DIGITS.length;
/** Place of the nose: it lies under the cloth that is breathed on, the cheeks beside it. */
export const NOSE = DIGITS.indexOf("nose");

export type DigitKind = "finger" | "toe" | "nose" | "cheek" | "ear";

/** Where a digit grows, and whether its heat is drawn from the segment. */
type DigitPlace = { readonly kind: DigitKind; readonly segment: Segment; readonly shareDrawn: number };

/**
 * Fingers and toes take their heat from the segment by their share of its skin; nose, cheeks and ears are watched
 * only: their skin stays in the sum of the head.
 */
export const DIGIT_PLACE: Readonly<Record<Digit, DigitPlace>> = {
  leftFingers: { kind: "finger", segment: "leftHand", shareDrawn: 0.5 },
  rightFingers: { kind: "finger", segment: "rightHand", shareDrawn: 0.5 },
  leftToes: { kind: "toe", segment: "leftFoot", shareDrawn: 0.25 },
  rightToes: { kind: "toe", segment: "rightFoot", shareDrawn: 0.25 },
  nose: { kind: "nose", segment: "head", shareDrawn: 0 },
  cheeks: { kind: "cheek", segment: "head", shareDrawn: 0 },
  ears: { kind: "ear", segment: "head", shareDrawn: 0 },
};

/** Segment of each digit, as a place in arrays of 17. */
export const DIGIT_SEGMENT: readonly number[] = DIGITS.map((digit) => SEGMENT_INDEX[DIGIT_PLACE[digit].segment]);

/** What blood and flesh of a digit are like. */
export type DigitNature = {
  /** Heat capacity, J/(m²·K). */
  readonly capacityJPerM2K: number;
  /** Exchange with blood that constriction cannot close, W/(m²·K): about 1 mL/(100 mL·min). */
  readonly leastBloodWPerM2K: number;
  /** Weight of the anastomoses' flow. */
  readonly anastomosesWeight: number;
  /** Cold-induced vasodilation at its mean, W/(m²·K). */
  readonly coldDilationWPerM2K: number;
  /** Muscle pump of walking opens the toes. */
  readonly pumped: boolean;
};

/** Assumptions of the outing mode (docs/method.md), near the constricted minimum and the mean rewarming of the literature. */
export const DIGIT_NATURE: Readonly<Record<DigitKind, DigitNature>> = {
  finger: {
    capacityJPerM2K: 11_000,
    leastBloodWPerM2K: 2.4,
    anastomosesWeight: 2,
    coldDilationWPerM2K: 10,
    pumped: false,
  },
  toe: {
    capacityJPerM2K: 17_000,
    leastBloodWPerM2K: 2.8,
    anastomosesWeight: 1.5,
    coldDilationWPerM2K: 6,
    pumped: true,
  },
  nose: { capacityJPerM2K: 8_000, leastBloodWPerM2K: 8.5, anastomosesWeight: 0, coldDilationWPerM2K: 0, pumped: false },
  // The wind chill index of 2001 takes 0.091 m²·K/W from core to skin for the most susceptible 5 % of cheeks.
  cheek: {
    capacityJPerM2K: 14_000,
    leastBloodWPerM2K: 11.5,
    anastomosesWeight: 0,
    coldDilationWPerM2K: 0,
    pumped: false,
  },
  ear: { capacityJPerM2K: 8_000, leastBloodWPerM2K: 6, anastomosesWeight: 0, coldDilationWPerM2K: 0, pumped: false },
};

/** Blood flow of a person's digits over the model's, by what they are. */
export type FlowFactor = { readonly fingers: number; readonly toes: number; readonly face: number };
const FLOW_OF: Readonly<Record<DigitKind, keyof FlowFactor>> = {
  finger: "fingers",
  toe: "toes",
  nose: "face",
  cheek: "face",
  ear: "face",
};
export const flowFactorOf = (digit: Digit, factor: FlowFactor): number => factor[FLOW_OF[DIGIT_PLACE[digit].kind]];

/** Conduction from the rest of the hand, foot or head, W/(m²·K) (assumption). */
export const DIGIT_CONDUCTION_W_PER_M2K = 0.45;

/** Share of the toes' surface that rests on the sole's stack and the ground under it (assumption; 0.3–0.4). */
export const USUAL_SOLE_SHARE = 0.35;
