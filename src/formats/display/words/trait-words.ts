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
  dexterity: { words: "Fingers in it can", steps: DEXTERITY, of: "handwear" },
  traction: { words: "On snow and ice", steps: TRACTION, of: "footwear" },
  walkability: { words: "Walked in", steps: WALKABILITY, of: "footwear" },
  noise: { words: "Noise", steps: NOISE },
  waterResistance: { words: "Water", steps: WATER_RESISTANCE },
  stiffness: { words: "In hard frost", steps: STIFFNESS },
  odour: { words: "Smells", steps: ODOUR },
  closureEase: { words: "Closures in the cold", steps: CLOSURE_EASE },
  sideView: { words: "View to the side", steps: SIDE_VIEW, of: "headwear" },
} as const satisfies Record<string, Scale>;
export type TraitScale = keyof typeof TRAIT_SCALES;
export const TRAIT_SCALE_KEYS = Object.keys(TRAIT_SCALES) as TraitScale[];
export const traitScale = (trait: TraitScale): Scale => TRAIT_SCALES[trait];

/** What a piece is or is not. */
export const TRAIT_FLAGS = {
  isAnimalFree: "animal-free",
  isScentFree: "kept free of scent",
  itches: "itches",
  floats: "floats",
  opensOverBoots: "opens over boots",
  isTethered: "hangs on a cord",
  isHarness: "is a harness",
  hasStrapSlot: "has a slot for a harness strap",
} as const;
export type TraitFlag = keyof typeof TRAIT_FLAGS;
export const TRAIT_FLAG_KEYS = Object.keys(TRAIT_FLAGS) as TraitFlag[];
