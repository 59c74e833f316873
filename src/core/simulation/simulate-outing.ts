import { isExtrapolated } from "../outing";
import { cellOf } from "../dressing";
import { MODEL_VERSION, type Outing, type PieceWater } from "../outing";
import { holdUntilSettled, runOuting, type Run, type SimulationOptions } from "./run-outing";
import type { OutingSeries } from "./series";
import { answerOf, decidingSit, isSettled, sitCrossings, type SitAnswer, type SitCrossings } from "./sit-answer";
import { taskMinutes } from "./task-minutes";
import type { SitSpan } from "../outing";

export type OutingResult = {
  readonly modelVersion: string;
  /** The person lies outside the adult model: figures are extrapolated. */
  readonly extrapolated: boolean;
  readonly series: OutingSeries;
  readonly sits: readonly SitAnswer[];
  /** Place in `sits` of the first sit that fails its plan, else of the one with the least to spare. */
  readonly decidingSit: number;
};

/**
 * Simulates an outing: a person's body with digits, minute by minute, and what ends each sit.
 * @throws {CoreError} `no-phases`, `no-sit`, `no-weather`, `unknown-piece`, `out-of-range`
 * @source docs/method.md
 */
export const simulateOuting = (outing: Outing, options: SimulationOptions = {}): OutingResult =>
  simulateWithWater(outing, options).result;

/**
 * The same with the water left in each piece as the outing ends, as `Outing.waterAtStart` takes it.
 * @throws {CoreError} as `simulateOuting` does
 */
export function simulateWithWater(
  outing: Outing,
  options: SimulationOptions = {},
): { readonly result: OutingResult; readonly waterAtEnd: readonly PieceWater[] } {
  const { series, answers: sits, waterGPerM2 } = runOuting(outing, options, answerSit);
  const result = {
    modelVersion: MODEL_VERSION,
    extrapolated: isExtrapolated(outing.person.body),
    series,
    sits,
    decidingSit: decidingSit(sits),
  };
  const waterAtEnd = outing.pieces.map(({ id }, index) => ({
    pieceId: id,
    gPerM2: [...waterGPerM2.subarray(cellOf(index, 0), cellOf(index + 1, 0))],
  }));
  return { result, waterAtEnd };
}

function answerSit(run: Run, span: SitSpan): SitAnswer {
  const { outing, ruling } = run;
  const inTask = taskMinutes(outing.phases, span);
  const crossings = holdUntilSettled(
    run,
    span,
    (watches, before: SitCrossings | null) => sitCrossings(watches, ruling, outing.person.accepted, inTask, before),
    (seen) => isSettled(seen, span.toMinute - span.fromMinute, ruling.length > 1),
  );
  return answerOf(span, crossings);
}
