import { laneOf } from "@/core/pieces";
import type { OutingFile } from "@/formats/outing-file/schema/outing-schema";
import type { WornPiece } from "@/formats/wire/logbook/logbook-view";

/** What was worn on an outing as it was kept. */
export const wornInFile = (file: OutingFile): WornPiece[] =>
  file.pieces.map((piece) => ({ id: piece.id, name: piece.name, lane: laneOf(piece) }));
