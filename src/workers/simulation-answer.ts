import type { CoreErrorCode } from "@/core/errors";
import type { OutingResult } from "@/core/outing";

/** What a worker answers: a result, or why there is none. */
export type SimulationAnswer =
  | { readonly ok: true; readonly result: OutingResult }
  | { readonly ok: false; readonly code: CoreErrorCode; readonly message: string };
