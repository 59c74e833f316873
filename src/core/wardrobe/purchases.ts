import { OutfitJudge, type DresserPiece } from "../dresser";
import type { ChunkedWork } from "./chunked-work";
import { codeOf, problemOf, type OutfitNumbers } from "./kit";
import {
  DayJudge,
  kitSeasonAnswer,
  kitSeasonWork,
  minutesIn,
  seasonOutings,
  type DayInOutfit,
  type KitSeason,
  type KitSeasonAnswer,
  type KitSeasonChunk,
  type KitSeasonInput,
} from "./kit-season";
import { outfitsWith, widened } from "./with-piece";

/** What could be got, for a season. */
export type PurchaseInput = KitSeasonInput & { readonly candidates: readonly DresserPiece[] };

/** What one piece, or a pair that helps only together, adds to a season. */
export type Purchase = {
  /** Places among the candidates. */
  readonly pieces: readonly number[];
  readonly moreOutings: number;
  /** Of the hours wanted. */
  readonly wonMinutes: number;
};

export type SeasonWithPurchases = { readonly season: KitSeason; readonly purchases: readonly Purchase[] };

type Probe = {
  readonly outfit: OutfitNumbers;
  readonly minutes: number;
  /** When what ends the day as it is would end it in this outfit. */
  readonly firstMinutes: number;
};

export type PurchaseChunk =
  | KitSeasonChunk
  | {
      readonly kind: "probe";
      readonly pieces: readonly number[];
      /** Lost days, each with outfits of the kit to begin with. */
      readonly days: readonly ProbeDay[];
    }
  | {
      readonly kind: "bought";
      readonly pieces: readonly number[];
      readonly days: readonly number[];
      readonly outfits: readonly OutfitNumbers[];
    };
export type ProbeDay = {
  readonly day: number;
  readonly outfits: readonly OutfitNumbers[];
};
export type PurchaseAnswer = KitSeasonAnswer | readonly (Probe | null)[];

/** Days a purchase is first tried on, one for each of what ends most of the lost ones (assumption). */
const PROBE_DAYS = 2;
/** Outfits of such a day that a piece is tried in. */
const PROBE_OUTFITS = 2;
/** Pieces that put off what ends first are tried with each other piece; so many pairs are then tried on every day. */
const PAIR_FIRSTS = 5;
const PAIRS_TRIED = 6;
/** Of so many minutes on a day nobody would buy anything (assumption). */
const WORTH_TRYING_MINUTES = 5;

/**
 * The season of a kit, then what single pieces and pairs would add to it: each is first tried on a few lost days in the
 * outfits that lasted longest there, and what helps is simulated on every lost day. A day that is covered stays covered:
 * what is bought may stay at home.
 */
export function* purchaseWork(input: PurchaseInput): ChunkedWork<PurchaseChunk, PurchaseAnswer, SeasonWithPurchases> {
  const seasons = kitSeasonWork(input);
  let step = seasons.next();
  while (!step.done) step = seasons.next((yield step.value) as KitSeasonAnswer[]);
  const season = step.value;
  const days = probeDays(season);
  if (days.length === 0) return { season, purchases: [] };
  const all = [...input.candidates.keys()];
  const singles = (yield all.map((piece) => ({ kind: "probe", pieces: [piece], days }))) as (Probe | null)[][];
  const helping = all.filter((piece) => gainOf(season, days, singles[piece]!) >= WORTH_TRYING_MINUTES);
  const firsts = [...all]
    .sort((one, other) => putOffBy(season, days, singles[other]!) - putOffBy(season, days, singles[one]!))
    .slice(0, PAIR_FIRSTS);
  const pairs = firsts.flatMap((one, place) =>
    all.filter((other) => other !== one && !firsts.slice(0, place).includes(other)).map((other) => [one, other]),
  );
  const tried = (yield pairs.map((pieces) => ({ kind: "probe", pieces, days }))) as (Probe | null)[][];
  const better = pairs
    .map((pieces, index) => {
      const alone = Math.max(...pieces.map((piece) => gainOf(season, days, singles[piece]!)));
      return { pieces, probes: tried[index]!, more: gainOf(season, days, tried[index]!) - alone };
    })
    .filter(({ more }) => more >= WORTH_TRYING_MINUTES)
    .sort((one, other) => other.more - one.more)
    .slice(0, PAIRS_TRIED);
  const bought = [...helping.map((piece) => ({ pieces: [piece], probes: singles[piece]! })), ...better];
  const lost = season.days.flatMap(({ isCovered }, day) => (isCovered ? [] : [day]));
  const rows = (yield bought.map(({ pieces, probes }) => ({
    kind: "bought",
    pieces,
    days: lost,
    outfits: probes.flatMap((probe) => (probe ? [probe.outfit] : [])),
  }))) as DayInOutfit[][][];
  const wanted = input.kit.wantedMinutes;
  const purchases = bought.map(({ pieces }, index): Purchase => {
    const after = lost.map((day, place) =>
      Math.max(minutesOf(season, day), ...rows[index]![place]!.map((own) => minutesIn(own))),
    );
    return {
      pieces,
      moreOutings: after.filter((minutes) => minutes >= wanted).length,
      wonMinutes: lost.reduce(
        (sum, day, place) => sum + Math.min(wanted, after[place]!) - Math.min(wanted, minutesOf(season, day)),
        0,
      ),
    };
  });
  const worth = purchases.filter(({ wonMinutes }) => wonMinutes > 0);
  return {
    season,
    purchases: worth.sort((one, other) => other.moreOutings - one.moreOutings || other.wonMinutes - one.wonMinutes),
  };
}

