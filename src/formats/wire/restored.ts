/** What a restored file brought. */
export type Restored = {
  readonly outings: number;
  /** Outings of the file that were here already and stayed as they are. */
  readonly keptOutings: number;
  readonly ids: readonly string[];
};
