import { readLabel } from "../../labels";
import { PATCHES, type Patch } from "../../patches";
import { KIND_TABLE } from "../../pieces";
import { PLACEMENT, type OutfitCode } from "./outfit-code";
import type { DresserPiece } from "./wishes";

/** On the way, or at the seat. */
export type DressedTime = "way" | "seat";
const ON: Readonly<Record<DressedTime, readonly number[]>> = {
  way: [PLACEMENT.start, PLACEMENT.way],
  seat: [PLACEMENT.start, PLACEMENT.seat],
};

/** Insulation of what an outfit has over each part of the body, as labels say it, m²·K/W; air between not counted. */
export function insulationOn(kit: readonly DresserPiece[], code: OutfitCode, time: DressedTime): Record<Patch, number> {
  const sums = Object.fromEntries(PATCHES.map((patch) => [patch, 0])) as Record<Patch, number>;
  kit.forEach(({ kind, label }, index) => {
    if (!ON[time].includes(code[index]!) || KIND_TABLE[kind].liesUnder) return;
    for (const { patch, insulationM2KPerW, coverShare } of readLabel(label))
      sums[patch] += insulationM2KPerW * coverShare;
  });
  return sums;
}

/** How many layers of an outfit lie over the chest. */
export const trunkLayersOn = (kit: readonly DresserPiece[], code: OutfitCode, time: DressedTime): number =>
  kit.filter(
    ({ kind, label }, index) =>
      kind === "garment" && ON[time].includes(code[index]!) && readLabel(label).some(({ patch }) => patch === "chest"),
  ).length;
