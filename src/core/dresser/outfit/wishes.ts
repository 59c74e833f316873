import type { Range } from "../../errors";
import { OUTING_RANGE } from "../../outing";
import type { KnownPiece } from "../../dressing";
import { SWEAT_STEPS_G_PER_M2 } from "../../opinion";
import type { Avoided } from "../../changes";

/** A piece that may be worn: of the kit, or one that could be got. */
export type DresserPiece = KnownPiece & {
  /** It is not in the kit: generic, with its price in the smallest unit of money where one is known. */
  readonly isGeneric?: boolean | undefined;
  readonly priceMinor?: number | null | undefined;
};

/** What is asked of the dresser; each wish has a usual answer, so that none need be said. */
export type Wishes = {
  /** How long the sit shall last; `null`: as long as possible. */
  readonly wantedMinutes: number | null;
  /** Share of cases between the ends of the range, by whose lower end an outfit is judged; 0: by its middle. */
  readonly sureShare: number;
  /** Worn or packed, all that goes to the seat. */
  readonly mostCarriedG: number | null;
  /** Room of what waits in the pack. */
  readonly mostPackedL: number | null;
  /** The loudest step of NOISE that is borne. */
  readonly mostNoise: number | null;
  /** What the fingers of the working hand have to be able to do in all that is on it, by DEXTERITY. */
  readonly workingHandDexterity: number | null;
  readonly heldIn: readonly string[];
  readonly leftOut: readonly string[];
  readonly avoids: readonly Avoided[];
  /** What is big and warm waits for the seat, whatever lasts longest: the rule of the trade. */
  readonly bigLayersWait: boolean;
  /** Water in the layers of the trunk on arrival. */
  readonly mostSweatGPerM2: number | null;
  /** For what is not in the kit, all together, in the smallest unit of money. */
  readonly mostCostMinor: number | null;
};

/** Eight cases of ten: what the range of a day sheet says (assumption). */
export const USUAL_SURE_SHARE = 0.8;

export const USUAL_WISHES: Wishes = {
  wantedMinutes: null,
  sureShare: USUAL_SURE_SHARE,
  mostCarriedG: null,
  mostPackedL: null,
  mostNoise: null,
  workingHandDexterity: null,
  heldIn: [],
  leftOut: [],
  avoids: [],
  bigLayersWait: false,
  mostSweatGPerM2: SWEAT_STEPS_G_PER_M2.wet,
  mostCostMinor: null,
};

/** How much may be wished. */
export const WISH_RANGE = {
  wantedMinutes: [10, 1440],
  sureShare: [0, 0.98],
  mostCarriedG: [0, 60_000],
  mostPackedL: [0, 200],
  mostSweatGPerM2: [0, 1000],
  mostNoise: OUTING_RANGE.pieceScale,
  workingHandDexterity: OUTING_RANGE.dexterity,
  mostCostMinor: [0, 100_000_000],
} as const satisfies Record<string, Range>;
