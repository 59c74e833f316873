import type { MaterialRead } from "../labels";
import type { Level, Limit, LimitPlace } from "../limits";
import type { Patch, Side } from "../patches";

// One step a click: verdict, limit, place on the body, stack, label, source.

/** A piece over the patch: its label, panel by panel. */
export type PieceTrace = {
  readonly pieceId: string;
  readonly name: string;
  readonly patch: Patch;
  /** Of the piece alone, flat, m²·K/W, and one standard deviation. */
  readonly insulationM2KPerW: number;
  readonly spreadM2KPerW: number;
  readonly coverShare: number;
  readonly materials: readonly MaterialRead[];
  /** Factors by which the materials' sum was multiplied. */
  readonly assemblyFactor: number;
  readonly loftKept: number;
  readonly source: string;
};

/** What lies over a patch, from the skin out. */
export type StackTrace = {
  readonly patch: Patch;
  readonly side: Side | null;
  /** From skin to surroundings as it was at the minute, and the clothing alone in still air, m²·K/W. */
  readonly totalM2KPerW: number;
  readonly stillM2KPerW: number;
  readonly touches: boolean;
  readonly leaks: boolean;
  /** By how much what is worn under a piece exceeds its room, mm. */
  readonly overfillMm: number;
  readonly pieces: readonly PieceTrace[];
  readonly source: string;
};

/** Heat to and from a finger, toe, nose, cheek or ear at the minute, W per m² of its skin. */
export type DigitFlows = {
  readonly temperatureC: number;
  readonly surroundingsC: number;
  readonly byBloodWPerM2: number | null;
  readonly fromBesideWPerM2: number | null;
  readonly lostWPerM2: number;
};

/** Heat of the whole body at the minute, W. */
export type BodyFlows = {
  readonly madeW: number;
  readonly shiveringW: number;
  readonly breathedW: number;
  readonly vapourW: number;
  readonly dryW: number;
  /** Where dry heat leaves most, the first the most. */
  readonly greatestLosses: readonly { readonly patch: Patch; readonly side: Side | null; readonly lostW: number }[];
};

export type LimitTrace = {
  readonly limit: Limit;
  readonly level: Level;
  readonly place: LimitPlace;
  readonly value: number | null;
  readonly unit: string;
  readonly source: string;
};

/** Why an answer is what it is, from the verdict down to label readings and sources. */
export type Trace =
  | { readonly kind: "longerThan"; readonly minutes: number; readonly why: string }
  | {
      readonly kind: "ended";
      readonly minutesStill: number;
      readonly limit: LimitTrace;
      readonly conditions: {
        readonly airTemperatureC: number;
        readonly radiantTemperatureC: number;
        readonly relativeWindMPerS: number;
        readonly groundTemperatureC: number;
        readonly activityRatio: number;
      };
      /** Of the digit that ended it; `null` where the whole body did. */
      readonly digit: DigitFlows | null;
      readonly body: BodyFlows;
      /** The digit's stack, or those of the greatest losses. */
      readonly stacks: readonly StackTrace[];
    };
