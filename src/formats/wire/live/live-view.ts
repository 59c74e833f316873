import type { FeltPart, Vote } from "@/core/logbook";
import type { Sensor } from "@/core/loggers";

export type LiveVoteView = { readonly part: FeltPart; readonly vote: Vote; readonly at: string };
export type LiveReadingView = {
  readonly sensor: Sensor;
  readonly at: string;
  readonly valueC: number;
  /** In the order they came. */
  readonly place: number;
};

/** A sit that goes on, or did. */
export type LiveView = {
  readonly beganAt: string;
  readonly endedAt: string | null;
  readonly votes: readonly LiveVoteView[];
  readonly readings: readonly LiveReadingView[];
};
/** What a sit that begins gives: loggers send with this token, and it is told once. */
export type LiveBegun = { readonly token: string };
export type ReadingsTaken = { readonly taken: number };
