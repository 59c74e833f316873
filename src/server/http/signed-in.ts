import type { APIContext } from "astro";
import { ownerOfLiveSit, type ShareFound } from "@/db";
import { asOwner, isShared } from "../access";
import { accountOf } from "../accounts/accounts";
import { accountsDatabase } from "../composition";
import { AppError } from "../app-error";
import { hashOf } from "../hash-of";
import * as m from "@/messages";
import { isUuid } from "../uuid";
import { errorResponse } from "./respond";
import { shareForRequest } from "./shared-routes";

/** What anybody may look at on a shared server, signed in or not. */
const OPEN_PATHS = [
  /^\/(sign-in|reset|mails|glossary|manifest\.webmanifest|404|500)$/,
  /^\/method(\/document)?$/,
  /^\/left\/[\w-]+$/,
  /^\/api\/account\/(sign-in|sign-up|forgotten|reset|passkey-sign-in(\/options)?)$/,
  /^\/api\/(health|alive)$/,
];
const LIVE_READINGS = /^\/api\/outings\/([^/]+)\/live\/readings$/;

/** A path of this server to go on to; never another server's address. */
export const pathAfter = (next: string | null): string =>
  next !== null && /^\/(?![/\\])/.test(next) && !next.startsWith("/sign-in") ? next : "/";

/** Whose sit a logger sends readings to, by the token it has instead of a session. */
async function ownerByToken(request: Request, pathname: string): Promise<string | null> {
  const outingId = LIVE_READINGS.exec(pathname)?.[1];
  const token = /^Bearer (.+)$/.exec(request.headers.get("authorization") ?? "")?.[1];
  if (!outingId || !token || !isUuid(outingId)) return null;
  return ownerOfLiveSit(accountsDatabase(), outingId, hashOf(token));
}

/**
 * Answers a request as whoever sent it: at home the one owner there is; else whose session it is, and who has none is sent
 * to sign in.
 */
export async function answeredAsOwner(
  { request, url, locals, redirect }: Pick<APIContext, "request" | "url" | "locals" | "redirect">,
  render: () => Promise<Response>,
): Promise<Response> {
  if (!isShared()) return render();
  let ownerId: string | null;
  let share: ShareFound | null = null;
  try {
    const account = await accountOf(request);
    if (account) locals.account = account;
    else locals.isNobody = true;
    ownerId = account?.id ?? (await ownerByToken(request, url.pathname));
    if (account) share = await shareForRequest(account.id, request, url);
  } catch (error) {
    return errorResponse(error); // nobody knows who it is while the database is gone
  }
  if (ownerId !== null && share) {
    const { id: shareId, ownerName, mayEdit, tellsPlace } = share;
    locals.guest = { accountId: ownerId, shareId, ownerName, mayEdit, tellsPlace };
    return asOwner(share.ownerId, render, locals.guest);
  }
  if (ownerId !== null || OPEN_PATHS.some((open) => open.test(url.pathname))) return asOwner(ownerId, render);
  if (url.pathname.startsWith("/api/")) return errorResponse(new AppError("not-signed-in", m.signInFirst));
  return redirect(`/sign-in?next=${encodeURIComponent(url.pathname + url.search)}`);
}
