import { OutfitJudge } from "../dresser";
import type { Lasting } from "../limits";
import { inWeather, MOST_GAIN_OF_COLDER, type ReachAxes, type ReachWeather, type WindPlace } from "../reach";
import { type ChunkedWork } from "./chunked-work";
import { byMass, codeOf, outfitsFor, problemOf, type Kit, type OutfitNumbers } from "./kit";

/** What a map of a kit is asked of. */
export type KitMapInput = { readonly kit: Kit; readonly windPlace: WindPlace; readonly axes: ReachAxes };

/** The best outfit in one weather: the lightest that lasts as wanted, else the one that lasts longest. */
export type KitCell = ReachWeather &
  Lasting & {
    /** Place among the map's outfits; `null` where none can be borne. */
    readonly outfit: number | null;
  };

export type KitMap = {
  /** The lightest first. */
  readonly outfits: readonly OutfitNumbers[];
  readonly cells: readonly KitCell[];
};

export type KitMapChunk =
  | { readonly kind: "dress"; readonly weather: ReachWeather }
  | { readonly kind: "column"; readonly windMPerS: number; readonly outfits: readonly OutfitNumbers[] };
export type KitMapAnswer = readonly OutfitNumbers[] | readonly KitCell[];

/** Weather a kit is dressed for: between these its outfits are found as well (assumption; the more, the longer it takes). */
const DRESSED_FOR: readonly ReachWeather[] = [6, -6, -16, -28].flatMap((airTemperatureC) =>
  [1.6, 7.2].map((windMPerS) => ({ airTemperatureC, windMPerS })),
);

/** Dresses a kit for weather all over the map, then looks in every cell for the best of all outfits found. */
export function* kitMapWork({ kit, axes }: KitMapInput): ChunkedWork<KitMapChunk, KitMapAnswer, KitMap> {
  const found = yield DRESSED_FOR.map((weather) => ({ kind: "dress", weather }));
  const outfits = byMass(problemOf(kit), found.flat() as OutfitNumbers[]);
  const columns = yield axes.windsMPerS.map((windMPerS) => ({ kind: "column", windMPerS, outfits }));
  const cells = axes.airTemperaturesC.flatMap((_, row) => columns.map((column) => (column as KitCell[])[row]!));
  return { outfits, cells };
}

/** @throws {CoreError} as `simulateOuting` does */
export function kitMapAnswer({ kit, windPlace, axes }: KitMapInput, chunk: KitMapChunk): KitMapAnswer {
  if (chunk.kind === "dress") return outfitsFor(kit, inWeather(kit.outing, chunk.weather, windPlace));
  return column(kit, windPlace, axes.airTemperaturesC, chunk.windMPerS, chunk.outfits);
}

/**
 * The cells of one wind, from the mildest to the coldest. An outfit lasts in the cold at most what it lasted where it was
 * milder, but for a tolerance (a law of maps): what cannot be the best by that is not simulated, everything told is.
 */
function column(
  kit: Kit,
  windPlace: WindPlace,
  airTemperaturesC: readonly number[],
  windMPerS: number,
  outfits: readonly OutfitNumbers[],
): KitCell[] {
  const problem = problemOf(kit);
  const judge = new OutfitJudge(problem);
  const codes = outfits.map(codeOf);
  const most = outfits.map(() => Infinity);
  return airTemperaturesC.map((airTemperatureC): KitCell => {
    const weather = { airTemperatureC, windMPerS };
    let best: KitCell & { readonly minutes: number } = {
      ...weather,
      minutesStill: 0,
      limit: null,
      part: null,
      outfit: null,
      minutes: -1,
    };
    const tried = new Set<number>();
    const tryOn = (outfit: number): void => {
      tried.add(outfit);
      const outing = inWeather(problem.outings.outingIn(codes[outfit]!), weather, windPlace);
      const { minutes, isLonger, limit, part } = judge.judgeOuting(outing);
      const lasts = isLonger ? Infinity : minutes;
      if (lasts > best.minutes)
        best = { ...weather, minutesStill: isLonger ? null : minutes, limit, part, outfit, minutes: lasts };
      // Unbearable for the heat where it is mild may be right where it is cold.
      if (minutes >= 0) most[outfit] = isLonger ? Infinity : mostInTheCold(minutes);
    };
    for (let outfit = 0; outfit < codes.length && best.minutes < kit.wantedMinutes; outfit++)
      if (most[outfit]! >= kit.wantedMinutes) tryOn(outfit);
    // Nothing lasts as wanted: what may last longest is tried first, until nothing can be better.
    const order = codes.map((_, outfit) => outfit).sort((one, other) => most[other]! - most[one]!);
    if (best.minutes < kit.wantedMinutes)
      for (const outfit of order) if (!tried.has(outfit) && most[outfit]! > best.minutes) tryOn(outfit);
    const { minutes: _, ...cell } = best;
    return cell;
  });
}

const mostInTheCold = (minutes: number): number =>
  minutes * (1 + MOST_GAIN_OF_COLDER.share) + MOST_GAIN_OF_COLDER.minutes;
