import { OutfitJudge, PLACEMENT, type DresserProblem } from "../dresser";
import type { Lasting, Limit, LimitPart } from "../limits";
import type { PieceKind } from "../pieces";
import { inWeather, type ReachWeather } from "../reach";
import type { ChunkedWork } from "./chunked-work";
import { byMass, codeOf, outfitsFor, problemOf, type Kit, type OutfitNumbers } from "./kit";

/** Rows of temperature, each for calm air and for wind, of what is worn there. */
export type DoorTableInput = {
  readonly kit: Kit;
  readonly airTemperaturesC: readonly number[];
  readonly windsMPerS: readonly number[];
};

export type DoorCell = ReachWeather &
  Lasting & {
    /** Place among the table's outfits; `null` where none can be borne. */
    readonly outfit: number | null;
  };

export type DoorTable = {
  readonly outfits: readonly OutfitNumbers[];
  /** A column a wind, each from the mildest to the coldest. */
  readonly columns: readonly (readonly DoorCell[])[];
};

/** Minutes are plain numbers: what nothing ends is as long as was looked at, and has no limit. */
type Lasts = { readonly minutes: number; readonly limit: Limit | null; readonly part: LimitPart | null };

export type DoorTableChunk =
  | { readonly kind: "dress"; readonly weather: ReachWeather }
  | { readonly kind: "cell"; readonly weather: ReachWeather; readonly outfits: readonly OutfitNumbers[] }
  | { readonly kind: "thin"; readonly weather: ReachWeather; readonly outfit: OutfitNumbers };
export type DoorTableAnswer = readonly OutfitNumbers[] | readonly Lasts[] | Thinned;
/** An outfit without what is not needed in its weather. */
type Thinned = { readonly outfit: OutfitNumbers; readonly lasts: Lasts };

/** Every so many rows a kit is dressed anew; rows between take what was found beside them. */
const DRESSED_EVERY = 3;
/** An outfit serves where nothing lasts as wanted if it lasts nearly as long as the best (assumption). */
const NEARLY = 0.95;
/** Nobody carries so much more only to put on or change less (assumption). */
const MOST_MORE_G = 700;
/** Of the outfits that serve in a weather so many are looked at without what is not needed. */
const MOST_THINNED = 5;

export function* doorTableWork({
  kit,
  airTemperaturesC,
  windsMPerS,
}: DoorTableInput): ChunkedWork<DoorTableChunk, DoorTableAnswer, DoorTable> {
  const problem = problemOf(kit);
  const weathers = windsMPerS.flatMap((windMPerS) =>
    airTemperaturesC.map((airTemperatureC) => ({ airTemperatureC, windMPerS })),
  );
  const found = yield weathers
    .filter((_, index) => (index % airTemperaturesC.length) % DRESSED_EVERY === 0)
    .map((weather) => ({ kind: "dress", weather }));
  const outfits = byMass(problem, found.flat() as OutfitNumbers[]);
  const lasting = (yield weathers.map((weather) => ({ kind: "cell", weather, outfits }))) as Lasts[][];
  const massesG = outfits.map((outfit) => problem.massG(codeOf(outfit)));
  const asked = lasting.flatMap((row, cell) =>
    servingOutfits(row, massesG, kit.wantedMinutes)
      .map((outfit) => outfits[outfit]!)
      .sort((one, other) => botherOf(problem, one) - botherOf(problem, other))
      .slice(0, MOST_THINNED)
      .map((outfit) => ({ cell, chunk: { kind: "thin", weather: weathers[cell]!, outfit } as const })),
  );
  const thin = (yield asked.map(({ chunk }) => chunk)) as Thinned[];
  const servingAt = weathers.map((_, cell) => thin.filter((_own, place) => asked[place]!.cell === cell));
  const chosen = windsMPerS.flatMap((_, column) =>
    smoothest(problem, servingAt.slice(column * airTemperaturesC.length, (column + 1) * airTemperaturesC.length)),
  );
  const shown = byMass(
    problem,
    chosen.flatMap((own) => (own ? [own.outfit] : [])),
  );
  const placeOf = new Map(shown.map((numbers, place) => [numbers.join(""), place]));
  const cellOf = (weather: ReachWeather, cell: number): DoorCell => {
    const own = chosen[cell];
    if (!own) return { ...weather, minutesStill: 0, limit: null, part: null, outfit: null };
    const { minutes, limit, part } = own.lasts;
    const outfit = placeOf.get(own.outfit.join(""))!;
    return { ...weather, minutesStill: limit === null ? null : minutes, limit, part, outfit };
  };
  return {
    outfits: shown,
    columns: windsMPerS.map((_, column) => {
      const from = column * airTemperaturesC.length;
      return weathers.slice(from, from + airTemperaturesC.length).map((weather, row) => cellOf(weather, from + row));
    }),
  };
}

