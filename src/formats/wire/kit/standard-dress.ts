import type { OutingView } from "../outing/outing-view";

/** Said in an address instead of an outing's id. */
export const STANDARD_DRESS = "standard";

export type ComparedIn = {
  readonly view: OutingView;
  /** An outing's id, or the standard dress. */
  readonly chosen: string;
  readonly outings: readonly { readonly id: string; readonly name: string }[];
};