const minutesOf = ({ days }: KitSeason, day: number): number => days[day]!.minutesStill ?? Infinity;

/** Of each of what ends most of the lost days the one in the middle by how long it lasts. */
function probeDays({ days, outfits, table }: KitSeason): ProbeDay[] {
  const lost = days.flatMap((day, place) => (day.isCovered ? [] : [{ ...day, place }]));
  const byLimit = Map.groupBy(lost, ({ limit }) => limit);
  const most = [...byLimit.values()].sort((one, other) => other.length - one.length).slice(0, PROBE_DAYS);
  return most.map((own) => {
    const sorted = [...own].sort((one, other) => (one.minutesStill ?? 0) - (other.minutesStill ?? 0));
    const day = sorted[Math.floor(sorted.length / 2)]!.place;
    const best = [...outfits.keys()].sort((one, other) => minutesIn(table[day]![other]) - minutesIn(table[day]![one]));
    return { day, outfits: best.slice(0, PROBE_OUTFITS).map((outfit) => outfits[outfit]!) };
  });
}

const gainOf = (season: KitSeason, days: readonly ProbeDay[], probes: readonly (Probe | null)[]): number =>
  Math.max(0, ...probes.map((probe, place) => (probe ? probe.minutes - minutesOf(season, days[place]!.day) : 0)));

/** By how much what ends the days as they are is put off, whatever ends them then. */
const putOffBy = (season: KitSeason, days: readonly ProbeDay[], probes: readonly (Probe | null)[]): number =>
  Math.max(0, ...probes.map((probe, place) => (probe ? probe.firstMinutes - minutesOf(season, days[place]!.day) : 0)));

function probeAnswer(
  input: PurchaseInput,
  { pieces, days }: Extract<PurchaseChunk, { kind: "probe" }>,
): (Probe | null)[] {
  return days.map(({ day, outfits }) => bestProbe(input, pieces, day, outfits));
}

function bestProbe(
  input: PurchaseInput,
  pieces: readonly number[],
  day: number,
  outfits: readonly OutfitNumbers[],
): Probe | null {
  const kit = withBought(input, pieces);
  const problem = problemOf(kit, seasonOutings(input).days[day]!.outing);
  const judge = new OutfitJudge(problem);
  const ends = judge.judge(widened(codeOf(outfits[0]!), pieces.length)).limit;
  let found = outfits.map((outfit): Probe => ({
    outfit: [...widened(codeOf(outfit), pieces.length)],
    minutes: -1,
    firstMinutes: -1,
  }));
  pieces.forEach((_, index) => {
    const place = input.kit.pieces.length + index;
    found = found
      .flatMap(({ outfit }) => outfitsWith(problem, codeOf(outfit), place))
      .map((code): Probe => {
        const { minutes, met, coveredMinutes } = judge.judge(code);
        const firstMinutes = ends === null ? minutes : (met[ends] ?? coveredMinutes);
        return { outfit: [...code], minutes, firstMinutes };
      })
      .filter(({ minutes }) => minutes >= 0)
      // Of the first of a pair what puts off the end counts: its fellow sees to what comes next.
      .sort((one, other) => other.firstMinutes - one.firstMinutes || other.minutes - one.minutes)
      .slice(0, index < pieces.length - 1 ? PROBE_OUTFITS : undefined);
  });
  return found.reduce<Probe | null>((best, own) => (best && best.minutes >= own.minutes ? best : own), null);
}

function boughtAnswer(
  input: PurchaseInput,
  { pieces, days, outfits }: Extract<PurchaseChunk, { kind: "bought" }>,
): DayInOutfit[][] {
  const kit = withBought(input, pieces);
  const all = seasonOutings(input).days;
  return days.map((day) => {
    const judge = new DayJudge(kit, all[day]!.outing);
    return outfits.map((outfit) => judge.lasting(codeOf(outfit)));
  });
}

const withBought = ({ kit, candidates }: PurchaseInput, pieces: readonly number[]) => ({
  ...kit,
  pieces: [...kit.pieces, ...pieces.map((piece) => candidates[piece]!)],
});

/** @throws {CoreError} as `simulateOuting` does */
export function purchaseAnswer(input: PurchaseInput, chunk: PurchaseChunk): PurchaseAnswer {
  if (chunk.kind === "probe") return probeAnswer(input, chunk);
  if (chunk.kind === "bought") return boughtAnswer(input, chunk);
  return kitSeasonAnswer(input, chunk);
}
