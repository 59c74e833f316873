import type { Limit } from "../../limits";
import {
  BODY,
  bodyWarmth,
  FEATURE_COUNT,
  GUESSED,
  OutfitFeatures,
  priorOf,
  shaped,
  shapedAt,
  type Features,
} from "./outfit-features";
import type { OutfitCode } from "../outfit/outfit-code";
import { PLACEMENT, SWITCHES } from "../outfit/outfit-code";
import type { Judgement } from "./outfit-judge";
import { addRow, copied, emptyFit, ridge, type Fit } from "./ridge";
import type { DresserPiece } from "../outfit/wishes";

// A rough guess of what the simulation will say, learnt from what it has said: for each limit ln(minutes) is a straight
// line in what sums up an outfit, and each piece, on the way and at the seat, makes some small difference of its own.
// It decides what is simulated next, and no figure.

/** How much evidence it takes to move a slope, and what a piece adds of its own, from what is taken at first (assumptions). */
const SLOPE_WEIGHT = 4;
const PIECE_WEIGHT = 40;
/** Fitted again once so many outfits were learnt from for each term: a large kit's fit takes long and moves little. */
const REFIT_SHARE = 0.1;
/** Who arrives too cold is taken as this. */
export const LEAST_MINUTES = 8;

/** What sums an outfit up, and the terms of its fit that are not 0: most are. */
type Terms = {
  readonly sums: Features;
  readonly shaped: Features;
  readonly places: Uint16Array;
  readonly values: Float64Array;
};

/**
 * @property met sums over the outfits that met the limit, of the first `summedTo` that were learnt from
 * @property fittedTo of how many outfits the solution knows
 */
type LimitFit = {
  readonly prior: Features;
  readonly met: Fit;
  summedTo: number;
  solution: Float64Array | null;
  fittedTo: number;
};

/** What is known at a judged outfit, limit by limit: ln(minutes). It holds until something is learnt. */
export type Anchor = {
  readonly code: OutfitCode;
  readonly sums: Features;
  readonly shaped: Features;
  readonly logMinutes: Float64Array;
  /** Places of the limits that are known, the one that rules first: most guesses fail by it. */
  readonly order: readonly number[];
};

export class MinutesModel {
  private readonly learnt: { readonly terms: Terms; readonly judgement: Judgement }[] = [];
  private readonly fits = new Map<Limit, LimitFit>();
  private readonly features: OutfitFeatures;
  private readonly count: number;
  private readonly changed: number[] = [];
  /** Of the guess under way: its sums, which of them moved, and by how much as they are fitted. */
  private readonly now = new Float64Array(FEATURE_COUNT);
  private readonly touched = new Uint8Array(FEATURE_COUNT);
  private readonly moved = new Float64Array(FEATURE_COUNT);
  private readonly movedFeatures: number[] = [];
  /** Of outfits that were asked for before: those that were simulated are asked for again and again. */
  private readonly terms = new WeakMap<OutfitCode, Terms>();
  private current: readonly (Float64Array | null)[] | null = null;

  constructor(private readonly kit: readonly DresserPiece[]) {
    this.features = new OutfitFeatures(kit);
    this.count = 1 + FEATURE_COUNT + 2 * kit.length + SWITCHES;
  }

  /** Terms of a fit: a constant, the features, each piece on the way and at the seat, the switches. */
  private termsOf(code: OutfitCode): Terms {
    const known = this.terms.get(code);
    if (known) return known;
    const sums = this.features.of(code);
    const terms = new Float64Array(this.count);
    terms[0] = 1;
    terms.set(shaped(sums), 1);
    const first = 1 + FEATURE_COUNT;
    for (let index = 0; index < this.kit.length; index++) {
      if (isOnWay(code[index]!)) terms[first + 2 * index] = 1;
      if (isOnAtSeat(code[index]!)) terms[first + 2 * index + 1] = 1;
    }
    for (let place = 0; place < SWITCHES; place++)
      terms[this.count - SWITCHES + place] = code[this.kit.length + place]!;
    // Filled one by one: it is asked for of some thousand outfits.
    const places = new Uint16Array(this.count);
    const values = new Float64Array(this.count);
    let count = 0;
    for (let place = 0; place < this.count; place++) {
      if (terms[place] === 0) continue;
      places[count] = place;
      values[count++] = terms[place]!;
    }
    const found = {
      sums,
      shaped: terms.slice(1, first),
      places: places.subarray(0, count),
      values: values.subarray(0, count),
    };
    this.terms.set(code, found);
    return found;
  }

  /** Learns from what the simulation says of an outfit. */
  learn(code: OutfitCode, judgement: Judgement): void {
    this.learnt.push({ terms: this.termsOf(code), judgement });
    for (const limit of GUESSED) {
      if (judgement.met[limit] !== undefined && !this.fits.has(limit))
        this.fits.set(limit, {
          prior: priorOf(limit),
          met: emptyFit(this.count),
          summedTo: 0,
          solution: null,
          fittedTo: 0,
        });
    }
    this.current = null;
  }

