import * as m from "@/messages";
import type { z } from "zod";
import { problemsOf } from "@/formats/outing-file/parse";
import { AppError } from "../app-error";

/** Largest body an endpoint reads, bytes: a long outing is a tenth of it. */
export const MOST_BODY_BYTES = 1_000_000;

/** The parts of a body as they come. @throws {AppError} `body-too-large` */
async function* readParts(request: Request, mostBytes: number): AsyncGenerator<Uint8Array> {
  const tooLarge = new AppError("body-too-large", m.theRequestMayHoldBytesAt({ mostBytes }));
  if (Number(request.headers.get("content-length") ?? 0) > mostBytes) throw tooLarge;
  let bytes = 0;
  // Length is counted as it comes: the header may be missing or untrue.
  for await (const chunk of (request.body ?? []) as AsyncIterable<Uint8Array>) {
    bytes += chunk.byteLength;
    if (bytes > mostBytes) throw tooLarge;
    yield chunk;
  }
}

async function readText(request: Request, mostBytes: number): Promise<string> {
  const decoder = new TextDecoder();
  let text = "";
  for await (const part of readParts(request, mostBytes)) text += decoder.decode(part, { stream: true });
  return text + decoder.decode();
}

function refuseOtherTypes(request: Request): void {
  if (!request.headers.get("content-type")?.startsWith("application/json")) {
    throw new AppError("wrong-media-type", m.sendJsonWithTheHeaderContent);
  }
}

/** A JSON body that is read elsewhere. @throws {AppError} `wrong-media-type`, `body-too-large` */
export async function readJsonBytes(request: Request, mostBytes: number): Promise<Uint8Array> {
  refuseOtherTypes(request);
  const parts: Uint8Array[] = [];
  for await (const part of readParts(request, mostBytes)) parts.push(part);
  return Buffer.concat(parts);
}

/**
 * Reads and checks a JSON body.
 * @throws {AppError} `wrong-media-type`, `body-too-large`, `bad-input` with path and reason of each problem
 */
export async function readJson<Schema extends z.ZodType>(
  request: Request,
  schema: Schema,
  mostBytes = MOST_BODY_BYTES,
): Promise<z.infer<Schema>> {
  refuseOtherTypes(request);
  let value: unknown;
  const text = await readText(request, mostBytes);
  try {
    value = JSON.parse(text);
  } catch {
    throw new AppError("bad-input", m.theRequestIsNotJson);
  }
  const parsed = schema.safeParse(value);
  if (parsed.success) return parsed.data;
  throw new AppError("bad-input", m.someFieldsCannotBeUsedEach, {
    problems: problemsOf(parsed.error),
  });
}
