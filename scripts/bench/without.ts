import { readLabel } from "@/core/labels";
import { changeMinutes, type Outing } from "@/core/outing";

/** The same clothes of cloth that takes up no water. */
export const withoutWater = (of: Outing): Outing => ({
  ...of,
  pieces: of.pieces.map((piece) => ({
    ...piece,
    changeMinutes: changeMinutes(piece),
    label: {
      kind: "explicit",
      panels: readLabel(piece.label).map(({ patch, side, layers, coverShare, part }) => ({
        patches: [patch],
        side,
        coverShare,
        part: part ?? undefined,
        layers: layers.map((layer) => ({ ...layer, absorbingGPerM2: undefined })),
      })),
    },
  })),
});

/** The same clothes of nothing that stores heat. */
export const withoutStoredHeat = (of: Outing): Outing => ({
  ...of,
  pieces: of.pieces.map((piece) => ({ ...piece, massG: undefined })),
});
