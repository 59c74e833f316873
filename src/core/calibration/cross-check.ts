import { CHANCE_SPREAD } from "../range";
import { observedOf, type FittedLogbook, type LinearSit } from "./fit-logbook";
import { bentAt, laplaceMode, type Mode } from "./laplace";
import { afterObserving, alongOf, spreadOf, valueAt } from "./linear";

/** A told time, held against what all the other notes say of its sit. */
export type CheckedTime = {
  readonly toldMinutes: number;
  /** In eight cases of ten, telling it included. */
  readonly lowMinutes: number;
  readonly highMinutes: number;
  readonly holds: boolean;
};

export type CrossChecked = {
  /** One of each sit whose note tells a time: the earliest. */
  readonly times: readonly CheckedTime[];
  /** The model's own error, natural logarithm of minutes, where the notes show it to be larger than usual. */
  readonly modelSpread: number | null;
  /** The mode with that error. */
  readonly mode: Mode;
};

/** Eight cases of ten lie within so many standard deviations of a normal distribution. */
export const DEVIATIONS_OF_EIGHT_IN_TEN = 1.2816;
/** The same in scales of Student's t with four degrees of freedom (tables, such as Abramowitz & Stegun 26.10). */
const SCALES_OF_EIGHT_IN_TEN = 1.533;

/** With fewer told times the share says nothing (assumption: three of ten outside what should hold eight may be chance). */
export const LEAST_TIMES = 10;
/** Under this share the model's own error is raised, until what is said to hold eight of ten does. */
export const LEAST_COVER = 0.7;
const WANTED_COVER = 0.8;
const RAISED_BY = 0.06;
const MOST_MODEL_SPREAD = 0.6;

export const coverOf = (times: readonly CheckedTime[]): number =>
  times.filter(({ holds }) => holds).length / Math.max(1, times.length);

/**
 * Holds every told time against what is learnt of all the other notes: what is said of eight cases of ten should hold
 * about eight. All in the logbook's linear form: nothing is simulated again.
 */
export function crossChecked(fitted: FittedLogbook): CrossChecked {
  const times = checkedTimes(fitted, fitted.mode);
  if (times.length < LEAST_TIMES || coverOf(times) >= LEAST_COVER)
    return { times, modelSpread: null, mode: fitted.mode };
  let modelSpread = CHANCE_SPREAD.lnModel;
  let mode: Mode;
  do {
    modelSpread += RAISED_BY;
    const spreads = withModelSpread(fitted, modelSpread);
    mode = laplaceMode(spreads, fitted.from, fitted.sits.flatMap(observedOf));
  } while (modelSpread < MOST_MODEL_SPREAD && coverOf(checkedTimes(fitted, mode)) < WANTED_COVER);
  return { times, modelSpread, mode };
}

function withModelSpread({ spreads, sits }: FittedLogbook, modelSpread: number): number[] {
  const own = new Set(sits.map(({ chanceAt }) => chanceAt.lnModel));
  return spreads.map((spread, place) => (own.has(place) ? modelSpread : spread));
}

const earliestOf = ({ evidence }: LinearSit) =>
  evidence
    .flatMap(({ measure, time }) => (time ? [{ measure, ...time }] : []))
    .sort((one, other) => one.lnMinutes - other.lnMinutes)[0];

function checkedTimes({ from, sits }: FittedLogbook, { at, covariance }: Mode): CheckedTime[] {
  return sits.flatMap((sit): CheckedTime[] => {
    const told = earliestOf(sit);
    if (!told) return [];
    const others = withoutSit(sit, from, { at, covariance });
    const measure = sit.measures[told.measure];
    const expected = valueAt(measure, from, others.at);
    const away = Math.hypot(
      DEVIATIONS_OF_EIGHT_IN_TEN * spreadOf(measure, others.covariance),
      SCALES_OF_EIGHT_IN_TEN * told.scale,
    );
    return [
      {
        toldMinutes: Math.exp(told.lnMinutes),
        lowMinutes: Math.exp(expected - away),
        highMinutes: Math.exp(expected + away),
        holds: Math.abs(told.lnMinutes - expected) <= away,
      },
    ];
  });
}

/**
 * The mode without one sit: what it bent is taken from the curvature, and one of Newton's steps goes from there. A test
 * holds it against the mode that is found again without the sit.
 */
export function withoutSit(sit: LinearSit, from: readonly number[], { at, covariance }: Mode): Mode {
  const bent = observedOf(sit).map((own) => ({ slopes: own.slopes, ...bentAt(own.loss, valueAt(own, from, at)) }));
  const wider = bent.reduce<Mode["covariance"]>(
    (known, { slopes, second }) => afterObserving(known, slopes, -1 / second),
    covariance,
  );
  const next = [...at];
  for (const { slopes, first } of bent)
    alongOf(wider, slopes).forEach((along, place) => (next[place] = next[place]! + first * along));
  return { at: next, covariance: wider };
}