  /**
   * Fits a limit to all that was learnt. What was not met lasts at least as long as was simulated: only where the last fit
   * says less does it count, as so long. (Counted once and for all it would hold limits that are hardly ever met far too low.)
   */
  private fitted(limit: Limit, own: LimitFit): Float64Array {
    const { prior, met, solution } = own;
    // Learnt is what remains beside the prior, so that little evidence changes little.
    const besidePrior = ({ shaped: features }: Terms, logMinutes: number): number => {
      let left = logMinutes;
      for (let feature = 0; feature < FEATURE_COUNT; feature++) left -= prior[feature]! * features[feature]!;
      return left;
    };
    for (; own.summedTo < this.learnt.length; own.summedTo++) {
      const { terms, judgement } = this.learnt[own.summedTo]!;
      const minutes = judgement.met[limit];
      if (minutes !== undefined) addRow(met, terms, besidePrior(terms, loggedMinutes(minutes)));
    }
    const fit = copied(met);
    for (const { terms, judgement } of this.learnt) {
      if (judgement.met[limit] !== undefined) continue;
      const logMinutes = loggedMinutes(judgement.coveredMinutes);
      if (solution && sumOf(solution, terms) < logMinutes) addRow(fit, terms, besidePrior(terms, logMinutes));
    }
    const found = ridge(fit, (term) => (term === 0 ? 0 : term <= FEATURE_COUNT ? SLOPE_WEIGHT : PIECE_WEIGHT));
    for (let feature = 0; feature < FEATURE_COUNT; feature++)
      found[1 + feature] = found[1 + feature]! + prior[feature]!;
    return found;
  }

  /** Slopes and differences, the prior's among them; `null` where nothing is known of a limit yet. */
  private solutionOf(limit: Limit): Float64Array | null {
    const own = this.fits.get(limit);
    if (!own) return null;
    if (!own.solution || this.learnt.length - own.fittedTo > this.count * REFIT_SHARE) {
      // The first fit knows not yet what was not met.
      own.solution ??= this.fitted(limit, own);
      own.solution = this.fitted(limit, own);
      own.fittedTo = this.learnt.length;
    }
    return own.solution;
  }

  /** Of all limits, in their order; kept until something is learnt. */
  private solutions(): readonly (Float64Array | null)[] {
    return (this.current ??= GUESSED.map((limit) => this.solutionOf(limit)));
  }

  /** ln(minutes) of each limit by the fit alone; infinite where nothing is known of it. */
  byFit(code: OutfitCode): Float64Array {
    const terms = this.termsOf(code);
    return Float64Array.from(this.solutions(), (solution) => sumOf(solution, terms));
  }

  /** ln(minutes) of each limit as they were seen; what was not met lasts as fitted, at least as long as was simulated. */
  seen({ met, coveredMinutes }: Judgement, fitted: Float64Array): Float64Array {
    return fitted.map((guessed, index) => {
      if (guessed === Infinity) return Infinity;
      const minutes = met[GUESSED[index]!];
      const seen = loggedMinutes(minutes ?? coveredMinutes);
      return minutes === undefined ? Math.max(seen, guessed) : seen;
    });
  }

  /** What is known of a judged outfit, to guess from it what others near it do. */
  anchorAt(code: OutfitCode, judgement: Judgement): Anchor {
    const logMinutes = this.seen(judgement, this.byFit(code));
    const order = [...logMinutes.keys()].filter((index) => logMinutes[index] !== Infinity);
    order.sort((one, other) => logMinutes[one]! - logMinutes[other]!);
    const { sums, shaped: fittedAs } = this.termsOf(code);
    return { code, sums, shaped: fittedAs, logMinutes, order };
  }

  /**
   * Minutes an outfit near a judged one may last: of the limits met so far the first.
   * @param atLeast what lies under it need not be told closer: one limit that does is enough
   */
  guess(code: OutfitCode, { code: known, sums, shaped: before, logMinutes, order }: Anchor, atLeast = 0): number {
    const { changed, count, now, touched, moved, movedFeatures } = this;
    now.set(sums);
    touched.fill(0);
    changed.length = 0;
    for (let index = 0; index < code.length; index++) {
      if (code[index] === known[index]) continue;
      changed.push(index);
      if (index < this.kit.length) this.features.change(now, index, known[index]!, code[index]!, touched);
    }
    // Most changes move few of the features.
    movedFeatures.length = 0;
    for (let feature = 0; feature < FEATURE_COUNT; feature++) {
      if (touched[feature] === 0 && feature !== BODY) continue;
      moved[feature] = (feature === BODY ? bodyWarmth(now) : shapedAt(feature, now[feature]!)) - before[feature]!;
      movedFeatures.push(feature);
    }
    const enough = Math.log(atLeast);
    let least = Infinity;
    const solutions = this.solutions();
    for (const place of order) {
      if (least < enough) break;
      const solution = solutions[place]!;
      let sum = logMinutes[place]!;
      for (const feature of movedFeatures) sum += solution[1 + feature]! * moved[feature]!;
      for (const index of changed) {
        if (index >= this.kit.length) {
          sum += solution[count - SWITCHES + index - this.kit.length]! * (code[index]! - known[index]!);
          continue;
        }
        const own = 1 + FEATURE_COUNT + 2 * index;
        sum += solution[own]! * (Number(isOnWay(code[index]!)) - Number(isOnWay(known[index]!)));
        sum += solution[own + 1]! * (Number(isOnAtSeat(code[index]!)) - Number(isOnAtSeat(known[index]!)));
      }
      least = Math.min(least, sum);
    }
    return Math.exp(least);
  }
}

/** A fit's ln(minutes); infinite where there is none yet. */
function sumOf(solution: Float64Array | null | undefined, { places, values }: Terms): number {
  if (!solution) return Infinity;
  let sum = 0;
  for (let term = 0; term < places.length; term++) sum += solution[places[term]!]! * values[term]!;
  return sum;
}

const loggedMinutes = (minutes: number): number => Math.log(Math.max(LEAST_MINUTES, minutes));
const isOnWay = (placement: number): boolean => placement === PLACEMENT.start || placement === PLACEMENT.way;
const isOnAtSeat = (placement: number): boolean => placement === PLACEMENT.start || placement === PLACEMENT.seat;
