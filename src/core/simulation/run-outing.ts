import * as m from "@/messages";
import { sitterOf } from "./sitter-of";
import { natureOf } from "./nature";
import { feltAtBy } from "./felt-levels";
import { assertInRange, CoreError } from "../errors";
import { HELD_PAST_PLAN_MINUTES, LIMITS, RULING_LIMITS, type Limit, type Watch } from "../limits";
import type { BodilyNature, RestedPerson } from "../sitter";
import { minutesBefore, totalMinutes } from "../outing";
import { Course, type Stepping } from "./course";
import { OUTING_RANGE, type Outing } from "../outing";
import { createRecorder, type OutingSeries, type Recorder } from "./series";
import { sitWatches, type FeltAt } from "./sit-watches";
import { sitSpans, type SitSpan } from "../outing";
import { Surroundings, type LabelErrors } from "./surroundings";

/** What of a simulation need not be the usual. */
export type SimulationOptions = {
  /** The person as they step out, when already known; it has to belong to the same start and basal heat. */
  readonly rested?: RestedPerson | undefined;
  readonly nature?: BodilyNature | undefined;
  /** What is worn, resolved before, with labels that say too much or too little; as read when not given. */
  readonly labelErrors?: LabelErrors | undefined;
  /** Where this person feels a limit; as was learnt of them when not given. */
  readonly feltAt?: FeltAt | undefined;
  /** Limits to judge by; those that rule for this person when not given. */
  readonly only?: readonly Limit[] | undefined;
  /** "paced" when not given. */
  readonly stepping?: Stepping | undefined;
  /** Whether curves are wanted that no limit is judged by, of each segment's skin and of the water; they are when not said. */
  readonly allCurves?: boolean | undefined;
};

/** An outing as far as it is simulated. */
export type Run = {
  readonly outing: Outing;
  readonly course: Course;
  readonly recorder: Recorder;
  readonly surroundings: Surroundings;
  /** Limits that may end a sit. */
  readonly ruling: readonly Limit[];
  readonly feltAt: FeltAt;
};

/** What may end a sit of this person: the standard's heat debt only where they prefer its rule. */
const rulingLimits = ({ heatDebtEnds }: Pick<Outing["person"], "heatDebtEnds">): readonly Limit[] =>
  heatDebtEnds ? LIMITS : RULING_LIMITS;

/** How far past the plan is simulated before the answer is looked at again. */
const CHUNK_MINUTES = 60;

/** Where a run begins: the person as they step out, and the sits to come. */
export function beginRun(
  outing: Outing,
  options: SimulationOptions,
): { readonly run: Run; readonly spans: readonly SitSpan[] } {
  const { rested, labelErrors, nature = natureOf(outing.person) } = options;
  const {
    only: ruling = rulingLimits(outing.person),
    stepping = "paced",
    allCurves = true,
    feltAt = feltAtBy(outing.person.learnt),
  } = options;
  if (outing.phases.length === 0) throw new CoreError("no-phases", m.anOutingNeedsAtLeastOne);
  const spans = sitSpans(outing.phases);
  if (spans.length === 0) throw new CoreError("no-sit", m.anOutingNeedsAtLeastOne2);
  const minutesPlanned = totalMinutes(outing.phases);
  assertInRange("totalMinutes", minutesPlanned, OUTING_RANGE.totalMinutes);

  const sitter = sitterOf(outing, nature, rested);
  const recorder = createRecorder(minutesPlanned, allCurves);
  const surroundings = new Surroundings(outing, labelErrors);
  const course = new Course(sitter, surroundings, stepping, outing.fallsInAtMinute);
  recorder.record(0, sitter, surroundings.at(0, 0, 0));
  return { run: { outing, course, recorder, surroundings, ruling, feltAt }, spans };
}

/**
 * Simulates an outing minute by minute and has each sit answered as its plan ends.
 * @param answer called with the body as it is at the sit's end; has to leave it so
 * @throws {CoreError} `no-phases`, `no-sit`, `no-weather`, `unknown-piece`, `out-of-range`
 */
export function runOuting<Answer>(
  outing: Outing,
  options: SimulationOptions,
  answer: (run: Run, span: SitSpan) => Answer,
): { readonly series: OutingSeries; readonly answers: readonly Answer[]; readonly waterGPerM2: Float64Array } {
  const { run, spans } = beginRun(outing, options);
  const { course, recorder } = run;
  const answers: Answer[] = [];
  let start = 0;
  outing.phases.forEach(({ minutes }, phase) => {
    const end = start + minutes;
    course.live({ phase, phaseStart: start, from: start, to: end }, recorder);
    const span = spans.find(({ toMinute }) => toMinute === end);
    if (span) answers.push(answer(run, span));
    start = end;
  });
  const waterGPerM2 = course.sitter.wet?.moisture.state.waterGPerM2.slice() ?? new Float64Array();
  return { series: recorder.series, answers, waterGPerM2 };
}

/** Curves of what is held past a sit's plan, from the state at its end. */
function recorderFrom({ course, surroundings }: Run, toMinute: number, phase: number, phaseStart: number): Recorder {
  const recorder = createRecorder(HELD_PAST_PLAN_MINUTES, false);
  recorder.record(0, course.sitter, surroundings.at(toMinute - 1, phase, toMinute - 1 - phaseStart));
  return recorder;
}

/**
 * Looks at a sit's curves; goes on sitting past its plan only as long as what is seen is open, then returns to the plan.
 * @param look finds in the curves what is wanted; told what it found in fewer minutes
 * @param isSettled whether nothing simulated later could change it
 * @param settledFrom minutes of the sit from which what was seen may be settled; the next hour's end when not given
 */
export function holdUntilSettled<Seen>(
  run: Run,
  { fromMinute, toMinute, lastPhase }: SitSpan,
  look: (watches: readonly Watch[], before: Seen | null) => Seen,
  isSettled: (seen: Seen) => boolean,
  settledFrom: (seen: Seen) => number = () => Infinity,
): Seen {
  const { outing, course, recorder, feltAt } = run;
  const state = course.save();
  const phaseStart = minutesBefore(outing.phases, lastPhase);
  let held: Recorder | null = null;
  let heldMinutes = 0;
  const lookNow = (before: Seen | null): Seen =>
    look(sitWatches(recorder.series, fromMinute, toMinute, held && held.series, heldMinutes, feltAt), before);
  let seen = lookNow(null);
  while (heldMinutes < HELD_PAST_PLAN_MINUTES && !isSettled(seen)) {
    held ??= recorderFrom(run, toMinute, lastPhase, phaseStart);
    const wanted = Math.max(1, settledFrom(seen) - (toMinute - fromMinute) - heldMinutes);
    const until = Math.min(HELD_PAST_PLAN_MINUTES, heldMinutes + Math.min(CHUNK_MINUTES, wanted));
    const stretch = { phase: lastPhase, phaseStart, from: toMinute + heldMinutes, to: toMinute + until };
    course.live({ ...stretch, dressHeldAt: toMinute - 1 }, held, toMinute);
    heldMinutes = until;
    seen = lookNow(seen);
  }
  course.restore(state);
  return seen;
}
