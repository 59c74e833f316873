import { expose } from "comlink";
import { restingBody, type RestingBody } from "@/core/body";
import { CoreError } from "@/core/errors";
import { simulateOuting, type Outing } from "@/core/outing";
import { minutesRange, type MinutesRange } from "@/core/range";
import type { SimulationAnswer } from "./simulation-answer";

let known: { readonly key: string; readonly resting: RestingBody } | null = null;

/** A person's resting body, kept while the same person is simulated again. */
function restingOf(outing: Outing): RestingBody {
  const key = JSON.stringify(outing.person.body);
  if (known?.key !== key) known = { key, resting: restingBody(outing.person.body) };
  return known.resting;
}

function simulate(outing: Outing): SimulationAnswer {
  try {
    return { ok: true, result: simulateOuting(outing, { resting: restingOf(outing) }) };
  } catch (error) {
    // Errors lose their class on the way out of a worker: code and message travel as data.
    if (error instanceof CoreError) return { ok: false, code: error.code, message: error.message };
    throw error;
  }
}

/** The range of one sit; `null` when the outing cannot be computed, which the simulation itself says why. */
function range(outing: Outing, sit: number): MinutesRange | null {
  try {
    return minutesRange(outing, sit);
  } catch (error) {
    if (error instanceof CoreError) return null;
    throw error;
  }
}

export type SimulateWorker = {
  simulate(outing: Outing): SimulationAnswer;
  range(outing: Outing, sit: number): MinutesRange | null;
};

expose({ simulate, range } satisfies SimulateWorker);
