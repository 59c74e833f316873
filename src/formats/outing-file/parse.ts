import * as m from "@/messages";
import { z } from "zod";
import type { FileProblem } from "./problem";
import { OUTING_FORMAT_VERSION, outingFileSchema, type OutingFile } from "./schema/outing-schema";
import { upgradeOutingFile } from "./upgrade";

export type ParsedOutingFile =
  { readonly ok: true; readonly file: OutingFile } | { readonly ok: false; readonly problems: readonly FileProblem[] };

const pathText = (path: readonly PropertyKey[]): string =>
  path.reduce<string>(
    (text, part) => (typeof part === "number" ? `${text}[${part}]` : text ? `${text}.${String(part)}` : String(part)),
    "",
  );

/** Problems of a Zod error, with the path as a person writes it. */
export const problemsOf = (error: z.ZodError): FileProblem[] =>
  error.issues.map(({ path, message }) => ({ path: pathText(path) || "(whole file)", reason: message }));

/** Reads JSON; what is none says so as a problem of the whole file. */
export function parseJson(
  text: string,
): { readonly ok: true; readonly value: unknown } | { readonly ok: false; readonly problems: readonly FileProblem[] } {
  try {
    return { ok: true, value: JSON.parse(text) };
  } catch (error) {
    const reason = m.isNotJson({ message: (error as Error).message });
    return { ok: false, problems: [{ path: "(whole file)", reason }] };
  }
}

/** An outing file of any version within something larger; one that is newer than this program is refused by the schema. */
export const anyOutingFileSchema = z.preprocess((value) => {
  const upgraded = upgradeOutingFile(value);
  return upgraded.ok ? upgraded.value : value;
}, outingFileSchema);

/** Reads the text of an outing file, whatever version it is. */
export function parseOutingFile(text: string): ParsedOutingFile {
  const json = parseJson(text);
  if (!json.ok) return json;
  const upgraded = upgradeOutingFile(json.value);
  if (!upgraded.ok) return { ok: false, problems: [upgraded.problem] };
  const parsed = outingFileSchema.safeParse(upgraded.value);
  return parsed.success ? { ok: true, file: parsed.data } : { ok: false, problems: problemsOf(parsed.error) };
}

/** JSON Schema of the newest version, for other programs. */
export const outingFileJsonSchema = (): object => ({
  title: m.umiakOutingFormatVersion({ outingFormatVersion: OUTING_FORMAT_VERSION }),
  ...z.toJSONSchema(outingFileSchema, { io: "input" }),
});
