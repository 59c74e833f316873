/** Work done in steps, between which whoever runs it may do something else, or give it up. */
export type Steps<Result> = Generator<undefined, Result, undefined>;

/** Runs all steps at once. */
export function runToEnd<Result>(steps: Steps<Result>): Result {
  for (;;) {
    const step = steps.next();
    if (step.done) return step.value;
  }
}
