import * as m from "@/messages";
import type { Choice } from "@/stores/bench/bench";

/** Value of "none". */
export const NONE = "";

/** Pieces to choose from, generic ones marked. */
export const pieceOptions = (choices: readonly Choice[], none: string): [string, string][] => [
  [NONE, none],
  ...choices.map(({ piece, isOwn }): [string, string] => [
    piece.id,
    isOwn ? piece.name : m.generic({ name: piece.name }),
  ]),
];
