import { computed } from "nanostores";
import { MOST_COLUMNS, type HandAnswer } from "@/core/bench";
import type { OutingView } from "@/formats/wire/outing/outing-view";
import { workerFor } from "@/workers/simulate-client";
import { $choices, beginBench, chosenPiece, createColumns } from "./bench";

/** Handwear of one column from the skin out, by the pieces' ids. */
export type HandColumn = readonly string[];

/** Handwear that can be tried: own first. */
export const $handwear = computed($choices, (choices) => choices.filter(({ piece }) => piece.kind === "handwear"));

export const hands = createColumns<HandColumn, HandAnswer>((setting, column) =>
  workerFor("answer").hands(
    setting,
    column.flatMap((id) => chosenPiece(id) ?? []),
  ),
);

/** Begins with what the outing wears on its hands: glove in mitt, mitt alone, and its other gloves. */
export function beginHandBench(view: OutingView): void {
  const worn = beginBench(view, ({ kind }) => kind === "handwear");
  const isMitt = (id: string): boolean => chosenPiece(id)?.fingersTogether ?? false;
  const [mitt] = worn.filter(isMitt);
  const gloves = worn.filter((id) => !isMitt(id));
  const usual = $handwear
    .get()
    .slice(0, 1)
    .map(({ piece }) => piece.id);
  const columns = mitt
    ? [[...gloves.slice(0, 1), mitt], [mitt], ...gloves.slice(1).map((glove) => [glove])]
    : gloves.map((glove) => [glove]);
  hands.begin((columns.length > 0 ? columns : [usual]).slice(0, MOST_COLUMNS));
}
