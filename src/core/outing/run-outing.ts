import { assertInRange, CoreError } from "../errors";
import { HELD_PAST_PLAN_MINUTES, LIMITS, type Limit, type Watch } from "../limits";
import { createSitter, USUAL_NATURE, type BodilyNature, type RestedPerson, type Sitter } from "../sitter";
import { OUTING_RANGE, type Outing } from "./outing";
import { createRecorder, type OutingSeries, type Recorder } from "./series";
import { sitWatches } from "./sit-watches";
import { sitSpans, type SitSpan } from "./sits";
import { Surroundings } from "./surroundings";

/** What of a simulation need not be the usual. */
export type SimulationOptions = {
  /** The person as they step out, when already known; it has to belong to the same start and basal heat. */
  readonly rested?: RestedPerson | undefined;
  readonly nature?: BodilyNature | undefined;
  /** Limits to judge by; all when not given. */
  readonly only?: readonly Limit[] | undefined;
};

/** An outing as far as it is simulated. */
export type Run = {
  readonly outing: Outing;
  readonly sitter: Sitter;
  readonly recorder: Recorder;
  readonly surroundings: Surroundings;
  readonly only: readonly Limit[];
};

/** How far past the plan is simulated before the answer is looked at again. */
const CHUNK_MINUTES = 40;

/** What is known of a person's body beyond the usual. */
export const natureOf = ({ calibration }: Outing["person"]): BodilyNature => ({ ...USUAL_NATURE, ...calibration });

/**
 * Simulates an outing minute by minute and has each sit answered as its plan ends.
 * @param answer called with the body as it is at the sit's end; has to leave it so
 * @throws {CoreError} `no-phases`, `no-sit`, `no-weather`, `unknown-piece`, `out-of-range`
 */
export function runOuting<Answer>(
  outing: Outing,
  { rested, nature = natureOf(outing.person), only = LIMITS }: SimulationOptions,
  answer: (run: Run, span: SitSpan) => Answer,
): { readonly series: OutingSeries; readonly answers: readonly Answer[] } {
  if (outing.phases.length === 0) throw new CoreError("no-phases", "an outing needs at least one phase");
  const spans = sitSpans(outing.phases);
  if (spans.length === 0) throw new CoreError("no-sit", "an outing needs at least one phase in which the person sits");
  const totalMinutes = outing.phases.reduce((total, { minutes }) => total + minutes, 0);
  assertInRange("totalMinutes", totalMinutes, OUTING_RANGE.totalMinutes);

  const sitter = createSitter(outing.person.body, outing.start, nature, rested);
  const recorder = createRecorder(totalMinutes);
  const surroundings = new Surroundings(outing);
  const run: Run = { outing, sitter, recorder, surroundings, only };
  recorder.record(0, sitter, surroundings.at(0, 0, 0));
  const answers: Answer[] = [];
  let minute = 0;
  outing.phases.forEach((phase, index) => {
    const start = minute;
    const end = start + phase.minutes;
    for (; minute < end; minute++) {
      const at = surroundings.at(minute, index, minute - start);
      sitter.step(at);
      recorder.record(minute + 1, sitter, at);
    }
    const span = spans.find(({ toMinute }) => toMinute === end);
    if (span) answers.push(answer(run, span));
  });
  return { series: recorder.series, answers };
}

const startOfPhase = (phases: Outing["phases"], place: number): number =>
  phases.slice(0, place).reduce((total, { minutes }) => total + minutes, 0);

/**
 * Looks at a sit's curves; goes on sitting past its plan only as long as what is seen is open, then returns to the plan.
 * @param look finds in the curves what is wanted
 * @param isSettled whether nothing simulated later could change it
 */
export function holdUntilSettled<Seen>(
  run: Run,
  { fromMinute, toMinute, lastPhase }: SitSpan,
  look: (watches: readonly Watch[]) => Seen,
  isSettled: (seen: Seen) => boolean,
): Seen {
  const { outing, sitter, recorder, surroundings, only } = run;
  const state = sitter.save();
  const phaseStart = startOfPhase(outing.phases, lastPhase);
  let held: Recorder | null = null;
  let heldMinutes = 0;
  const lookNow = (): Seen =>
    look(
      sitWatches(recorder.series, fromMinute, toMinute, held && held.series, heldMinutes).filter(({ limit }) =>
        only.includes(limit),
      ),
    );
  let seen = lookNow();
  while (heldMinutes < HELD_PAST_PLAN_MINUTES && !isSettled(seen)) {
    held ??= createRecorder(HELD_PAST_PLAN_MINUTES);
    const chunkEnd = Math.min(HELD_PAST_PLAN_MINUTES, heldMinutes + CHUNK_MINUTES);
    for (; heldMinutes < chunkEnd; heldMinutes++) {
      const minute = toMinute + heldMinutes;
      const at = surroundings.at(minute, lastPhase, minute - phaseStart, toMinute - 1);
      sitter.step(at);
      held.record(heldMinutes + 1, sitter, at);
    }
    seen = lookNow();
  }
  sitter.restore(state);
  return seen;
}
