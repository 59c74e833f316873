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

/** Minutes of the season in the best of some outfits each day. */
type SeasonIn = (outfits: readonly number[]) => number;

/**
 * What of a kit a season could do without: the smallest set of pieces that makes nearly the same season, of all that are
 * worn in up to three of the outfits found, and of those one comes to by giving away one piece after the other. Among the
 * outfits that were found: others of what is left may last longer, so nothing is lost that is not told, and some that is
 * told may not be.
 */
export function whatToLeave(
  kit: Kit,
  { outfits, days, table }: KitSeason,
  mostLostShare = MOST_LOST_SHARE,
): WhatToLeave {
  const { pieces, wantedMinutes } = kit;
  const seasonIn: SeasonIn = (usable) =>
    table.reduce((sum, row) => {
      const best = usable.reduce((most, outfit) => Math.max(most, minutesIn(row[outfit])), 0);
      return sum + Math.min(best, wantedMinutes);
    }, 0);
  const seasonWith = (usable: (piece: number) => boolean): number =>
    seasonIn([...outfits.keys()].filter((outfit) => piecesIn(kit, outfits[outfit]!).every(usable)));
  const whole = seasonWith(() => true);
  const least = whole * (1 - mostLostShare);
  const byTurns = givenAway(kit, seasonWith, least);
  const kept = fewOutfits(kit, outfits, seasonIn, least, byTurns.size) ?? byTurns;
  return {
    pieces: pieces.map((_, piece) => ({
      piece,
      wears: days.filter(({ outfit }) => outfit !== null && wears(outfits[outfit]!, piece)).length,
      lostMinutes: whole - seasonWith((own) => own !== piece),
      canGo: !kept.has(piece),
    })),
    lostShare: whole === 0 ? 0 : 1 - seasonWith((piece) => kept.has(piece)) / whole,
  };
}

const piecesIn = ({ pieces }: Kit, outfit: OutfitNumbers): number[] =>
  [...pieces.keys()].filter((piece) => wears(outfit, piece));

/** The piece that costs the fewest minutes goes first, of those that cost alike the heaviest, as long as enough is left. */
function givenAway(
  { pieces }: Kit,
  seasonWith: (usable: (piece: number) => boolean) => number,
  least: number,
): ReadonlySet<number> {
  const kept = new Set(pieces.keys());
  for (;;) {
    const [next] = [...kept]
      .map((piece) => ({
        piece,
        minutes: seasonWith((own) => own !== piece && kept.has(own)),
        massG: pieces[piece]!.massG ?? 0,
      }))
      .sort((one, other) => other.minutes - one.minutes || other.massG - one.massG);
    if (!next || next.minutes < least) return kept;
    kept.delete(next.piece);
  }
}

/** The fewest pieces that up to three outfits together make enough of the season with, if fewer than so many. */
function fewOutfits(
  kit: Kit,
  outfits: readonly OutfitNumbers[],
  seasonIn: SeasonIn,
  least: number,
  fewerThan: number,
): ReadonlySet<number> | null {
  const worn = outfits.map((outfit) => piecesIn(kit, outfit));
  let best: ReadonlySet<number> | null = null;
  const tryOn = (chosen: readonly number[], pieces: ReadonlySet<number>): void => {
    if (pieces.size >= (best?.size ?? fewerThan)) return; // an outfit more adds pieces at most
    if (seasonIn(chosen) >= least) {
      best = pieces;
      return;
    }
    if (chosen.length === MOST_OUTFITS) return;
    for (let next = (chosen.at(-1) ?? -1) + 1; next < outfits.length; next++)
      tryOn([...chosen, next], new Set([...pieces, ...worn[next]!]));
  };
  tryOn([], new Set());
  return best;
}
const MOST_OUTFITS = 3;
