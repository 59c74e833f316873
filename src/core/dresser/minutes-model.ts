import { LIMITS, LIMIT_TABLE, type Limit } from "../limits";
import type { Judgement } from "./outfit-judge";
import type { DresserPiece } from "./wishes";
import { PLACEMENT, type OutfitCode } from "./outfit-code";
import { BODY_PART, PART_OF_LIMIT, StaticWarmth, type Warmth } from "./static-warmth";

// A rough guess of what the simulation will say, learnt from what it has said: minutes grow about as powers of the warmth
// where a limit lies and of that of the body, and each piece, on the way and at the seat, makes some difference of its own.
// It decides what is simulated next, and no figure.

/** Powers taken before anything is learnt (assumptions). */
const PRIOR = { limitPart: 0.8, body: 0.5 } as const;
/** How much evidence it takes to move a power, and what a piece adds, from what is taken at first. */
const POWER_WEIGHT = 0.3;
const PIECE_WEIGHT = 1.5;
const LEAST_WARMTH_M2K_PER_W = 0.02;
const POWERS = 3;
/** Who arrives too cold is taken as this. */
const LEAST_MINUTES = 8;

/** Sums of a least-squares fit of ln(minutes) for the outfits that one limit ends. */
type Fit = { readonly products: Float64Array; readonly sums: Float64Array; solution: Float64Array | null };

export class MinutesModel {
  private readonly fits = new Map<Limit, Fit>();
  private readonly warmth: StaticWarmth;
  private readonly count: number;
  private readonly terms: Float64Array;
  private readonly changed: number[] = [];

  constructor(private readonly kit: readonly DresserPiece[]) {
    this.warmth = new StaticWarmth(kit);
    this.count = POWERS + 2 * kit.length;
    this.terms = new Float64Array(this.count);
  }

  /** Learns after how many minutes a limit ended an outfit. */
  private learnOne(limit: Limit, code: OutfitCode, minutes: number): void {
    const { count, terms } = this;
    const fit = this.fits.get(limit) ?? {
      products: new Float64Array(count * count),
      sums: new Float64Array(count),
      solution: null,
    };
    this.fits.set(limit, fit);
    const logs = this.warmth.of(code).map(logOf);
    terms.fill(0);
    terms[0] = 1;
    terms[1] = partLog(limit, logs);
    terms[2] = logs[BODY_PART]!;
    for (let index = 0; index < this.kit.length; index++) {
      if (isOnWay(code[index]!)) terms[POWERS + 2 * index] = 1;
      if (isOnAtSeat(code[index]!)) terms[POWERS + 2 * index + 1] = 1;
    }
    // Learnt is what remains beside the prior, so that little evidence changes little.
    const left = Math.log(Math.max(LEAST_MINUTES, minutes)) - PRIOR.limitPart * terms[1]! - PRIOR.body * terms[2]!;
    for (let row = 0; row < count; row++) {
      if (terms[row] === 0) continue;
      fit.sums[row] = fit.sums[row]! + terms[row]! * left;
      for (let column = 0; column < count; column++) {
        fit.products[row * count + column] = fit.products[row * count + column]! + terms[row]! * terms[column]!;
      }
    }
    fit.solution = null;
  }

  /** Learns from what the simulation says of an outfit: what was not met lasts at least as long as was simulated. */
  learn(code: OutfitCode, { met, coveredMinutes }: Judgement): void {
    for (const limit of GUESSED) {
      const minutes = met[limit];
      if (minutes !== undefined) this.learnOne(limit, code, minutes);
      else if (
        this.fits.has(limit) &&
        this.logGuess(limit, code, this.warmth.of(code).map(logOf)) < Math.log(coveredMinutes)
      ) {
        this.learnOne(limit, code, coveredMinutes);
      }
    }
  }

  /** Sum of what pieces make a difference by, and the fit's constant. */
  private pieceSum(solution: Float64Array, code: OutfitCode): number {
    let sum = solution[0]!;
    for (let index = 0; index < this.kit.length; index++) sum += pieceTerm(solution, index, code[index]!);
    return sum;
  }

  private logGuess(limit: Limit, code: OutfitCode, logs: Float64Array): number {
    const solution = this.solutionOf(limit);
    return solution ? this.pieceSum(solution, code) + powerSum(limit, solution, logs) : Infinity;
  }

  private solutionOf(limit: Limit): Float64Array | null {
    const fit = this.fits.get(limit);
    return fit ? (fit.solution ??= solved(fit, this.count)) : null;
  }

