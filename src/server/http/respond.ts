import type { ErrorBody } from "@/formats/wire/outing-view";
import { APP_ERRORS, AppError } from "../app-error";
import { log } from "../log";

const JSON_HEADERS = { "content-type": "application/json; charset=utf-8", "cache-control": "no-store" };
const CONNECTION_CODES = ["ECONNREFUSED", "CONNECT_TIMEOUT", "CONNECTION_CLOSED", "CONNECTION_ENDED", "ECONNRESET"];

export const json = (value: unknown, status = 200): Response =>
  new Response(JSON.stringify(value), { status, headers: JSON_HEADERS });

/** The database cannot be reached, whichever way the driver says it. */
function isUnreachable(error: unknown): boolean {
  const { code, cause } = error as { code?: unknown; cause?: unknown };
  return CONNECTION_CODES.includes(String(code)) || (cause !== undefined && isUnreachable(cause));
}

/** PostgreSQL's code for a key that is taken: an id that belongs to something else. */
const KEY_TAKEN = "23505";

function isKeyTaken(error: unknown): boolean {
  const { code, cause } = error as { code?: unknown; cause?: unknown };
  return code === KEY_TAKEN || (cause !== undefined && isKeyTaken(cause));
}

export function toAppError(error: unknown): AppError | null {
  if (error instanceof AppError) return error;
  if (isKeyTaken(error))
    return new AppError("bad-input", "An id is taken by something else. Give new rows ids of their own.");
  return isUnreachable(error)
    ? new AppError("database-unreachable", "The database cannot be reached just now. Nothing was changed; try again.")
    : null;
}

/** Answers an error: a refusal with its code, anything else as a plain 500 that tells nothing of the inside. */
export function errorResponse(error: unknown): Response {
  const known = toAppError(error);
  if (!known) {
    log.error({ err: error }, "request failed");
    const body: ErrorBody = {
      error: { code: "internal", message: "Something went wrong on the server. Nothing was changed." },
    };
    return json(body, 500);
  }
  const body: ErrorBody = { error: { code: known.code, message: known.message, ...known.details } };
  return json(body, APP_ERRORS[known.code]);
}

/** Runs an endpoint and turns whatever it throws into an answer. */
export async function answer(work: () => Promise<Response>): Promise<Response> {
  try {
    return await work();
  } catch (error) {
    return errorResponse(error);
  }
}
