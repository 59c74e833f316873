import {
  TRAIT_FLAG_KEYS,
  TRAIT_FLAGS,
  TRAIT_SCALE_KEYS,
  traitScale,
  type TraitFlag,
  type TraitScale,
} from "@/formats/display/words/trait-words";
import type { KitPiece } from "@/formats/wire/kit/kit-view";

/** What a list of pieces may tell besides warmth, mass and price, and is sorted by: the best first. */
export type AlsoShown = TraitScale | TraitFlag;
export const ALSO_SHOWN_KEYS: readonly AlsoShown[] = [...TRAIT_SCALE_KEYS, ...TRAIT_FLAG_KEYS];

const isScale = (key: AlsoShown): key is TraitScale => TRAIT_SCALE_KEYS.includes(key as TraitScale);

export const alsoWords = (key: AlsoShown): string => (isScale(key) ? traitScale(key).words : TRAIT_FLAGS[key]);

/** To sort by: the step of a scale, 0 for what is so; `undefined` where nobody has said. */
export function alsoValue(key: AlsoShown, { traits }: KitPiece): number | undefined {
  if (isScale(key)) return traits[key];
  return traits[key] === undefined ? undefined : traits[key] ? 0 : 1;
}

export function alsoText(key: AlsoShown, { traits }: KitPiece): string {
  if (!isScale(key)) return traits[key] ? "yes" : "";
  const step = traits[key];
  return step === undefined ? "" : traitScale(key).steps[step]!;
}
