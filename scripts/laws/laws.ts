import { type Limit, minutesStillOf } from "@/core/limits";
import { simulateSitMinutes } from "@/core/simulation";
import { sitSpans, type Outing } from "@/core/outing";
import type { Piece } from "@/core/pieces";
import { ClothesWithLabelErrors } from "@/core/range";
import { demoPiece } from "../trade/setting";

/** A change that must never buy minutes. */
export type Law = {
  readonly name: string;
  /** The outing that must last no longer; `null` where the law says nothing of this one. */
  readonly worse: (outing: Outing) => Outing | null;
  readonly only?: readonly Limit[];
  /** Cloth of the worse outing insulates so many times as much. */
  readonly clothFactor?: number;
  /** What may be more all the same, as a share and in minutes: what a step errs by. */
  readonly allowedShare: number;
  /** Told in heat debt at the plan's end, W·h/m², instead of minutes: the worse outing may not owe less. */
  readonly inDebt?: boolean;
};

/** Minutes, or W·h/m². */
const ALLOWED = 2;
const COLDER_K = 3;
const WINDIER_M_PER_S = 2;
const THINNER = 0.85;
const WET_SHARE = 0.5;
const PARENT_UNDER_YEARS = 50;
const CHILD = { heightM: 1.42, massKg: 36, fatPercent: 17, ageYears: 11 } as const;

const inWeather = (
  outing: Outing,
  change: (hour: Outing["weather"][number]) => Partial<Outing["weather"][number]>,
): Outing => ({
  ...outing,
  weather: outing.weather.map((hour) => ({ ...hour, ...change(hour) })),
});

/** The plan without a loose fleece over the sit that the plan itself has. */
function withFleeceAtTheSeat(outing: Outing): Outing {
  const fleece: Piece = demoPiece("fleeceJacket", { id: "added fleece", name: "added fleece", changeMinutes: 0 });
  const [span] = sitSpans(outing.phases);
  return {
    ...outing,
    pieces: [...outing.pieces, fleece],
    wearings: [
      ...outing.wearings,
      { pieceId: fleece.id, side: "both", rank: 45, fromMinute: span!.fromMinute, toMinute: span!.toMinute },
    ],
  };
}

export const LAWS: readonly Law[] = [
  {
    name: "3 K colder",
    worse: (outing) => inWeather(outing, ({ airTemperatureC }) => ({ airTemperatureC: airTemperatureC - COLDER_K })),
    allowedShare: 0,
  },
  {
    name: "2 m/s windier",
    worse: (outing) => inWeather(outing, ({ windMPerS }) => ({ windMPerS: windMPerS + WINDIER_M_PER_S })),
    allowedShare: 0,
  },
  { name: "15 % thinner", worse: (outing) => outing, clothFactor: THINNER, allowedShare: 0 },
  {
    name: "wet from the start",
    worse: (outing) => ({
      ...outing,
      wetFromStart: { pieceIds: outing.pieces.map(({ id }) => id), share: WET_SHARE },
    }),
    allowedShare: 0,
  },
  {
    // Beside a parent: blood flow of the published body falls from 50 years on, and a child may outlast its grandmother.
    name: "a child in the same clothes as an adult under 50, by toes and fingers",
    worse: (outing) =>
      outing.person.body.ageYears >= PARENT_UNDER_YEARS
        ? null
        : { ...outing, person: { ...outing.person, body: { ...outing.person.body, ...CHILD } } },
    only: ["toes", "fingers"],
    allowedShare: 0,
  },
  {
    name: "wet from the start, by the heat lost",
    worse: (outing) => ({ ...outing, wetFromStart: { pieceIds: outing.pieces.map(({ id }) => id), share: WET_SHARE } }),
    allowedShare: 0,
    inDebt: true,
  },
  { name: "without a fleece added over the sit", worse: (outing) => outing, allowedShare: 0.02 },
];
const ADDED = LAWS.at(-1)!;

/** How a law fares on one outing: minutes of both, and whether the worse one lasts longer beyond what is allowed. */
export type Trial = { readonly better: number; readonly worse: number; readonly isException: boolean };

/** Minutes still, or heat kept at the plan's end: more is better. */
function lasts(outing: Outing, law: Law, clothFactor?: number): number {
  const clothes = clothFactor === undefined ? null : new ClothesWithLabelErrors(outing);
  const misread = clothes?.by({ labelDeviation: new Map(), clothFactor: clothFactor!, gapFactor: 1 });
  const { sits, series } = simulateSitMinutes(clothes?.outing ?? outing, {
    only: law.only,
    labelErrors: misread,
    stepping: "doubled",
  });
  if (law.inDebt) return -series.heatDebtWhPerM2[series.minutes]!;
  const [verdict] = sits;
  return minutesStillOf(verdict!) ?? Infinity;
}

/** What outings last as they are: most laws start from the same. */
const asTheyAre = new WeakMap<Outing, Map<string, number>>();
function lastsAsItIs(outing: Outing, law: Law): number {
  const known = asTheyAre.get(outing) ?? new Map<string, number>();
  asTheyAre.set(outing, known);
  const key = `${law.only?.join() ?? ""} ${law.inDebt ?? false}`;
  const found = known.get(key) ?? lasts(outing, law);
  known.set(key, found);
  return found;
}

/** Tries a law on an outing; `null` where both have no end. */
export function tryLaw(law: Law, outing: Outing): Trial | null {
  const worseOuting = law.worse(outing);
  if (worseOuting === null) return null;
  const better = law === ADDED ? lasts(withFleeceAtTheSeat(outing), law) : lastsAsItIs(outing, law);
  const worse = law === ADDED ? lastsAsItIs(outing, law) : lasts(worseOuting, law, law.clothFactor);
  if (better === Infinity) return worse === Infinity ? null : { better, worse, isException: false };
  const allowed = Math.max(ALLOWED, better * law.allowedShare);
  return { better, worse, isException: worse > better + allowed };
}
