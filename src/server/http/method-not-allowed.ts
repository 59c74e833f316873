import * as m from "@/messages";
import { AppError } from "../app-error";
import { errorResponse } from "./respond";

/** Answers a method an endpoint does not have, naming those it has. */
export function methodNotAllowed(allowed: string): Response {
  const response = errorResponse(new AppError("method-not-allowed", m.useHere({ allowed })));
  response.headers.set("allow", allowed);
  return response;
}
