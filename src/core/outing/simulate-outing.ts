import { assertInRange, CoreError } from "../errors";
import type { RestingBody } from "../body";
import { isExtrapolated } from "./adult";
import { HELD_PAST_PLAN_MINUTES, LIMITS, type Limit } from "../limits";
import { createSitter, USUAL_NATURE, type BodilyNature, type Sitter } from "../sitter";
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
import { Surroundings } from "./surroundings";

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
  /** Limits to judge by; all when not given. */
  readonly only?: readonly Limit[] | undefined;
};

/** What is known of a person's body beyond the usual. */
export const natureOf = ({ calibration }: Outing["person"]): BodilyNature => ({ ...USUAL_NATURE, ...calibration });

/**
 * Simulates an outing: a person's body with digits, minute by minute, and what ends each sit.
 * @throws {CoreError} `no-phases`, `no-sit`, `no-weather`, `unknown-piece`, `out-of-range`
 * @source docs/method.md
 */
export function simulateOuting(
  outing: Outing,
  { resting, nature = natureOf(outing.person), only = LIMITS }: SimulationOptions = {},
): OutingResult {
  if (outing.phases.length === 0) throw new CoreError("no-phases", "an outing needs at least one phase");
  const spans = sitSpans(outing.phases);
  if (spans.length === 0) throw new CoreError("no-sit", "an outing needs at least one phase in which the person sits");
  const totalMinutes = outing.phases.reduce((total, { minutes }) => total + minutes, 0);
  assertInRange("totalMinutes", totalMinutes, OUTING_RANGE.totalMinutes);

  const run: Run = {
    sitter: createSitter(outing.person.body, outing.start, nature, resting),
    recorder: createRecorder(totalMinutes),
    surroundings: new Surroundings(outing),
    only,
  };
  recordStart(run);
  const sits: SitAnswer[] = [];
  let minute = 0;
  outing.phases.forEach((phase, index) => {
    const start = minute;
    const end = start + phase.minutes;
    for (; minute < end; minute++) {
      const at = run.surroundings.at(minute, index, minute - start);
      run.sitter.step(at);
      run.recorder.record(minute + 1, run.sitter, at);
    }
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
  readonly surroundings: Surroundings;
  readonly only: readonly Limit[];
};

function recordStart(run: Run): void {
  run.recorder.record(0, run.sitter, run.surroundings.at(0, 0, 0));
}

const startOfPhase = (phases: Outing["phases"], place: number): number =>
  phases.slice(0, place).reduce((total, { minutes }) => total + minutes, 0);

/** Judges a sit; goes on sitting past its plan only as long as the answer is open, then returns to the plan. */
function answerSit(outing: Outing, run: Run, span: SitSpan): SitAnswer {
  const { fromMinute, toMinute } = span;
  const { accepted } = outing.person;
  const inTask = taskMinutes(outing.phases, span);
  const state = run.sitter.save();
  const phaseStart = startOfPhase(outing.phases, span.lastPhase);
  let held: Recorder | null = null;
  let heldMinutes = 0;
  const look = (): SitCrossings => {
    const watches = sitWatches(run.recorder.series, fromMinute, toMinute, held && held.series, heldMinutes);
    return sitCrossings(
      watches.filter(({ limit }) => run.only.includes(limit)),
      accepted,
      inTask,
    );
  };
  let crossings = look();
  while (heldMinutes < HELD_PAST_PLAN_MINUTES && !isSettled(crossings, run.only.length > 1)) {
    held ??= createRecorder(HELD_PAST_PLAN_MINUTES);
    const chunkEnd = Math.min(HELD_PAST_PLAN_MINUTES, heldMinutes + CHUNK_MINUTES);
    for (; heldMinutes < chunkEnd; heldMinutes++) {
      const minute = toMinute + heldMinutes;
      const at = run.surroundings.at(minute, span.lastPhase, minute - phaseStart, toMinute - 1);
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
