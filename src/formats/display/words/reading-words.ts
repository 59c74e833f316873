import { insulationFigure } from "../quantities";
import { readLabel, type Label } from "@/core/labels";
import type { Patch } from "@/core/patches";
import type { LaneName } from "@/core/pieces";
import { cloFromInsulation } from "@/core/units";
import { PATCH_WORDS } from "./body-words";

/** What a label comes to on patches that read alike. */
export type ReadingRow = {
  readonly parts: string;
  readonly patches: readonly Patch[];
  readonly insulationM2KPerW: number;
  readonly spreadM2KPerW: number;
  readonly clo: number;
  readonly spreadClo: number;
};

const SAME_CLO_DIGITS = 2;

/** A label read, patches that read alike together, the warmest first. */
export function readingRows(label: Label): ReadingRow[] {
  const groups = new Map<string, { patches: Patch[]; insulation: number; spread: number }>();
  for (const { patch, insulationM2KPerW, spreadM2KPerW } of readLabel(label)) {
    const key = `${cloFromInsulation(insulationM2KPerW).toFixed(SAME_CLO_DIGITS)} ${spreadM2KPerW.toFixed(3)}`;
    const group = groups.get(key) ?? { patches: [], insulation: insulationM2KPerW, spread: spreadM2KPerW };
    if (!group.patches.includes(patch)) group.patches.push(patch);
    groups.set(key, group);
  }
  return [...groups.values()]
    .map(({ patches, insulation, spread }) => ({
      parts: patches.map((patch) => PATCH_WORDS[patch]).join(", "),
      patches,
      insulationM2KPerW: insulation,
      spreadM2KPerW: spread,
      clo: cloFromInsulation(insulation),
      spreadClo: cloFromInsulation(spread),
    }))
    .sort((one, other) => other.insulationM2KPerW - one.insulationM2KPerW);
}

/** The patch a piece is warmest on, for lists. */
export const warmestClo = (label: Label): ReadingRow | null => readingRows(label)[0] ?? null;

/** The part that is cold first where a piece is worn, and what stands for it where the piece does not cover it. */
const MATTERS: Readonly<Record<LaneName, readonly Patch[]>> = {
  Head: ["ears", "scalp", "face"],
  Neck: ["neck"],
  Trunk: ["chest", "back", "belly"],
  Hands: ["fingers", "hand"],
  Legs: ["thigh", "knee", "calf"],
  Feet: ["toes", "sole"],
  Under: ["seat", "sole"],
};

/** What a piece reads on the part that matters where it is worn, and which part that is. */
export function cloThatMatters(
  label: Label,
  lane: LaneName,
): { readonly row: ReadingRow; readonly part: string } | null {
  const rows = readingRows(label);
  for (const patch of MATTERS[lane]) {
    const row = rows.find(({ patches }) => patches.includes(patch));
    if (row) return { row, part: PATCH_WORDS[patch] };
  }
  return rows[0] ? { row: rows[0], part: rows[0].parts } : null;
}

/** What a row reads with its spread, without its unit: "1.24 ± 0.12". */
export const readingFigure = ({ insulationM2KPerW, spreadM2KPerW }: ReadingRow): string =>
  `${insulationFigure(insulationM2KPerW, 2)} ± ${insulationFigure(spreadM2KPerW, 2)}`;
