import type { OutingLine } from "./outing-view";

/** Somebody who sits on an outing, from this account or another's. */
export type PartySitter = Pick<OutingLine, "id" | "personId" | "personName" | "verdict" | "isRecomputing"> & {
  /** Whether whoever asks may open their sheet. */
  readonly canOpen: boolean;
  /** In another account than the sheet on which they are listed. */
  readonly isElsewhere: boolean;
};
