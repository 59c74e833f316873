import { packedVolumeL, type KnownPiece } from "../dressing";
import type { Range } from "../errors";
import type { Trip } from "./trip";

// What a bag weighs and holds against its limit.

export const G_PER_KG = 1000;

/** What may go along; `null`: as much as is wanted. */
export type BagLimit = {
  readonly mostKg: number | null;
  readonly mostL: number | null;
  readonly mostPieces: number | null;
  /** Whether what one travels in counts: on foot it does, for a bag that is checked in it does not. */
  readonly countsWorn: boolean;
};
export const NO_BAG_LIMIT: BagLimit = { mostKg: null, mostL: null, mostPieces: null, countsWorn: false };
export const BAG_RANGE = { mostKg: [0.5, 100], mostL: [1, 400], mostPieces: [1, 200] } as const satisfies Record<
  string,
  Range
>;

export type BagLine = {
  readonly pieceId: string;
  /** `null`: not known. */
  readonly massG: number | null;
  readonly volumeL: number;
  /** Worn as the first day begins. */
  readonly isWorn: boolean;
};
export type Bag = {
  readonly lines: readonly BagLine[];
  /** Of what counts against the limit. */
  readonly massG: number;
  readonly volumeL: number;
  readonly pieces: number;
  readonly unknownMass: number;
  readonly fits: boolean;
};

/** Everything any day wears, each once. @param kit with what is known of mass and room */
export function bagOf({ days }: Pick<Trip, "days">, kit: readonly KnownPiece[], limit: BagLimit): Bag {
  const used = new Set(days.flatMap(({ wearings }) => wearings.map(({ pieceId }) => pieceId)));
  const atStart = new Set(
    days[0]?.wearings.filter(({ fromMinute }) => fromMinute === 0).map(({ pieceId }) => pieceId) ?? [],
  );
  const lines = kit
    .filter(({ id }) => used.has(id))
    .map((piece): BagLine => ({
      pieceId: piece.id,
      massG: piece.massG ?? null,
      volumeL: packedVolumeL({ massG: piece.massG ?? null, traits: piece.traits }),
      isWorn: atStart.has(piece.id),
    }));
  const counted = lines.filter(({ isWorn }) => limit.countsWorn || !isWorn);
  const massG = counted.reduce((sum, own) => sum + (own.massG ?? 0), 0);
  // What is worn takes no room.
  const volumeL = lines.reduce((sum, own) => sum + (own.isWorn ? 0 : own.volumeL), 0);
  const fits =
    massG <= (limit.mostKg ?? Infinity) * G_PER_KG &&
    volumeL <= (limit.mostL ?? Infinity) &&
    counted.length <= (limit.mostPieces ?? Infinity);
  const unknownMass = counted.filter((own) => own.massG === null).length;
  return { lines, massG, volumeL, pieces: counted.length, unknownMass, fits };
}
