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
} from "@/core/pieces";
import type { KitPiece } from "@/formats/wire/kit/kit-view";

type Shown = {
  readonly words: string;
  readonly valueOf: (piece: KitPiece) => number | undefined;
  readonly textOf: (piece: KitPiece) => string;
};
type Scale =
  | "noise"
  | "odour"
  | "closureEase"
  | "stiffness"
  | "waterResistance"
  | "sideView"
  | "dexterity"
  | "traction"
  | "walkability";

const scale = (trait: Scale, words: string, steps: readonly string[]): Shown => ({
  words,
  valueOf: ({ traits }) => traits[trait],
  textOf: ({ traits }) => (traits[trait] === undefined ? "" : steps[traits[trait]]!),
});
type Flag = "isScentFree" | "itches" | "floats" | "isAnimalFree" | "isTethered";
const flag = (trait: Flag, words: string): Shown => ({
  words,
  valueOf: ({ traits }) => (traits[trait] === undefined ? undefined : traits[trait] ? 0 : 1),
  textOf: ({ traits }) => (traits[trait] ? "yes" : ""),
});

/** What a list of pieces may tell besides warmth, mass and price, and is sorted by: the best first. */
export const ALSO_SHOWN = {
  noise: scale("noise", "Noise", NOISE),
  isScentFree: flag("isScentFree", "Free of scent"),
  odour: scale("odour", "Smells", ODOUR),
  itches: flag("itches", "Itches"),
  sideView: scale("sideView", "View to the side", SIDE_VIEW),
  closureEase: scale("closureEase", "Closures in the cold", CLOSURE_EASE),
  stiffness: scale("stiffness", "In hard frost", STIFFNESS),
  waterResistance: scale("waterResistance", "Water", WATER_RESISTANCE),
  floats: flag("floats", "Floats"),
  isAnimalFree: flag("isAnimalFree", "Animal-free"),
  dexterity: scale("dexterity", "Fingers in it can", DEXTERITY),
  isTethered: flag("isTethered", "On a cord"),
  traction: scale("traction", "On snow and ice", TRACTION),
  walkability: scale("walkability", "Walked in", WALKABILITY),
} as const satisfies Record<string, Shown>;
export type AlsoShown = keyof typeof ALSO_SHOWN;
export const ALSO_SHOWN_KEYS = Object.keys(ALSO_SHOWN) as AlsoShown[];
