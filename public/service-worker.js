// Keeps what was opened for a place without network: pages of outings and trips as they were last seen, and what they load.
// Pages are asked of the server first, so that nothing old is shown while it answers; built files carry their content in
// their name and never change.

const KEPT = "umiak-1";
const MOST_KEPT = 400;
const isBuilt = (url) => url.pathname.startsWith("/_astro/") || url.pathname === "/favicon.svg";
const isKept = (url) => url.pathname === "/" || url.pathname === "/kit" || /^\/(outings|trips)\//.test(url.pathname);
/** What the build wrote: parts of a page that are loaded late are kept before they are wanted. */
const BUILT_FILES = "/built-files.json";

self.addEventListener("install", () => self.skipWaiting());
self.addEventListener("activate", (event) => {
  const outdated = async () => {
    const names = await caches.keys();
    await Promise.all(names.filter((name) => name !== KEPT).map((name) => caches.delete(name)));
    await self.clients.claim();
  };
  event.waitUntil(outdated());
});

async function put(request, response) {
  if (response.ok && !response.redirected) await (await caches.open(KEPT)).put(request, response);
}

/** The oldest go. Listing takes long: once for all that was put. */
async function forgetOldest() {
  const cache = await caches.open(KEPT);
  const keys = await cache.keys();
  if (keys.length > MOST_KEPT)
    await Promise.all(keys.slice(0, keys.length - MOST_KEPT).map((key) => cache.delete(key)));
}

async function keep(request, response) {
  await put(request, response);
  await forgetOldest();
}

async function fromServerFirst(request) {
  try {
    const response = await fetch(request);
    await keep(request, response.clone());
    return response;
  } catch (error) {
    const known = await caches.match(request, { ignoreVary: true });
    if (known) return known;
    throw error;
  }
}

async function fromKeptFirst(request) {
  const known = await caches.match(request, { ignoreVary: true });
  if (known) return known;
  const response = await fetch(request);
  await keep(request, response.clone());
  return response;
}

self.addEventListener("fetch", (event) => {
  const { request } = event;
  const url = new URL(request.url);
  if (request.method !== "GET" || url.origin !== self.location.origin) return;
  if (isBuilt(url)) event.respondWith(fromKeptFirst(request));
  else if (request.mode === "navigate" && isKept(url)) event.respondWith(fromServerFirst(request));
});

/** Fetches addresses anew and keeps them; what cannot be had stays as it was. */
async function keepAll(addresses) {
  await Promise.all(
    addresses.map(async (address) => {
      try {
        await put(address, await fetch(address, { credentials: "same-origin" }));
      } catch {
        // Without a network there is nothing newer.
      }
    }),
  );
  await forgetOldest();
}

/** Pages of one outing that are kept already. */
async function keptPagesOf(path) {
  const cache = await caches.open(KEPT);
  const keys = await cache.keys();
  return keys.map(({ url }) => url).filter((url) => new URL(url).pathname.startsWith(path));
}

/** What is not kept yet: a page that was loaded through this worker is, and built files never change. */
async function notKept(addresses) {
  const cache = await caches.open(KEPT);
  const known = await Promise.all(addresses.map((address) => cache.match(address, { ignoreVary: true })));
  return addresses.filter((_, place) => !known[place]);
}

async function builtFiles() {
  try {
    const response = await fetch(BUILT_FILES, { cache: "no-store" });
    return response.ok ? await response.json() : [];
  } catch {
    return [];
  }
}

async function keepPage(addresses, client) {
  await keepAll(await notKept([...addresses, ...(await builtFiles())]));
  client?.postMessage({ kind: "kept" });
}

self.addEventListener("message", (event) => {
  const { kind, addresses = [], path = "" } = event.data ?? {};
  if (kind === "keep") event.waitUntil(keepPage(addresses, event.source));
  if (kind === "renew") event.waitUntil(keptPagesOf(path).then(keepAll));
});
