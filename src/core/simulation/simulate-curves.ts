import type { Outing } from "../outing";
import { runOuting, type SimulationOptions } from "./run-outing";
import type { OutingSeries } from "./series";

/**
 * The curves of an outing as it is planned, judged by nobody and not held past its plan.
 * @throws {CoreError} as `simulateOuting` does
 */
export const simulateCurves = (outing: Outing, options: SimulationOptions = {}): OutingSeries =>
  runOuting(outing, { ...options, allCurves: false }, () => null).series;
