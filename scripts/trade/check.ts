/** A rule of thumb or a published value beside what the model says. */
export type TradeCheck = {
  readonly name: string;
  /** What is expected: a rule of thumb of the trade, or a published value. */
  readonly practice: string;
  /** Where the expectation comes from; common practice, no source, when not given. */
  readonly source?: string;
  readonly compute: () => { readonly computed: string; readonly agrees: boolean };
  /** Why the model disagrees, as far as it was found out. */
  readonly reason?: string;
};

/** Whether a value lies between two, both of them included. */
export const between = (value: number, low: number, high: number): boolean => value >= low && value <= high;
