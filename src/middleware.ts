import { defineMiddleware } from "astro:middleware";
import { guardRequest } from "./server/http/guard";
import { errorResponse } from "./server/http/respond";
import { secured } from "./server/http/security-headers";

/** Every request is guarded before it is routed; every answer carries the security headers. */
export const onRequest = defineMiddleware(async ({ request }, next) => {
  try {
    guardRequest(request);
  } catch (error) {
    return secured(errorResponse(error));
  }
  return secured(await next());
});
