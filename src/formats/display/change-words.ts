import type { ChangeKind, Worth } from "@/core/changes";
import { plainNumber } from "./numbers";

type Names = (pieceId: string) => string;

const WORDS: Readonly<Record<ChangeKind, (names: readonly string[], id: string) => string>> = {
  wearPiece: ([piece]) => `wear ${piece} as well`,
  swapPiece: ([fresh, worn]) => `${fresh} instead of ${worn}`,
  seatPad: () => "a 15 mm foam pad to sit on",
  solePad: () => "a 15 mm foam pad under the feet",
  kneePad: () => "a 15 mm foam pad under the knees",
  sitDown: () => "sit instead of stand",
  closeOpening: (_, id) => `close the ${id.replace("close ", "")}`,
  partBackOn: ([piece]) => `${piece} with all its parts`,
  putOnEarlier: ([piece]) => `${piece} on 10 min earlier`,
  walkEveryHour: () => "walk 5 min every hour",
};

/** A change in words: "Fleece trousers 200 instead of Walking trousers". */
export function changeWords({ kind, pieceIds, id }: Worth["change"], nameOf: Names): string {
  const words = WORDS[kind](pieceIds.map(nameOf), id);
  return `${words.charAt(0).toUpperCase()}${words.slice(1)}`;
}

/** "+24 min", "at least +90 min", "−3 min". */
export function gainWords({ gainedMinutes, atLeast }: Worth): string {
  const sign = gainedMinutes > 0 ? "+" : "";
  return `${atLeast ? "at least " : ""}${sign}${plainNumber(gainedMinutes, 0)} min`;
}

/** "+350 g", "carries the same", "mass not known". */
export function addedMassWords({ addedMassG }: Worth["change"]): string {
  if (addedMassG === null) return "mass not known";
  if (addedMassG === 0) return "no extra mass";
  return `${addedMassG > 0 ? "+" : ""}${plainNumber(addedMassG, 0)} g`;
}
