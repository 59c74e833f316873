import * as m from "@/messages";
import { shareOf, type ShareFound } from "@/db";
import { AppError } from "../app-error";
import { databaseFor } from "../composition";
import { isUuid } from "../uuid";

// Where whoever something is shared with may go: everything else of its owner stays closed to them.

type Kind = Parameters<typeof shareOf>[1];
type SharedRoute = {
  readonly kind: Kind;
  /** The thing's id is what the pattern finds. */
  readonly path: RegExp;
  readonly reads: boolean;
  /** Methods for whoever may edit. */
  readonly edits?: readonly string[];
};

const ROUTES: readonly SharedRoute[] = [
  { kind: "outing", path: /^\/outings\/([^/]+)(?:\/card|\/pack)?\/?$/, reads: true },
  { kind: "outing", path: /^\/api\/outings\/([^/]+)\/?$/, reads: true, edits: ["PUT"] },
  { kind: "outing", path: /^\/api\/outings\/([^/]+)\/(?:card|calendar|forecast)\/?$/, reads: true },
  { kind: "outing", path: /^\/api\/outings\/([^/]+)\/history\/?$/, reads: false, edits: ["GET"] },
  { kind: "trip", path: /^\/trips\/([^/]+)(?:\/pack)?\/?$/, reads: true },
  { kind: "trip", path: /^\/api\/trips\/([^/]+)\/?$/, reads: true, edits: ["PUT"] },
  { kind: "trip", path: /^\/api\/trips\/([^/]+)\/past\/?$/, reads: false, edits: ["GET"] },
  { kind: "kit", path: /^\/kit\/?\?person=([^&]+)$/, reads: true },
  { kind: "kit", path: /^\/api\/people\/([^/]+)\/pieces\/?$/, reads: true, edits: ["POST"] },
  { kind: "kit", path: /^\/api\/people\/([^/]+)\/piece-status\/?$/, reads: false, edits: ["POST"] },
  { kind: "piece", path: /^\/api\/pieces\/([^/]+)\/?$/, reads: false, edits: ["PUT"] },
  { kind: "piece", path: /^\/api\/pieces\/([^/]+)\/photo\/?$/, reads: true, edits: ["PUT", "DELETE"] },
];
const READING = ["GET", "HEAD"];

/**
 * By which share an account may do what a request asks of somebody else's; `null`: nothing there is shared with it, and the
 * request is one like any other.
 * @throws {AppError} `only-read` where it is shared, but not to be changed
 */
export async function shareForRequest(accountId: string, request: Request, url: URL): Promise<ShareFound | null> {
  const asked = url.pathname === "/kit" ? url.pathname + url.search : url.pathname;
  for (const { kind, path, reads, edits = [] } of ROUTES) {
    const id = path.exec(asked)?.[1];
    if (!id || !isUuid(id)) continue;
    const share = await shareOf(databaseFor(accountId), kind, id);
    if (!share) return null;
    const isReading = reads && READING.includes(request.method);
    if (isReading || (share.mayEdit && edits.includes(request.method))) return share;
    throw new AppError("only-read", m.sharedOnlyToRead({ owner: share.ownerName }));
  }
  return null;
}
