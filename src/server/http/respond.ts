import * as m from "@/messages";
import type { ErrorBody } from "@/formats/wire/outing/outing-view";
import { faultCode } from "@/db";
import { APP_ERRORS, AppError } from "../app-error";
import { log } from "../log";

const JSON_HEADERS = { "content-type": "application/json; charset=utf-8", "cache-control": "no-store" };
export const json = (value: unknown, status = 200): Response =>
  new Response(JSON.stringify(value), { status, headers: JSON_HEADERS });

const NOT_REACHED = m.theDatabaseCannotBeReachedOr;

/** What a fault of the database means for who asked, by the driver's and PostgreSQL's codes. */
const FAULTS: readonly (readonly [codes: RegExp, error: () => AppError])[] = [
  [
    // The connection; too many of them, no room, shutting down (classes 08, 53, 57P), waited too long for a lock or an answer.
    /^(ECONNREFUSED|ECONNRESET|EPIPE|CONNECT_TIMEOUT|CONNECTION_\w+|08\w{3}|53\w{3}|57P\w{2}|57014|55P03)$/,
    () => new AppError("database-unreachable", NOT_REACHED),
  ],
  [/^23505$/, () => new AppError("bad-input", m.anIdIsTakenBySomething)],
  [
    // Class 22: a value that cannot be stored, such as a character of code 0, half a surrogate pair, a year 0.
    /^(22\w{3}|54001)$/,
    () => new AppError("bad-input", m.somethingInItCannotBeStored),
  ],
];

export function toAppError(error: unknown): AppError | null {
  if (error instanceof AppError) return error;
  const code = faultCode(error);
  return (code !== null && FAULTS.find(([codes]) => codes.test(code))?.[1]()) || null;
}

/** Answers an error: a refusal with its code, anything else as a plain 500 that tells nothing of the inside. */
export function errorResponse(error: unknown): Response {
  const known = toAppError(error);
  if (!known) {
    log.error({ err: error, code: faultCode(error) }, "request failed");
    const message = m.somethingWentWrongOnTheServer;
    const body: ErrorBody = { error: { code: "internal", message } };
    return json(body, 500);
  }
  if (!(error instanceof AppError)) log.warn({ code: faultCode(error) }, "the database refused");
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
