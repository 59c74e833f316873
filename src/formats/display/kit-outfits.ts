import type { Kit, OutfitNumbers } from "@/core/wardrobe";

/** Outfits a map, a season or a table of a kit was found with, the lightest first, and where each is the one to wear. */
export type KitOutfits = {
  readonly kit: Kit;
  readonly outfits: readonly OutfitNumbers[];
  /** Outfit of each cell, day or row; `null` where none can be borne. */
  readonly wornAt: readonly (number | null)[];
};

/** Of the outfits only those that are worn anywhere, the lightest first; people call them by their place here, from 1. */
export const outfitsWorn = ({ wornAt }: Pick<KitOutfits, "wornAt">): readonly number[] =>
  [...new Set(wornAt)].filter((outfit) => outfit !== null).sort((one, other) => one - other);
