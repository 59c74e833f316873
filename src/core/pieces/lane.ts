import { coveredPatches, type Label } from "@/core/labels";
import type { PieceKind } from "@/core/pieces/piece";
import type { Patch } from "@/core/patches";

/** Lanes of a day sheet from head to foot; what lies under seat and soles comes last. */
export const LANES = ["Head", "Neck", "Trunk", "Hands", "Legs", "Feet", "Under"] as const;
export type LaneName = (typeof LANES)[number];

const LANE_OF_KIND: Partial<Record<PieceKind, LaneName>> = {
  headwear: "Head",
  neckwear: "Neck",
  handwear: "Hands",
  footwear: "Feet",
  sock: "Feet",
  liner: "Feet",
  footbed: "Feet",
  pad: "Under",
};

const TRUNK_PATCHES: readonly Patch[] = ["chest", "back", "upperArm", "forearm"];

/** Packs and warmers run with what they lie in. */
const HEATED_LANES: readonly (readonly [Patch, LaneName])[] = [
  ["toes", "Feet"],
  ["sole", "Feet"],
  ["fingers", "Hands"],
  ["hand", "Hands"],
];

/** Lane of a piece: by its kind, garments by what they cover; a suit runs with the trunk. */
export function laneOf({ kind, label }: { readonly kind: PieceKind; readonly label: Label }): LaneName {
  const byKind = LANE_OF_KIND[kind];
  if (byKind) return byKind;
  if (kind === "heatSource") {
    const byPart = HEATED_LANES.find(([patch]) => coveredPatches(label).includes(patch));
    if (byPart) return byPart[1];
  }
  return coveredPatches(label).some((patch) => TRUNK_PATCHES.includes(patch)) ? "Trunk" : "Legs";
}
