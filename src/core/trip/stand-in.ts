import { wearingProblems, usualWearing, type KnownPiece } from "../dressing";
import { coveredPatches, readLabel } from "../labels";
import { totalMinutes, type Outing, type Wearing } from "../outing";
import type { PieceKind } from "../pieces";

/** Kinds that people bring more of than they wear, to wear them in turns (common practice, no source). */
export const ROTATED_KINDS: readonly PieceKind[] = ["sock", "liner", "handwear", "headwear", "neckwear"];

/** Two pieces stand for each other if they share so much of what either covers (assumption). */
const ALIKE_SHARE = 0.75;

/** And if the thinner is so thick by the other (assumption): two thin socks are no thick one. */
const ALIKE_THICKNESS = 0.6;

const insulationOf = ({ label }: KnownPiece): number =>
  readLabel(label).reduce((sum, { insulationM2KPerW, coverShare }) => sum + insulationM2KPerW * coverShare, 0);

/** Whether a piece of the kit can be worn where another is: of its kind and place, as thick, over mostly the same parts. */
export function standsInFor(worn: KnownPiece, other: KnownPiece): boolean {
  if (other.id === worn.id || other.kind !== worn.kind || !ROTATED_KINDS.includes(worn.kind)) return false;
  if (usualWearing(other).rank !== usualWearing(worn).rank) return false;
  const [own, others] = [coveredPatches(worn.label), coveredPatches(other.label)];
  const shared = own.filter((patch) => others.includes(patch)).length;
  if (shared < ALIKE_SHARE * Math.max(own.length, others.length)) return false;
  const [one, two] = [insulationOf(worn), insulationOf(other)];
  return Math.min(one, two) >= ALIKE_THICKNESS * Math.max(one, two);
}

/** A piece worn instead of another, all day or from the seat on. */
export type Swap = { readonly wornId: string; readonly insteadId: string; readonly fromMinute: number | null };

/** A wearing with another piece in its place; one that is exchanged on the way becomes two. */
export function swappedIn<Own extends Wearing>(wearing: Own, { wornId, insteadId, fromMinute }: Swap): Own[] {
  if (wearing.pieceId !== wornId) return [wearing];
  const instead = { ...wearing, pieceId: insteadId, withoutParts: [], heat: null };
  if (fromMinute === null) return [instead];
  if (fromMinute <= wearing.fromMinute || fromMinute >= wearing.toMinute) return [wearing];
  return [
    { ...wearing, toMinute: fromMinute },
    { ...instead, fromMinute, whenOff: "pack" },
  ];
}

const problemCount = (wearings: readonly Wearing[], kit: readonly KnownPiece[], outing: Outing): number =>
  wearingProblems(kit, wearings, totalMinutes(outing.phases)).length;

/** The outing with a piece instead of another; `null` where that cannot be worn so. */
export function withSwap(outing: Outing, kit: readonly KnownPiece[], swap: Swap): Outing | null {
  const wearings = outing.wearings.flatMap((wearing) => swappedIn(wearing, swap));
  if (wearings.every((own, index) => own === outing.wearings[index])) return null;
  if (problemCount(wearings, kit, outing) > problemCount(outing.wearings, kit, outing)) return null;
  const worn = new Set(wearings.map(({ pieceId }) => pieceId));
  return { ...outing, wearings, pieces: kit.filter(({ id }) => worn.has(id)) };
}

/** The outing with one swap after the other, as far as they can be worn. */
export const withSwaps = (outing: Outing, kit: readonly KnownPiece[], swaps: readonly Swap[]): Outing =>
  swaps.reduce((worn, swap) => withSwap(worn, kit, swap) ?? worn, outing);
