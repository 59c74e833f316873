import { OutfitJudge, type DresserProblem } from "../dresser";
import type { Lasting } from "../limits";
import type { Outing } from "../outing";
import {
  daysOf,
  weatherAtSeat,
  type SeasonDay,
  type SeasonHabit,
  type SeasonOuting,
  type SeasonWeather,
} from "../season";
import { inParts, type ChunkedWork } from "./chunked-work";
import { byMass, codeOf, outfitsFor, problemOf, type Kit, type OutfitNumbers } from "./kit";

/** What a season of a kit is asked of; how long is wanted the kit's plan says. */
export type KitSeasonInput = {
  readonly kit: Kit;
  readonly weather: SeasonWeather;
  readonly habit: SeasonHabit;
};

/** How long an outfit lasts on a day. */
export type DayInOutfit = Lasting & {
  /** Not where it is not worn in such weather, or cannot be borne on the way. */
  readonly isWorn: boolean;
};

/** A day, in its best outfit: the lightest that lasts as wanted, else the one that lasts longest. */
export type KitDay = SeasonDay & {
  /** Place among the season's outfits; `null` where none can be borne. */
  readonly outfit: number | null;
};

export type KitSeason = {
  /** The lightest first. */
  readonly outfits: readonly OutfitNumbers[];
  readonly days: readonly KitDay[];
  /** Of every day, in every outfit. */
  readonly table: readonly (readonly DayInOutfit[])[];
  readonly withoutWeather: number;
};

export type KitSeasonChunk =
  | { readonly kind: "dress"; readonly day: number }
  | { readonly kind: "days"; readonly days: readonly number[]; readonly outfits: readonly OutfitNumbers[] };
export type KitSeasonAnswer = readonly OutfitNumbers[] | readonly (readonly DayInOutfit[])[];

/** A kit is dressed for the coldest day, the mildest, and these between them, by how cold they are (assumption). */
const DRESSED_AT = [0, 0.1, 0.3, 0.55, 0.8, 1] as const;
const DAYS_A_CHUNK = 4;

/** Dresses a kit for days from the coldest to the mildest, then simulates every outfit found on every day. */
export function* kitSeasonWork(input: KitSeasonInput): ChunkedWork<KitSeasonChunk, KitSeasonAnswer, KitSeason> {
  const { kit } = input;
  const { days, withoutWeather } = seasonOutings(input);
  const airs = days.map((day) => weatherAtSeat(day).airTemperatureC);
  const cold = days.map((_, day) => day).sort((one, other) => airs[one]! - airs[other]!);
  const dressed = [...new Set(DRESSED_AT.map((share) => cold[Math.round(share * (cold.length - 1))]!))];
  const found = days.length === 0 ? [] : yield dressed.map((day) => ({ kind: "dress", day }));
  const outfits = byMass(problemOf(kit), found.flat() as OutfitNumbers[]);
  const parts = inParts([...days.keys()], DAYS_A_CHUNK);
  const table = (yield parts.map((part) => ({ kind: "days", days: part, outfits }))).flat() as DayInOutfit[][];
  return {
    outfits,
    days: days.map((day, index) => ({
      date: day.date,
      seatAtMs: day.seatAtMs,
      ...weatherAtSeat(day),
      ...bestOf(table[index]!, kit.wantedMinutes),
    })),
    table,
    withoutWeather,
  };
}

/** @throws {CoreError} as `simulateOuting` does */
export function kitSeasonAnswer(input: KitSeasonInput, chunk: KitSeasonChunk): KitSeasonAnswer {
  const { days } = seasonOutings(input);
  if (chunk.kind === "dress") return outfitsFor(input.kit, days[chunk.day]!.outing);
  const codes = chunk.outfits.map(codeOf);
  return chunk.days.map((day) => {
    const judge = new DayJudge(input.kit, days[day]!.outing);
    return codes.map((code) => judge.lasting(code));
  });
}

/** The days of a season for which there is weather, each with its outing as it is planned. */
export const seasonOutings = ({
  kit,
  weather,
  habit,
}: KitSeasonInput): { readonly days: readonly SeasonOuting[]; readonly withoutWeather: number } =>
  daysOf(kit.outing, weather, { ...habit, wantedMinutes: kit.wantedMinutes });

const UNWORN: DayInOutfit = { minutesStill: 0, limit: null, part: null, isWorn: false };

/** Says of outfits how long they last on one day. */
export class DayJudge {
  private readonly problem: DresserProblem;
  private readonly judge: OutfitJudge;

  constructor(kit: Kit, outing: Outing) {
    this.problem = problemOf(kit, outing);
    this.judge = new OutfitJudge(this.problem);
  }

  lasting(code: Uint8Array): DayInOutfit {
    if (!this.problem.isValid(code)) return UNWORN;
    const { minutes, isLonger, limit, part } = this.judge.judge(code);
    return minutes < 0 ? UNWORN : { minutesStill: isLonger ? null : minutes, limit, part, isWorn: true };
  }
}

/** Of a day in every outfit, the lightest first, the one to wear. */
export function bestOf(
  row: readonly DayInOutfit[],
  wantedMinutes: number,
): Lasting & Pick<KitDay, "outfit" | "isCovered"> {
  let best = -1;
  for (let outfit = 0; outfit < row.length; outfit++) {
    if (minutesIn(row[outfit]!) > minutesIn(row[best])) best = outfit;
    if (minutesIn(row[best]) >= wantedMinutes) break;
  }
  const found = row[best];
  if (!found) return { minutesStill: 0, limit: null, part: null, outfit: null, isCovered: false };
  const { minutesStill, limit, part } = found;
  return { minutesStill, limit, part, outfit: best, isCovered: minutesIn(found) >= wantedMinutes };
}

/** Minutes a day lasts in an outfit; more than any where nothing ends it, fewer than any where it is not worn. */
export const minutesIn = (day: DayInOutfit | undefined): number => (day?.isWorn ? (day.minutesStill ?? Infinity) : -1);
