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
  /** As it stood when the note was first kept. */
  readonly predicted: VerdictLine | null;
  readonly modelVersion: string | null;
  readonly felt: Felt;
};

/** A sit that was told of, as it is learnt from. */
export type ToldSitFile = { readonly outing: OutingFile; readonly felt: Felt };