  /** What is known of a judged outfit, to guess from it what others near it do. */
  anchorAt(code: OutfitCode, { met, coveredMinutes }: Judgement): Anchor {
    const warmth = this.warmth.of(code);
    const logs = warmth.map(logOf);
    const sums = new Float64Array(GUESSED.length);
    GUESSED.forEach((limit, index) => {
      const solution = this.solutionOf(limit);
      if (!solution) return;
      const guessed = this.pieceSum(solution, code) + powerSum(limit, solution, logs);
      const minutes = met[limit];
      const seen = Math.log(Math.max(LEAST_MINUTES, minutes ?? coveredMinutes));
      const error = minutes === undefined ? Math.max(0, seen - guessed) : seen - guessed;
      sums[index] = guessed + error - powerSum(limit, solution, logs);
    });
    return { code, warmth, sums };
  }

  /** Minutes an outfit near a judged one may last: of the limits met so far the first. */
  guess(code: OutfitCode, { code: known, warmth, sums }: Anchor): number {
    const now = Float64Array.from(warmth);
    const { changed } = this;
    changed.length = 0;
    for (let index = 0; index < this.kit.length; index++) {
      if (code[index] === known[index]) continue;
      changed.push(index);
      this.warmth.change(now, index, known[index]!, code[index]!);
    }
    for (let part = 0; part < now.length; part++) now[part] = logOf(now[part]!);
    let least = Infinity;
    for (let place = 0; place < GUESSED.length; place++) {
      const limit = GUESSED[place]!;
      const solution = this.solutionOf(limit);
      if (!solution) continue;
      let sum = sums[place]! + powerSum(limit, solution, now);
      for (const index of changed)
        sum += pieceTerm(solution, index, code[index]!) - pieceTerm(solution, index, known[index]!);
      least = Math.min(least, sum);
    }
    return Math.exp(least);
  }
}

/** What is known at a judged outfit, limit by limit: ln(minutes) without what follows from its warmth. */
export type Anchor = { readonly code: OutfitCode; readonly warmth: Warmth; readonly sums: Float64Array };
/** Limits that clothes push away; too much of them brings the one of heat. */
const GUESSED: readonly Limit[] = LIMITS.filter((limit) => LIMIT_TABLE[limit].group !== "heat");

const logOf = (warmth: number): number => Math.log(Math.max(0, warmth) + LEAST_WARMTH_M2K_PER_W);

const powerSum = (limit: Limit, solution: Float64Array, logs: Float64Array): number =>
  (PRIOR.limitPart + solution[1]!) * partLog(limit, logs) + (PRIOR.body + solution[2]!) * logs[BODY_PART]!;

function partLog(limit: Limit, logs: Float64Array): number {
  const part = PART_OF_LIMIT[limit];
  return part === undefined ? 0 : logs[part]!;
}

const pieceTerm = (solution: Float64Array, index: number, placement: number): number =>
  (isOnWay(placement) ? solution[POWERS + 2 * index]! : 0) +
  (isOnAtSeat(placement) ? solution[POWERS + 2 * index + 1]! : 0);

const isOnWay = (placement: number): boolean => placement === PLACEMENT.start || placement === PLACEMENT.way;
const isOnAtSeat = (placement: number): boolean => placement === PLACEMENT.start || placement === PLACEMENT.seat;

/** Least squares with some weight on what is taken at first (ridge), by Cholesky's factors. */
function solved({ products, sums }: Fit, count: number): Float64Array {
  const factor = new Float64Array(count * count);
  for (let row = 0; row < count; row++) {
    for (let column = 0; column <= row; column++) {
      let sum = products[row * count + column]!;
      if (row === column) sum += row === 0 ? Number.EPSILON * count : row < POWERS ? POWER_WEIGHT : PIECE_WEIGHT;
      for (let inner = 0; inner < column; inner++)
        sum -= factor[row * count + inner]! * factor[column * count + inner]!;
      factor[row * count + column] =
        row === column ? Math.sqrt(Math.max(sum, Number.EPSILON)) : sum / factor[column * count + column]!;
    }
  }
  const solution = Float64Array.from(sums);
  for (let row = 0; row < count; row++) {
    for (let inner = 0; inner < row; inner++)
      solution[row] = solution[row]! - factor[row * count + inner]! * solution[inner]!;
    solution[row] = solution[row]! / factor[row * count + row]!;
  }
  for (let row = count - 1; row >= 0; row--) {
    for (let inner = row + 1; inner < count; inner++)
      solution[row] = solution[row]! - factor[inner * count + row]! * solution[inner]!;
    solution[row] = solution[row]! / factor[row * count + row]!;
  }
  return solution;
}
