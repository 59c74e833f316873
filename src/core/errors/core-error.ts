/** What went wrong, for code to branch on; the message is for people. */
export type CoreErrorCode =
  | "out-of-range"
  | "not-converged"
  /** A body that no longer is one: what was given leads where the model knows nothing. */
  | "left-the-model"
  | "no-phases"
  | "no-sit"
  | "no-weather"
  | "unknown-piece";

/** The only error the core throws on purpose. */
export class CoreError extends Error {
  readonly code: CoreErrorCode;

  constructor(code: CoreErrorCode, message: string) {
    super(message);
    this.name = "CoreError";
    this.code = code;
  }
}
