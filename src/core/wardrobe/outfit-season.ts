import type { Outing } from "../outing";
import {
  dayOf,
  daysOf,
  sameOnAllDays,
  type Season,
  type SeasonDay,
  type SeasonHabit,
  type SeasonWeather,
} from "../season";
import { inParts, type ChunkedWork } from "./chunked-work";

/** A season in one outfit: what is worn is the outing's. */
export type OutfitSeasonInput = {
  readonly outing: Outing;
  readonly weather: SeasonWeather;
  readonly habit: SeasonHabit;
};
export type OutfitSeasonChunk = { readonly days: readonly number[] };

const DAYS_A_CHUNK = 8;

const daysFor = ({ outing, weather, habit }: OutfitSeasonInput) => daysOf(outing, weather, habit);

/** What `seasonOf` says, some days at a time. */
export function* outfitSeasonWork(
  input: OutfitSeasonInput,
): ChunkedWork<OutfitSeasonChunk, readonly SeasonDay[], Season> {
  const { days, withoutWeather } = daysFor(input);
  const answers = yield inParts([...days.keys()], DAYS_A_CHUNK).map((part) => ({ days: part }));
  return { days: answers.flat(), withoutWeather };
}

/** @throws {CoreError} as `simulateOuting` does */
export function outfitSeasonAnswer(input: OutfitSeasonInput, chunk: OutfitSeasonChunk): SeasonDay[] {
  const same = sameOnAllDays(input.outing, input.habit);
  const { days } = daysFor(input);
  return chunk.days.map((day) => dayOf(days[day]!, input.habit, same));
}
