import type { z } from "zod";
import type { DresserPiece } from "@/core/dresser";
import { computedTraitsOf } from "@/core/pieces";
import type { fileKitPieceSchema } from "./schema/piece-schema";

/** The pieces of a file's kit as the dresser takes them. */
export const dresserKitOf = (kit: readonly z.infer<typeof fileKitPieceSchema>[]): DresserPiece[] =>
  kit.map(({ id, name, kind, label, fingersTogether, massG, isGeneric, priceMinor, ...traits }) => ({
    id,
    name,
    kind,
    label,
    fingersTogether,
    massG,
    isGeneric,
    priceMinor,
    traits,
    ...computedTraitsOf(traits),
  }));
