import type { APIContext } from "astro";
import { LRUCache } from "lru-cache";
import { readChanges } from "@/db";
import { currentOwnerId } from "../access";
import { database } from "../composition";
import { preferencesOf } from "@/formats/display/preferences";

// A day sheet takes a hundred times longer to render than to send. What was rendered is kept in this process, under the
// number of its owner's changes: a page that follows from anything else (the clock, a simulation still running) must not
// be marked as keepable.

const MOST_BYTES = 64_000_000;

type KeptPage = { readonly bytes: Uint8Array<ArrayBuffer>; readonly headers: readonly (readonly [string, string])[] };
const pages = new LRUCache<string, KeptPage>({
  maxSize: MOST_BYTES,
  sizeCalculation: ({ bytes }, key) => bytes.byteLength + key.length,
});
/** Pages being rendered now, whether they will be kept or not. Null: refused. */
const underWay = new Map<string, Promise<KeptPage | null>>();

const sent = ({ bytes, headers }: KeptPage): Response =>
  new Response(bytes, { headers: headers.map(([name, value]) => [name, value]) });

/**
 * A page as it was rendered, if nothing of its owner's has changed since; else rendered now, once for all who ask for it
 * meanwhile: many wait for a sheet that a save has just changed.
 * Pages say themselves that they may be kept, by `Astro.locals.isKeepable`.
 */
export async function keptOrRendered(
  { request, url, cookies, locals }: Pick<APIContext, "request" | "url" | "cookies" | "locals">,
  render: () => Promise<Response>,
): Promise<Response> {
  if (request.method !== "GET" || locals.guest) return render(); // a guest sees less than what is kept
  // Read before anything is rendered: what changes meanwhile makes the page unused, never wrong.
  const changes = await readChanges(database(), currentOwnerId()).catch(() => null);
  if (changes === null) return render(); // which says what is wrong with the database
  const preferences = preferencesOf({ cookies, request });
  const key = JSON.stringify([currentOwnerId(), changes, url.pathname, preferences]);
  const before = pages.get(key) ?? (await underWay.get(key)?.catch(() => null));
  if (before) return sent(before);
  const answered = render();
  const rendering = answered.then(wholePage);
  underWay.set(key, rendering);
  try {
    const page = await rendering;
    if (!page) return await answered;
    if (locals.isKeepable) pages.set(key, page);
    return sent(page);
  } finally {
    if (underWay.get(key) === rendering) underWay.delete(key);
  }
}

/** @returns a page with all its bytes; null, with the answer unread, of a refusal */
async function wholePage(response: Response): Promise<KeptPage | null> {
  if (response.status !== 200) return null;
  return { bytes: new Uint8Array(await response.arrayBuffer()), headers: [...response.headers] };
}
