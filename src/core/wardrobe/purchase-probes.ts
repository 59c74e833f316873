import type { Limit } from "../limits";
import type { OutfitNumbers } from "./kit";
import { minutesIn, type KitSeason } from "./kit-season";

/** What a lost day would be in its best outfit with something more. */
export type Probe = {
  readonly outfit: OutfitNumbers;
  readonly minutes: number;
  readonly limit: Limit | null;
  /** When each limit that was met would end it, and up to when no other was. */
  readonly met: Readonly<Partial<Record<Limit, number>>>;
  readonly coveredMinutes: number;
};

export type ProbeDay = {
  readonly day: number;
  readonly outfits: readonly OutfitNumbers[];
};

/** Days a purchase is first tried on, one for each of what ends most of the lost ones (assumption). */
const PROBE_DAYS = 2;
/** Outfits of such a day that a piece is tried in. */
const PROBE_OUTFITS = 2;
/** Pieces that put off what ends first are tried with those that put off what ends next. */
const PAIR_FIRSTS = 5;
const PAIR_SECONDS = 6;
/** Minutes a day of a season lasts; more than any where nothing ends it. */
export const minutesOf = ({ days }: KitSeason, day: number): number => days[day]!.minutesStill ?? Infinity;

/** Of each of what ends most of the lost days the one in the middle by how long it lasts. */
export function probeDays({ days, outfits, table }: KitSeason): ProbeDay[] {
  const lost = days.flatMap((day, place) => (day.isCovered ? [] : [{ ...day, place }]));
  const limits = [...new Set(lost.map(({ limit }) => limit))];
  const most = limits
    .map((limit) => lost.filter((day) => day.limit === limit))
    .sort((one, other) => other.length - one.length)
    .slice(0, PROBE_DAYS);
  return most.map((own) => {
    const sorted = [...own].sort((one, other) => (one.minutesStill ?? 0) - (other.minutesStill ?? 0));
    const day = sorted[Math.floor(sorted.length / 2)]!.place;
    const best = [...outfits.keys()].sort((one, other) => minutesIn(table[day]![other]) - minutesIn(table[day]![one]));
    return { day, outfits: best.slice(0, PROBE_OUTFITS).map((outfit) => outfits[outfit]!) };
  });
}

/** The most a day gains of those tried. */
export const gainOf = (season: KitSeason, days: readonly ProbeDay[], probes: readonly (Probe | null)[]): number =>
  Math.max(0, ...probes.map((probe, place) => (probe ? probe.minutes - minutesOf(season, days[place]!.day) : 0)));

export type Pair = { readonly pieces: readonly [number, number]; readonly from: readonly ProbeDay[] };

/** When a limit would end a day in an outfit, as far as was looked at. */
const endsAt = (probe: Probe | null, limit: Limit | null): number =>
  probe === null ? -1 : limit === null ? probe.minutes : (probe.met[limit] ?? probe.coveredMinutes);

/**
 * Pairs that may help together: a piece that puts off what ends a day, be it that something else ends it soon after, and
 * one that alone puts off just that.
 */
export function pairsOf(
  season: KitSeason,
  days: readonly ProbeDay[],
  singles: readonly (readonly (Probe | null)[])[],
): Pair[] {
  const found = new Map<string, Pair>();
  days.forEach(({ day }, place) => {
    const first = season.days[day]!.limit;
    const later = (limit: Limit | null) => (one: number, other: number) =>
      endsAt(singles[other]![place]!, limit) - endsAt(singles[one]![place]!, limit);
    const all = [...singles.keys()].filter((piece) => singles[piece]![place]);
    for (const one of [...all].sort(later(first)).slice(0, PAIR_FIRSTS)) {
      const then = singles[one]![place]!;
      const seconds = all.filter((piece) => piece !== one).sort(later(then.limit));
      for (const other of seconds.slice(0, PAIR_SECONDS)) {
        const key = [one, other].sort((a, b) => a - b).join();
        if (!found.has(key)) found.set(key, { pieces: [one, other], from: [{ day, outfits: [then.outfit] }] });
      }
    }
  });
  return [...found.values()];
}
