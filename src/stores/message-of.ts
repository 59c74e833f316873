import * as m from "@/messages";

/** What is shown of a computation that failed. */
export const messageOf = (error: unknown): string =>
  error instanceof Error ? error.message : m.theComputationStoppedReloadThePage;
