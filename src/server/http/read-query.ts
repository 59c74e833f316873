import * as m from "@/messages";
import type { z } from "zod";
import { problemsOf } from "@/formats/outing-file/parse";
import { AppError } from "../app-error";

/**
 * Reads and checks one field of an address.
 * @throws {AppError} `bad-input` with the field and the reason
 */
export function readQuery<Schema extends z.ZodType>(url: URL, name: string, schema: Schema): z.infer<Schema> {
  const parsed = schema.safeParse(url.searchParams.get(name) ?? undefined);
  if (parsed.success) return parsed.data;
  throw new AppError("bad-input", m.theAddressAsksForAThat({ name }), {
    problems: problemsOf(parsed.error).map(({ reason }) => ({ path: name, reason })),
  });
}