/** @throws {CoreError} as `simulateOuting` does */
export function doorTableAnswer({ kit }: DoorTableInput, chunk: DoorTableChunk): DoorTableAnswer {
  if (chunk.kind === "dress") return outfitsFor(kit, inWeather(kit.outing, chunk.weather, "tenMetres"));
  const problem = problemOf(kit);
  const judge = new OutfitJudge(problem);
  const lastsIn = (outfit: OutfitNumbers): Lasts => {
    const outing = inWeather(problem.outings.outingIn(codeOf(outfit)), chunk.weather, "tenMetres");
    const { minutes, limit, part } = judge.judgeOuting(outing);
    return { minutes, limit, part };
  };
  return chunk.kind === "thin" ? thinned(problem, chunk.outfit, lastsIn) : chunk.outfits.map(lastsIn);
}

/** In which turn pieces are tried to be left out: what somebody would take off first on a mild day (common practice, no source). */
const LEFT_OUT_IN_TURN: readonly PieceKind[] = [
  "heatSource",
  "protection",
  "headwear",
  "neckwear",
  "pad",
  "handwear",
  "liner",
  "footbed",
  "garment",
  "sock",
  "footwear",
];

/**
 * An outfit without what is not needed: pieces without which it lasts as wanted all the same. Rows share outfits so that
 * little changes from one to the next, and a mild one would wear the cold one's face mask. What does not last as wanted
 * stays as it is.
 */
function thinned(problem: DresserProblem, outfit: OutfitNumbers, lastsIn: (outfit: OutfitNumbers) => Lasts): Thinned {
  let best: Thinned = { outfit, lasts: lastsIn(outfit) };
  const wanted = problem.wishes.wantedMinutes ?? Infinity;
  if (best.lasts.minutes < wanted) return best;
  const turnOf = (piece: number): number => LEFT_OUT_IN_TURN.indexOf(problem.kit[piece]!.kind);
  const inTurn = problem.kit
    .map((_, piece) => piece)
    .filter((piece) => outfit[piece] !== PLACEMENT.home)
    .sort((one, other) => turnOf(one) - turnOf(other) || problem.massesG[other]! - problem.massesG[one]!);
  for (const piece of inTurn) {
    const without = best.outfit.map((placement, place) => (place === piece ? PLACEMENT.home : placement));
    if (!problem.isValid(codeOf(without))) continue;
    const lasts = lastsIn(without);
    if (lasts.minutes >= wanted) best = { outfit: without, lasts };
  }
  return best;
}

/** Outfits that serve in one weather: those that last as wanted and weigh little more than the lightest of them. */
function servingOutfits(row: readonly Lasts[], massesG: readonly number[], wantedMinutes: number): number[] {
  const all = [...row.keys()];
  const most = Math.max(-1, ...row.map(({ minutes }) => minutes));
  if (most < 0) return [];
  const least = most >= wantedMinutes ? wantedMinutes : most * NEARLY;
  const serving = all.filter((outfit) => row[outfit]!.minutes >= least);
  const lightestG = Math.min(...serving.map((outfit) => massesG[outfit]!));
  return serving.filter((outfit) => massesG[outfit]! <= lightestG + MOST_MORE_G);
}

/** Pieces worn otherwise in one outfit than in the other. */
const changesBetween = (one: OutfitNumbers, other: OutfitNumbers): number =>
  one.reduce((sum, placement, piece) => sum + (placement === other[piece] ? 0 : 1), 0);

/** What is fiddled with most, and what is used up: counted twice (assumption). */
const FIDDLY: readonly PieceKind[] = ["heatSource", "protection"];

/** How much there is to put on: nobody wraps up the face to leave a thicker jacket at home. */
const botherOf = ({ kit }: DresserProblem, outfit: OutfitNumbers): number =>
  kit.reduce((sum, { kind }, piece) => sum + (outfit[piece] === PLACEMENT.home ? 0 : FIDDLY.includes(kind) ? 2 : 1), 0);

/** An outfit a row, so that little is put on and little changed from row to row; of such choices the lightest (dynamic programming). */
function smoothest(problem: DresserProblem, rows: readonly (readonly Thinned[])[]): (Thinned | null)[] {
  type Way = { readonly bother: number; readonly massG: number; readonly chosen: readonly (Thinned | null)[] };
  const isBetter = (one: Way, other: Way | undefined): boolean =>
    !other || one.bother < other.bother || (one.bother === other.bother && one.massG < other.massG);
  let ways: Way[] = [{ bother: 0, massG: 0, chosen: [] }];
  for (const row of rows) {
    if (row.length === 0) {
      ways = ways.map((way) => ({ ...way, chosen: [...way.chosen, null] }));
      continue;
    }
    ways = row.map((own) => {
      const ownBother = botherOf(problem, own.outfit);
      const ownG = problem.massG(codeOf(own.outfit));
      let best: Way | undefined;
      for (const way of ways) {
        const before = way.chosen.findLast((other) => other !== null);
        const next: Way = {
          bother: way.bother + ownBother + (before ? changesBetween(before.outfit, own.outfit) : 0),
          massG: way.massG + ownG,
          chosen: [...way.chosen, own],
        };
        if (isBetter(next, best)) best = next;
      }
      return best!;
    });
  }
  return [...ways.reduce((best, way) => (isBetter(way, best) ? way : best)).chosen];
}
