import type { Kit, OutfitNumbers } from "./kit";
import { minutesIn, type KitSeason } from "./kit-season";

/** What a piece is to a season. */
export type PieceInSeason = {
  /** Place in the kit. */
  readonly piece: number;
  /** Days in whose best outfit it is. */
  readonly wears: number;
  /** Minutes of the season that are lost without it, if all else stays. */
  readonly lostMinutes: number;
  /** It may go, with all others that may, and no more than the given share of the season is lost. */
  readonly canGo: boolean;
};

export type WhatToLeave = {
  readonly pieces: readonly PieceInSeason[];
  /** Lost without all that may go, of the season's minutes, 0 … 1. */
  readonly lostShare: number;
};

/** A season may lose so much when pieces go: nobody notices (assumption). */
export const MOST_LOST_SHARE = 0.01;

const wears = (outfit: OutfitNumbers, piece: number): boolean => outfit[piece]! > 0;

/**
 * What of a kit a season could do without: the piece that costs the fewest minutes goes first, then the next, as long as
 * what is left makes nearly the same season; of pieces that cost alike the heaviest goes. Among the outfits that were found:
 * others of what is left may last longer, so nothing is lost that is not told, and some that is told may not be.
 */
export function whatToLeave(
  { pieces, wantedMinutes }: Kit,
  { outfits, days, table }: KitSeason,
  mostLostShare = MOST_LOST_SHARE,
): WhatToLeave {
  const seasonWith = (gone: ReadonlySet<number>): number => {
    const usable = [...outfits.keys()].filter((outfit) => ![...gone].some((piece) => wears(outfits[outfit]!, piece)));
    return table.reduce((sum, row) => {
      const best = usable.reduce((most, outfit) => Math.max(most, minutesIn(row[outfit])), 0);
      return sum + Math.min(best, wantedMinutes);
    }, 0);
  };
  const whole = seasonWith(new Set());
  const gone = new Set<number>();
  const kept = new Set(pieces.keys());
  for (;;) {
    const [next] = [...kept]
      .map((piece) => ({ piece, minutes: seasonWith(new Set([...gone, piece])), massG: pieces[piece]!.massG ?? 0 }))
      .sort((one, other) => other.minutes - one.minutes || other.massG - one.massG);
    if (!next || next.minutes < whole * (1 - mostLostShare)) break;
    gone.add(next.piece);
    kept.delete(next.piece);
  }
  return {
    pieces: pieces.map((_, piece) => ({
      piece,
      wears: days.filter(({ outfit }) => outfit !== null && wears(outfits[outfit]!, piece)).length,
      lostMinutes: whole - seasonWith(new Set([piece])),
      canGo: gone.has(piece),
    })),
    lostShare: whole === 0 ? 0 : 1 - seasonWith(gone) / whole,
  };
}
