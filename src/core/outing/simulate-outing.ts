import { assertInRange, CoreError } from "../errors";
import type { BodyPerson, RestingBody } from "../body";
import { HELD_PAST_PLAN_MINUTES } from "../limits";
import { createSitter, USUAL_NATURE, type BodilyNature, type Conditions, type Sitter } from "../sitter";
import { phaseConditions, type PhaseConditions } from "./conditions";
import { dressings, type Dress } from "./dressing";
import { MODEL_VERSION, OUTING_RANGE, type Outing } from "./outing";
import { createRecorder, type OutingSeries, type Recorder } from "./series";
import {
  answerOf,
  isSettled,
  sitCrossings,
  spareMinutes,
  taskMinutes,
  type SitAnswer,
  type SitCrossings,
} from "./sit-answer";
import { sitWatches } from "./sit-watches";
import { sitSpans, type SitSpan } from "./sits";

export type OutingResult = {
  readonly modelVersion: string;
  /** The person lies outside the adult model: figures are extrapolated. */
  readonly extrapolated: boolean;
  readonly series: OutingSeries;
  readonly sits: readonly SitAnswer[];
  /** Place in `sits` of the first sit that fails its plan, else of the one with the least to spare. */
  readonly decidingSit: number;
};

/** How far past the plan is simulated before the answer is looked at again. */
const CHUNK_MINUTES = 40;
/** What of a simulation need not be the usual. */
export type SimulationOptions = {
  /** The person's resting body, when already known; it has to belong to the same basal heat. */
  readonly resting?: RestingBody | undefined;
  readonly nature?: BodilyNature | undefined;
};

const ADULT_FROM_YEARS = 18;
const ADULT_FROM_KG = 45;

/** Below 18 years or 45 kg the published body is extrapolated. */
export const isExtrapolated = ({ ageYears, massKg }: BodyPerson): boolean =>
  ageYears < ADULT_FROM_YEARS || massKg < ADULT_FROM_KG;

/**
 * Simulates an outing: a person's body with digits, minute by minute, and what ends each sit.
 * @throws {CoreError} `no-phases`, `no-sit`, `no-weather`, `unknown-piece`, `out-of-range`
 * @source docs/method.md
 */
export function simulateOuting(
  outing: Outing,
  { resting, nature = USUAL_NATURE }: SimulationOptions = {},
): OutingResult {
  if (outing.phases.length === 0) throw new CoreError("no-phases", "an outing needs at least one phase");
  const spans = sitSpans(outing.phases);
  if (spans.length === 0) throw new CoreError("no-sit", "an outing needs at least one phase in which the person sits");
  const totalMinutes = outing.phases.reduce((total, { minutes }) => total + minutes, 0);
  assertInRange("totalMinutes", totalMinutes, OUTING_RANGE.totalMinutes);

  const run: Run = {
    sitter: createSitter(outing.person.body, outing.start, nature, resting),
    recorder: createRecorder(totalMinutes),
    dresses: dressings(outing.pieces, outing.wearings),
    conditions: outing.phases.map((phase) => phaseConditions(outing, phase)),
  };
  recordStart(run);
  const sits: SitAnswer[] = [];
  let minute = 0;
  outing.phases.forEach((phase, index) => {
    const end = minute + phase.minutes;
    for (; minute < end; minute++) stepMinute(run, run.recorder, minute, minute + 1, run.conditions[index]!);
    const span = spans.find(({ toMinute }) => toMinute === end);
    if (span) sits.push(answerSit(outing, run, span));
  });
  return {
    modelVersion: MODEL_VERSION,
    extrapolated: isExtrapolated(outing.person.body),
    series: run.recorder.series,
    sits,
    decidingSit: decidingSit(sits),
  };
}

type Run = {
  readonly sitter: Sitter;
  readonly recorder: Recorder;
  readonly dresses: readonly Dress[];
  readonly conditions: readonly PhaseConditions[];
};

const dressAt = (dresses: readonly Dress[], minute: number): Dress =>
  dresses.findLast(({ fromMinute }) => fromMinute <= minute)!;

function stepMinute(run: Run, into: Recorder, minute: number, recordAt: number, conditions: PhaseConditions): void {
  const at: Conditions = conditions(minute, dressAt(run.dresses, minute));
  run.sitter.step(at);
  into.record(recordAt, run.sitter, at);
}

function recordStart(run: Run): void {
  run.recorder.record(0, run.sitter, run.conditions[0]!(0, dressAt(run.dresses, 0)));
}

/** Judges a sit; goes on sitting past its plan only as long as the answer is open, then returns to the plan. */
function answerSit(outing: Outing, run: Run, span: SitSpan): SitAnswer {
  const { fromMinute, toMinute } = span;
  const { accepted } = outing.person;
  const inTask = taskMinutes(outing.phases, span);
  const state = run.sitter.save();
  const lastDress = dressAt(run.dresses, toMinute - 1);
  let held: Recorder | null = null;
  let heldMinutes = 0;
  const look = (): SitCrossings => {
    const watches = sitWatches(run.recorder.series, fromMinute, toMinute, held && held.series, heldMinutes);
    return sitCrossings(watches, accepted, inTask);
  };
  let crossings = look();
  while (heldMinutes < HELD_PAST_PLAN_MINUTES && !isSettled(crossings)) {
    held ??= createRecorder(HELD_PAST_PLAN_MINUTES);
    const chunkEnd = Math.min(HELD_PAST_PLAN_MINUTES, heldMinutes + CHUNK_MINUTES);
    for (; heldMinutes < chunkEnd; heldMinutes++) {
      const at = run.conditions[span.lastPhase]!(toMinute + heldMinutes, lastDress);
      run.sitter.step(at);
      held.record(heldMinutes + 1, run.sitter, at);
    }
    crossings = look();
  }
  run.sitter.restore(state);
  return answerOf(span, crossings);
}

function decidingSit(sits: readonly SitAnswer[]): number {
  const failing = sits.findIndex((sit) => spareMinutes(sit) < 0);
  if (failing >= 0) return failing;
  const spare = sits.map(spareMinutes);
  return spare.indexOf(Math.min(...spare));
}
