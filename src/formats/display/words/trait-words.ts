import * as m from "@/messages";
import {
  CLOSURE_EASE,
  DEXTERITY,
  NOISE,
  ODOUR,
  SIDE_VIEW,
  STIFFNESS,
  TRACTION,
  WALKABILITY,
  WATER_RESISTANCE,
  type PieceKind,
} from "@/core/pieces";

type Scale = { readonly words: string; readonly steps: readonly string[]; readonly of?: PieceKind };

/** What no label prints and a sentence tells, step by step. Where one kind alone has it, that kind is named. */
export const TRAIT_SCALES = {
  dexterity: { words: m.fingersInItCan, steps: DEXTERITY, of: "handwear" },
  traction: { words: m.onSnowAndIce, steps: TRACTION, of: "footwear" },
  walkability: { words: m.walkedIn, steps: WALKABILITY, of: "footwear" },
  noise: { words: m.noise, steps: NOISE },
  waterResistance: { words: m.water, steps: WATER_RESISTANCE },
  stiffness: { words: m.inHardFrost, steps: STIFFNESS },
  odour: { words: m.smells, steps: ODOUR },
  closureEase: { words: m.closuresInTheCold, steps: CLOSURE_EASE },
  sideView: { words: m.viewToTheSide, steps: SIDE_VIEW, of: "headwear" },
} as const satisfies Record<string, Scale>;
export type TraitScale = keyof typeof TRAIT_SCALES;
export const TRAIT_SCALE_KEYS = Object.keys(TRAIT_SCALES) as TraitScale[];
export const traitScale = (trait: TraitScale): Scale => TRAIT_SCALES[trait];

/** What a piece is or is not. */
export const TRAIT_FLAGS = {
  isAnimalFree: m.animalFree2,
  isScentFree: m.keptFreeOfScent,
  itches: m.itches,
  floats: m.floats,
  opensOverBoots: m.opensOverBoots,
  isTethered: m.hangsOnACord,
  isHarness: m.isAHarness,
  hasStrapSlot: m.hasASlotForAHarness,
} as const;
export type TraitFlag = keyof typeof TRAIT_FLAGS;
export const TRAIT_FLAG_KEYS = Object.keys(TRAIT_FLAGS) as TraitFlag[];
