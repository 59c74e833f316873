import { coveredMask, coveredPatches } from "../labels";
import type { Wearing } from "../outing";
import { KIND_TABLE, PIECE_KINDS, type Piece, type PieceKind } from "../pieces";
import { isNextToSkin } from "./usual-wearing";

// What changing clothes out there takes: minutes, layers off meanwhile, bare hands. Common practice, no source.

const NEXT_TO_SKIN_MINUTES = 4;
const LEGWEAR_MINUTES = 3;
const UPPER_MINUTES = 1;
const MOST_MINUTES = 12;
/** All of these, for the page that tells how it is computed. */
export const CHANGE_MINUTES_SAID: readonly (readonly [what: string, minutes: number])[] = [
  ...PIECE_KINDS.flatMap((kind): [string, number][] => {
    const minutes = KIND_TABLE[kind].changeMinutes;
    return minutes ? [[kind, minutes]] : [];
  }),
  ["next to the skin", NEXT_TO_SKIN_MINUTES],
  ["legwear", LEGWEAR_MINUTES],
  ["jacket", UPPER_MINUTES],
];
/** Zips, laces and buckles: what fingers have to be able to do meanwhile, by DEXTERITY. */
export const CHANGING_DEXTERITY = 2;

/** A wearing with its piece. */
export type WornPiece = Wearing & { readonly piece: Piece };

/** A stretch in which clothes are changed: what comes off with it, and that hands are bare. */
export type ChangeWindow = {
  readonly fromMinute: number;
  readonly toMinute: number;
  readonly changed: readonly WornPiece[];
};

/** Minutes one piece takes to put on or take off out there. */
export function changeMinutes(piece: Piece): number {
  if (piece.changeMinutes !== undefined) return piece.changeMinutes;
  const byKind = KIND_TABLE[piece.kind].changeMinutes;
  if (byKind !== null) return byKind;
  if (isNextToSkin(piece)) return NEXT_TO_SKIN_MINUTES;
  return coveredPatches(piece.label).includes("calf") ? LEGWEAR_MINUTES : UPPER_MINUTES;
}

/** Pieces of one kind are changed together: the longest counts; kinds one after another. */
function minutesTogether(changed: readonly WornPiece[]): number {
  const byKind = new Map<PieceKind, number>();
  for (const { piece } of changed) {
    byKind.set(piece.kind, Math.max(byKind.get(piece.kind) ?? 0, changeMinutes(piece)));
  }
  return Math.min(
    MOST_MINUTES,
    [...byKind.values()].reduce((sum, minutes) => sum + minutes, 0),
  );
}

/** All changes after the start: what is on at minute 0 was put on at home. */
export function changeWindows(worn: readonly WornPiece[]): ChangeWindow[] {
  const minutes = new Set(worn.flatMap(({ fromMinute, toMinute }) => [fromMinute, toMinute]));
  return [...minutes]
    .filter((minute) => minute > 0)
    .flatMap((minute) => {
      const changed = worn.filter(({ fromMinute, toMinute }) => fromMinute === minute || toMinute === minute);
      const takes = minutesTogether(changed);
      return takes > 0 ? [{ fromMinute: minute, toMinute: minute + takes, changed }] : [];
    });
}

/** Whether a piece has to come off so that another can be changed: it lies further out over some of the same parts. */
export const liesOver = (outer: WornPiece, changed: WornPiece): boolean =>
  outer !== changed &&
  outer.rank > changed.rank &&
  !KIND_TABLE[outer.piece.kind].liesUnder &&
  (coveredMask(outer.piece.label) & coveredMask(changed.piece.label)) !== 0;

/** What one change costs out there. */
export type ChangeCost = {
  readonly minutes: number;
  /** Pieces that are off meanwhile. */
  readonly off: readonly Piece[];
};

/** What putting a piece on at a minute, or taking it off, costs. */
export function changeCost(worn: readonly WornPiece[], wearing: WornPiece, minute: number): ChangeCost {
  const on = worn.filter(({ fromMinute, toMinute }) => fromMinute < minute && minute < toMinute);
  return {
    minutes: changeMinutes(wearing.piece),
    off: on.filter((outer) => liesOver(outer, wearing)).map(({ piece }) => piece),
  };
}
