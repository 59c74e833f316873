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
import { gainOf, minutesOf, pairsOf, probeDays, type Probe, type ProbeDay } from "./purchase-probes";
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

export type PurchaseChunk =
  | KitSeasonChunk
  | {
      readonly kind: "probe";
      readonly pieces: readonly number[];
      /** Lost days, each with outfits to begin with: of the kit with all of the pieces but the last. */
      readonly days: readonly ProbeDay[];
    }
  | {
      readonly kind: "bought";
      readonly pieces: readonly number[];
      readonly days: readonly number[];
      readonly outfits: readonly OutfitNumbers[];
    };
export type PurchaseAnswer = KitSeasonAnswer | readonly (Probe | null)[];

/** So many pairs are tried on every lost day. */
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
  const pairs = pairsOf(season, days, singles);
  const tried = (yield pairs.map(({ pieces, from }) => ({ kind: "probe", pieces, days: from }))) as (Probe | null)[][];
  const better = pairs
    .map(({ pieces }, index) => {
      const alone = Math.max(...pieces.map((piece) => gainOf(season, days, singles[piece]!)));
      return { pieces, probes: tried[index]!, more: gainOf(season, pairs[index]!.from, tried[index]!) - alone };
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
  const problem = problemOf(withBought(input, pieces), seasonOutings(input).days[day]!.outing);
  const judge = new OutfitJudge(problem);
  const place = input.kit.pieces.length + pieces.length - 1;
  return outfits
    .flatMap((outfit) => outfitsWith(problem, widened(codeOf(outfit), 1), place))
    .map((code): Probe => {
      const { minutes, limit, met, coveredMinutes } = judge.judge(code);
      return { outfit: [...code], minutes, limit, met, coveredMinutes };
    })
    .filter(({ minutes }) => minutes >= 0)
    .reduce<Probe | null>((best, own) => (best && best.minutes >= own.minutes ? best : own), null);
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
