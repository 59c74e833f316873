import { isCold, type Felt, type FeltPart, type PartFelt, type Vote } from "../logbook";
import { before, between, coldBetween, laterThan, near, type Loss } from "./losses";
import type { Measure } from "./sit-measures";

/** What a note says of one measure of its sit. */
export type Evidence = {
  readonly measure: Measure;
  readonly loss: Loss;
  /** Where a time was told: its natural logarithm, and the scale of telling it. */
  readonly time?: { readonly lnMinutes: number; readonly scale: number };
};

/** Scales of what people say: minutes as natural logarithms (assumptions). */
export const MINUTES_SCALE: Readonly<Record<"toes" | "fingers" | "body", number>> = {
  toes: 0.2,
  fingers: 0.2,
  body: 0.25,
};
/** Of a vote, K (assumption). */
export const VOTE_SCALE_K = 1.2;
/** Temperatures of digits between which votes lie, °C: warm over 25, neither over 20, cool over 15, cold over 10 (docs/method.md). */
export const VOTE_RANGE_C: Readonly<Record<Vote, readonly [low: number, high: number]>> = {
  warm: [25, Infinity],
  neutral: [20, 25],
  cool: [15, 20],
  cold: [10, 15],
  painful: [-Infinity, 10],
  numb: [-Infinity, 10],
};
const LEAST_MINUTES = 5;

const PARTS = {
  toes: { felt: ["leftToes", "rightToes"], ln: "lnToes", digitC: "toesC" },
  fingers: { felt: ["leftFingers", "rightFingers"], ln: "lnFingers", digitC: "fingersC" },
  body: { felt: ["body"], ln: "lnBody", digitC: null },
} as const satisfies Record<string, { felt: readonly FeltPart[]; ln: Measure; digitC: Measure | null }>;

/**
 * What votes of the whole body say of the logarithm of the minutes until it is cold: that is one moment, however often
 * somebody was asked.
 * @param notBy minutes after which it was not cold yet, the latest; `null`: not said
 * @param by minutes after which it was, the first; `null`: not said
 */
export function votesOfBody(notBy: number | null, by: number | null): Loss {
  const [from, to] = [notBy, by].map((minutes) => minutes && Math.max(LEAST_MINUTES, minutes));
  if (from && to && from < to) return coldBetween(from, to, MINUTES_SCALE.body);
  return to ? before(to, MINUTES_SCALE.body) : laterThan(from ?? LEAST_MINUTES, MINUTES_SCALE.body);
}

/** Of two sides the colder one, as its time was told or not. */
function worse(told: readonly (PartFelt | undefined)[]): PartFelt | null {
  const known = told.filter((own) => own !== undefined);
  const coldest = known.find(({ vote }) => isCold(vote)) ?? known[0];
  if (!coldest) return null;
  const times = known.flatMap(({ coldAfterMinutes }) => coldAfterMinutes ?? []);
  return { vote: coldest.vote, coldAfterMinutes: times.length > 0 ? Math.min(...times) : null };
}

/**
 * All a note says. What it does not say teaches nothing, but for what could have ended the sit and did not: whoever got up
 * for the cold of one part, or for something else, was not driven out by another. Cold fingers at rest drive nobody out.
 */
export function evidenceOf({ minutes, ended, first, parts }: Felt): Evidence[] {
  const sat = Math.max(LEAST_MINUTES, minutes);
  return (Object.keys(PARTS) as (keyof typeof PARTS)[]).flatMap((name): Evidence[] => {
    const { felt, ln, digitC } = PARTS[name];
    const scale = MINUTES_SCALE[name];
    const own = worse(felt.map((part) => parts[part]));
    const endedIt = ended === "cold" && first !== null && (felt as readonly FeltPart[]).includes(first);
    const at = own?.coldAfterMinutes ?? (endedIt ? sat : null);
    if (at !== null) {
      const lnMinutes = Math.log(Math.max(LEAST_MINUTES, at));
      return [{ measure: ln, loss: near(lnMinutes, scale), time: { lnMinutes, scale } }];
    }
    if (own && digitC) return [{ measure: digitC, loss: between(...VOTE_RANGE_C[own.vote], VOTE_SCALE_K) }];
    if (own) return [{ measure: ln, loss: isCold(own.vote) ? votesOfBody(null, sat) : votesOfBody(sat, null) }];
    const wouldHaveEndedIt = name !== "fingers" && (ended === "cold" ? first !== null : ended !== null);
    return wouldHaveEndedIt ? [{ measure: ln, loss: laterThan(sat, scale) }] : [];
  });
}
