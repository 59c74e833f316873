import { z } from "zod";
import { anyOutingFileSchema, parseJson, problemsOf } from "../outing-file/parse";
import type { FileProblem } from "../outing-file/problem";
import type { OutingFile } from "../outing-file/schema/outing-schema";
import { feltSchema } from "../wire/logbook/felt-schema";
import type { Felt } from "@/core/logbook";

/** So many sits are learnt from together, at most. */
const MOST_SITS = 200;
const MOST_FURTHER = 50;

const logbookFileSchema = z.strictObject({
  sits: z.array(z.strictObject({ outing: anyOutingFileSchema, felt: feltSchema })).max(MOST_SITS),
  /** Outings whose minutes are wanted. */
  further: z.array(anyOutingFileSchema).max(MOST_FURTHER).default([]),
});

/** Outings of one person with what was felt on them. */
export type LogbookFile = {
  readonly sits: readonly { readonly outing: OutingFile; readonly felt: Felt }[];
  readonly further: readonly OutingFile[];
};
export type ParsedLogbookFile =
  { readonly ok: true; readonly file: LogbookFile } | { readonly ok: false; readonly problems: readonly FileProblem[] };

/** Reads a logbook file; every problem names its field. */
export function parseLogbookFile(text: string): ParsedLogbookFile {
  const json = parseJson(text);
  if (!json.ok) return json;
  const parsed = logbookFileSchema.safeParse(json.value);
  return parsed.success ? { ok: true, file: parsed.data } : { ok: false, problems: problemsOf(parsed.error) };
}
