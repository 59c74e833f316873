import type { GoOrStay } from "@/core/opinion";
import type { MinutesRange } from "@/core/range";
import type { DecidingSit } from "@/core/plan";
import type { OutingView, VerdictLine } from "./outing-view";

/** What a field card is drawn from: the outing, its verdict and range, worked out where the page is made. */
export type FieldCard = {
  readonly view: OutingView;
  readonly verdict: VerdictLine;
  readonly range: Pick<MinutesRange, "low" | "high">;
  readonly advice: GoOrStay;
  readonly sit: DecidingSit;
};
