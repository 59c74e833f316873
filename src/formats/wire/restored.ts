/** What a restored file brought. */
export type Restored = {
  readonly outings: number;
  /** Outings of the file that were here already and stayed as they are. */
  readonly keptOutings: number;
  /** What the file says that it does not hold, in words. */
  readonly leftOut: readonly string[];
  readonly ids: readonly string[];
};
