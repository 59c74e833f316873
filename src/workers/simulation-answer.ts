import type { DayRun } from "@/core/day";
import type { CoreErrorCode } from "@/core/errors";
import type { Caution, GoOrStay } from "@/core/opinion";
import type { Outing } from "@/core/outing";
import type { OutingResult } from "@/core/simulation";

/** What a worker answers: a result, or why there is none. */
export type SimulationAnswer =
  | { readonly ok: true; readonly result: OutingResult }
  | { readonly ok: false; readonly code: CoreErrorCode; readonly message: string };

/** What the standards say of a sit, and what is to be said beside it. */
export type Opinion = {
  readonly sentence: string;
  readonly advice: GoOrStay;
  /** How the day runs, and when clothes should change. */
  readonly run: DayRun;
  readonly cautions: readonly Caution[];
};

/** A plan with one change made, and what comes of it. */
export type Preview = { readonly changed: Outing; readonly result: OutingResult };
