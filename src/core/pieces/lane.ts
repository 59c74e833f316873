import { coveredPatches, type Label } from "../labels";
import type { Patch } from "../patches";
import { KIND_TABLE, type LaneName, type PieceKind } from "./kind-table";

const TRUNK_PATCHES: readonly Patch[] = ["chest", "back", "upperArm", "forearm"];

const HEAD_PATCHES: readonly Patch[] = ["scalp", "ears", "face"];

/** Packs and warmers run with what they lie in. */
const HEATED_LANES: readonly (readonly [Patch, LaneName])[] = [
  ["toes", "Feet"],
  ["sole", "Feet"],
  ["fingers", "Hands"],
  ["hand", "Hands"],
];

/** Lane of a piece: by its kind, garments by what they cover; a suit runs with the trunk. */
export function laneOf({ kind, label }: { readonly kind: PieceKind; readonly label: Label }): LaneName {
  const byKind = KIND_TABLE[kind].lane;
  if (byKind) return byKind;
  if (kind === "heatSource") {
    const byPart = HEATED_LANES.find(([patch]) => coveredPatches(label).includes(patch));
    if (byPart) return byPart[1];
  }
  const covered = coveredPatches(label);
  if (covered.some((patch) => TRUNK_PATCHES.includes(patch))) return "Trunk";
  return covered.some((patch) => HEAD_PATCHES.includes(patch)) ? "Head" : "Legs";
}
