import type { PieceMinutes } from "@/core/bench";
import type { OutingView } from "@/formats/wire/outing/outing-view";
import type { Piece } from "@/core/pieces";
import { workerFor } from "@/workers/simulate-client";
import { beginBench, createColumns } from "./bench";

/** Pieces tried alone and in an outfit, a column each. */
export const tried = createColumns<Piece, PieceMinutes>((setting, piece) => workerFor("answer").piece(setting, piece));

/** Begins with an outing's person, clothes and weather. */
export function beginPieceBench(view: OutingView, pieces: readonly Piece[]): void {
  beginBench(view, () => false);
  tried.begin(pieces);
}
