import { computed } from "nanostores";
import { MOST_SOCKS, type FootAnswer, type FootSystem } from "@/core/bench";
import { KIND_TABLE, type Piece, type PieceKind } from "@/core/pieces";
import type { OutingView } from "@/formats/wire/outing/outing-view";
import { workerFor } from "@/workers/simulate-client";
import { $choices, beginBench, chosenPiece, createColumns, type Choice } from "./bench";

/** What is chosen for one column, by the pieces' ids. */
export type FootColumn = {
  readonly boot: string | null;
  readonly socks: readonly string[];
  readonly footbed: string | null;
  readonly gaiter: string | null;
  readonly under: string | null;
};

const isOnTheFeet = (kind: PieceKind): boolean => KIND_TABLE[kind].lane === "Feet";
const FIRST_BOOTS = 3;

const isUnderSoles = ({ kind, label }: Piece): boolean =>
  KIND_TABLE[kind].liesUnder && label.panels.some(({ patches }) => patches.includes("sole"));
/** What goes over boot and shin and leaves sole and thigh alone. */
const isGaiter = ({ kind, label }: Piece): boolean =>
  (kind === "garment" || kind === "protection") &&
  label.panels.some(({ patches }) => patches.includes("footUpper")) &&
  !label.panels.some(({ patches }) => patches.includes("thigh") || patches.includes("sole"));

/** Pieces that can be chosen for a place: own first. */
export const $byPlace = computed($choices, (choices) => {
  const those = (is: (piece: Piece) => boolean): Choice[] => choices.filter(({ piece }) => is(piece));
  return {
    boots: those(({ kind }) => kind === "footwear"),
    socks: those(({ kind }) => kind === "sock" || kind === "liner"),
    footbeds: those(({ kind }) => kind === "footbed"),
    gaiters: those(isGaiter),
    pads: those(isUnderSoles),
  };
});

const systemOf = ({ boot, socks, footbed, gaiter, under }: FootColumn): FootSystem => ({
  boot: chosenPiece(boot),
  socks: socks.flatMap((id) => chosenPiece(id) ?? []),
  footbed: chosenPiece(footbed),
  gaiter: chosenPiece(gaiter),
  under: chosenPiece(under),
});

export const feet = createColumns<FootColumn, FootAnswer>((setting, column) =>
  workerFor("answer").feet(setting, systemOf(column)),
);

/** Begins with an outing's clothes and its three likeliest boots, each with the socks the outing wears. */
export function beginFootBench(view: OutingView): void {
  const worn = beginBench(view, (piece) => isOnTheFeet(piece.kind) || isUnderSoles(piece) || isGaiter(piece));
  const { boots, socks } = $byPlace.get();
  const isSock = new Set(socks.map(({ piece }) => piece.id));
  const wornSocks = worn.filter((id) => isSock.has(id)).slice(0, MOST_SOCKS);
  const names = new Set<string>();
  const different = boots.filter(({ piece: { name } }) => !names.has(name) && names.add(name));
  feet.begin(
    different.slice(0, FIRST_BOOTS).map(({ piece }) => ({
      boot: piece.id,
      socks: wornSocks.length > 0 ? wornSocks : socks.slice(0, 1).map((sock) => sock.piece.id),
      footbed: null,
      gaiter: null,
      under: null,
    })),
  );
}
