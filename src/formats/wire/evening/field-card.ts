import type { GoOrStay } from "@/core/opinion";
import type { MinutesRange } from "@/core/range";
import type { DecidingSit } from "@/core/evening";
import type { OutingView, VerdictLine } from "../outing/outing-view";

/** What a simulation of an outing comes to, kept with it so that no page has to wait for one. */
export type OutingFigures = {
  readonly verdict: VerdictLine;
  readonly range: Pick<MinutesRange, "low" | "high">;
  readonly advice: GoOrStay;
  readonly sit: DecidingSit;
};

/** What a field card is drawn from: the outing and the figures found for it. */
export type FieldCard = OutingFigures & { readonly view: OutingView };

/** A card that is compared with another; `figures` are `null` while they are computed for the first time. */
export type ComparedCard = { readonly view: OutingView; readonly card: FieldCard | null };
