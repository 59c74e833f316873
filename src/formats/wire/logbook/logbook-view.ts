import type { LaneName } from "@/core/pieces";
import type { Felt } from "@/core/logbook";
import type { OutingFile } from "../../outing-file/schema/outing-schema";
import type { VerdictLine } from "../outing/outing-view";

/** A piece as it was worn. */
export type WornPiece = { readonly id: string; readonly name: string; readonly lane: LaneName };

/** One sit in the logbook: what was predicted for it then, and what was felt. */
export type LogbookEntry = {
  readonly outingId: string;
  readonly name: string;
  readonly invented: boolean;
  readonly startsAt: string;
  readonly timeZone: string;
  readonly personId: string;
  readonly personName: string;
  readonly placeName: string;
  /** At the seat as the sit began. */
  readonly airTemperatureC: number;
  readonly windMPerS: number;
  readonly pieces: readonly WornPiece[];
  /** As it stood when the note was first kept; `null` where nothing was predicted, as of sits that were brought in. */
  readonly predicted: VerdictLine | null;
  /** What the newest model says of the outing as it was; `null` while it has not been asked. */
  readonly today: { readonly verdict: VerdictLine | null } | null;
  readonly hasPhoto: boolean;
  readonly felt: Felt;
};

/** A sit that was told of, as it is learnt from. */
export type ToldSitFile = { readonly outing: OutingFile; readonly felt: Felt };

/** What was predicted, or, of a sit that was brought in, what the model says of it afterwards. */
export const saidOf = ({ predicted, today }: Pick<LogbookEntry, "predicted" | "today">): VerdictLine | null =>
  predicted ?? today?.verdict ?? null;
