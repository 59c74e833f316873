import { isDeepStrictEqual } from "node:util";
import type { Layer } from "@/core/clothing";
import { readLabel } from "@/core/labels";
import { changeMinutes } from "@/core/dressing";
import { computedTraitsOf, type Piece } from "@/core/pieces";
import { type Outing, totalMinutes } from "@/core/outing";
import type { Patch } from "@/core/patches";
import { starterPiece } from "@/core/starter-kit";

// An outing with one effect of the model left out, or with one put in: what each costs.

const withPieces = (of: Outing, change: (piece: Piece) => Piece): Outing => ({ ...of, pieces: of.pieces.map(change) });

/** The same layers over each patch, some of them changed. */
const withLayers = (of: Outing, change: (layer: Layer, patch: Patch) => Layer): Outing =>
  withPieces(of, (piece) => ({
    ...piece,
    changeMinutes: changeMinutes(piece),
    label: {
      kind: "explicit",
      panels: readLabel(piece.label).map(({ patch, side, layers, coverShare, part }) => ({
        patches: [patch],
        side,
        coverShare,
        part: part ?? undefined,
        layers: layers.map((layer) => change(layer, patch)),
      })),
    },
  }));

/** The same clothes of cloth that takes up no water. */
export const withoutWater = (of: Outing): Outing =>
  withLayers(of, (layer) => ({ ...layer, absorbingGPerM2: undefined }));

/** The same clothes, those over the face of cloth that takes up no breath. */
export const withoutBreath = (of: Outing): Outing =>
  withLayers(of, (layer, patch) => (patch === "face" ? { ...layer, absorbingGPerM2: undefined } : layer));

/** The same clothes of nothing that stores heat. */
export const withoutStoredHeat = (of: Outing): Outing => withPieces(of, (piece) => ({ ...piece, massG: undefined }));

/** Clothes that are changed in no time. */
export const withoutChanging = (of: Outing): Outing => withPieces(of, (piece) => ({ ...piece, changeMinutes: 0 }));

/** No task, no break within a phase. */
export const withoutTasks = (of: Outing): Outing => ({
  ...of,
  phases: of.phases.map((phase) => ({ ...phase, recurring: undefined })),
});

/** Weather whose sky is not known: surroundings as warm as the air. */
export const withoutSky = (of: Outing): Outing => ({
  ...of,
  weather: of.weather.map((hour) => ({ ...hour, cloudShare: null })),
});

/** Toe packs and a heated vest, on all the time. */
export function withHeat(of: Outing): Outing {
  const toMinute = totalMinutes(of.phases);
  const pieces = (["toePacks", "heatedVest"] as const).map((key): Piece => {
    const { traits = {}, massG, fingersTogether = false, ...own } = starterPiece(key);
    return { id: `added ${key}`, ...own, fingersTogether, massG: massG ?? undefined, ...computedTraitsOf(traits) };
  });
  return {
    ...of,
    pieces: [...of.pieces, ...pieces],
    wearings: [
      ...of.wearings,
      ...pieces.map(({ id }, index) => ({
        pieceId: id,
        side: "both" as const,
        rank: 15 + index,
        fromMinute: 0,
        toMinute,
        heat: [{ fromMinute: 0, toMinute, level: 1 }],
      })),
    ],
  };
}

/** Rows of the bench: the outing so changed. @throws {Error} where nothing changed, so that no row measures nothing */
export const EFFECTS: readonly (readonly [name: string, change: (of: Outing) => Outing])[] = (
  [
    ["no water in the clothes", withoutWater],
    ["no breath in the face cover", withoutBreath],
    ["no heat stored in them", withoutStoredHeat],
    ["clothes changed in no time", withoutChanging],
    ["no tasks", withoutTasks],
    ["no sky", withoutSky],
    ["with packs and a heated vest", withHeat],
  ] as const
).map(([name, change]) => [
  name,
  (of) => {
    const changed = change(of);
    if (isDeepStrictEqual(changed, of)) throw new Error(`"${name}" changes nothing in this outing`);
    return changed;
  },
]);
