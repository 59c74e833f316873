/** A rule of thumb beside what the model says. All rules are common practice, no source. */
export type TradeCheck = {
  readonly name: string;
  readonly practice: string;
  readonly compute: () => { readonly computed: string; readonly agrees: boolean };
  /** Why the model disagrees, as far as it was found out. */
  readonly reason?: string;
};
