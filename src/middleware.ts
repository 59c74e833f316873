import { defineMiddleware } from "astro:middleware";
import { guardRequest } from "./server/http/guard";
import { keptOrRendered } from "./server/http/kept-pages";
import { errorResponse } from "./server/http/respond";
import { inStyleOf } from "./server/http/display-style";
import { preferencesOf } from "./formats/display/preferences";
import { answeredAsOwner } from "./server/http/signed-in";
import { secured } from "./server/http/security-headers";

/** The page that is asked for most and costs most. */
const KEPT_ROUTE = "/outings/[id]";

/** Every request is guarded before it is routed; every answer carries the security headers. */
export const onRequest = defineMiddleware((context, next) =>
  inStyleOf(preferencesOf(context), async () => {
    try {
      guardRequest(context.request);
    } catch (error) {
      return secured(errorResponse(error));
    }
    const render = (): Promise<Response> =>
      context.routePattern === KEPT_ROUTE ? keptOrRendered(context, next) : next();
    return secured(await answeredAsOwner(context, render));
  }),
);
