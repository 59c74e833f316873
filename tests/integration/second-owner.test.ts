import { randomUUID } from "node:crypto";
import type { APIContext } from "astro";
import { afterAll, beforeAll, describe, expect, it } from "vitest";
import { USUAL_NIGHT } from "@/core/trip";
import { createTrip } from "@/db";
import { parseBackup } from "@/formats/backup/parse";
import { contentOfView } from "@/formats/wire/outing/content-of-view";
import type { OutingView } from "@/formats/wire/outing/outing-view";
import { LOCAL_OWNER_ID } from "@/server/access";
import { backupStream } from "@/server/backup/backup";
import { restoreBackup } from "@/server/backup/restore";
import { seedDemo } from "@/server/demo/seed";
import { makeQueue } from "@/server/jobs/make-queue";
import { openOuting } from "@/server/outings/open-outing";
import { recomputed } from "@/server/outings/recompute";
import { freshDatabase, type FreshDatabase } from "./fresh-database";

// Whoever knows the id of something that is another owner's can neither see nor change it, at any endpoint there is.

const OTHER_OWNER = "01900000-0000-7000-8000-00000000000f";
type Handler = (context: APIContext) => Response | Promise<Response>;
const endpoints = import.meta.glob<Record<string, Handler>>("../../src/pages/api/**/*.ts", { eager: true });

const THEIR_TRIP = "01900000-0000-7000-8000-0000000000d7";
const night = { ...USUAL_NIGHT.tent, how: {} };

let fresh: FreshDatabase;
let theirs: OutingView;

/** The demonstration again, with other ids, as somebody else's. */
async function giveToOther({ database }: FreshDatabase): Promise<void> {
  const text = await new Response(backupStream(database, LOCAL_OWNER_ID, new Date())).text();
  const ids = new Map<string, string>();
  const swapped = text.replace(/[0-9a-f]{8}-[0-9a-f]{4}-[0-9a-f]{4}-[0-9a-f]{4}-[0-9a-f]{12}/g, (id) => {
    const other = ids.get(id) ?? randomUUID();
    ids.set(id, other);
    return other;
  });
  const parsed = parseBackup(JSON.parse(swapped));
  if (!parsed.ok) throw new Error(JSON.stringify(parsed.problems));
  await restoreBackup(database, OTHER_OWNER, parsed.backup, Date.now());
}

beforeAll(async () => {
  fresh = await freshDatabase();
  await makeQueue(fresh.url);
  await seedDemo(fresh.database);
  await giveToOther(fresh);
  process.env.DATABASE_URL = fresh.url;
  const [row] = await fresh.sql<
    { id: string }[]
  >`select id from outing where owner_id = ${OTHER_OWNER} order by name limit 1`;
  theirs = await openOuting(fresh.database, OTHER_OWNER, row!.id);
  await createTrip(fresh.database, OTHER_OWNER, { id: THEIR_TRIP, name: "theirs" }, [{ outingId: theirs.id, night }]);
});
afterAll(() => fresh.close());

/** Everything of the other owner, in one hash. */
async function stateOfOther(): Promise<string> {
  const tables = [
    "person",
    "place",
    "piece",
    "piece_photo",
    "outfit",
    "outing",
    "hour_of_weather",
    "phase",
    "wearing",
    "sheet_command",
    "logbook_note",
    "logbook_photo",
    "person_learnt",
    "live_sit",
    "live_reading",
    "trip",
    "trip_day",
  ];
  const hashes = await Promise.all(
    tables.map(async (table) => {
      const [row] = await fresh.sql.unsafe<{ hash: string }[]>(
        `select coalesce(md5(string_agg(md5(t::text), '' order by md5(t::text))), '') hash from ${table} t where owner_id = '${OTHER_OWNER}'`,
      );
      return `${table} ${row!.hash}`;
    }),
  );
  return hashes.join("\n");
}

const contentOf = (view: OutingView) => ({
  version: view.version,
  ...contentOfView(view),
  weather: view.weather.slice(1),
});

/** Bodies that each endpoint would take for what is one's own. */
function bodiesFor(path: string, method: string): unknown[] {
  const [piece] = theirs.kit;
  if (path.endsWith("outings/[id]/index.ts")) return [contentOf(theirs)];
  if (path.endsWith("outings/index.ts"))
    return [
      { from: "outing", id: randomUUID(), copyOf: theirs.id, name: "mine" },
      { from: "party", id: randomUUID(), besides: theirs.id, person: { kind: "known", id: theirs.person.id } },
    ];
  if (path.endsWith("outings/[id]/head.ts")) {
    const { version, startsAt, person, place } = theirs;
    return [{ version, name: "mine", startsAt, personId: person.id, placeId: place.id }];
  }
  if (path.endsWith("live/index.ts")) return [method === "POST" ? { beganAt: new Date().toISOString() } : {}];
  if (path.endsWith("live/readings.ts")) return [[{ n: "air", u: "Cel", v: -4 }]];
  if (path.endsWith("along.ts")) return [{ outingId: randomUUID(), personId: theirs.person.id }];
  if (path.endsWith("borrow.ts")) return [{ personId: theirs.person.id, pieceIds: [piece!.id] }];
  if (path.endsWith("links/index.ts")) return [{ id: randomUUID(), kind: "plan" }];
  if (path.endsWith("note/index.ts")) return [{ minutes: 5 }];
  if (path.endsWith("logbook/index.ts")) {
    const { startsAt, person, place } = theirs;
    const sit = { id: randomUUID(), name: "mine", startsAt, placeId: place.id, walkMinutes: null };
    const told = { airTemperatureC: 0, windMPerS: 1, pieceIds: [piece!.id], felt: { minutes: 5 } };
    return [{ personId: person.id, sits: [{ ...sit, ...told }] }];
  }
  if (path.endsWith("trips/[id]/index.ts"))
    return [{ version: 1, name: "mine", days: [{ outingId: theirs.id, night }] }];
  if (path.endsWith("trips/index.ts")) {
    const trip = { id: randomUUID(), name: "mine" };
    return [
      { from: "outings", ...trip, days: [{ outingId: theirs.id, night }] },
      { from: "repeated", ...trip, outingId: theirs.id, days: 2, night },
    ];
  }
  if (path.endsWith("people/[id]/index.ts")) {
    const { id: _id, practicePreferences: _practices, ...person } = theirs.person;
    return [{ ...person, name: "mine", version: 1, retired: true }];
  }
  if (path.endsWith("places/[id].ts")) {
    const { name: _name, id: _id, ...place } = theirs.place;
    return [{ ...place, name: "mine", setting: theirs.setting, version: 1, retired: true }];
  }
  if (path.endsWith("practice-preferences.ts")) {
    const from = theirs.person.practicePreferences;
    return [{ from, to: { ...from, avoids: ["down"] } }];
  }
  if (path.endsWith("piece-status.ts")) return [{ ids: [piece!.id], to: "deleted" }];
  if (path.endsWith("pieces/[id]/index.ts"))
    return [{ version: 1, ...piece, id: undefined, name: "mine", note: "", care: {} }];
  if (path.endsWith("people/[id]/outfits.ts")) {
    const worn = { pieceId: piece!.id, side: "both", rank: 10, isForTheSit: false };
    return [{ id: randomUUID(), name: "mine", wearings: [{ ...worn, opened: [], withoutParts: [], whenOff: "pack" }] }];
  }
  if (path.endsWith("people/[id]/pieces.ts")) return [{ pieces: [{ ...piece, id: randomUUID() }] }];
  return [{}];
}

const withId = Object.entries(endpoints).filter(
  ([path]) => path.includes("[id]") || /outings\/index|logbook\/index|trips\/index/.test(path),
);

describe("what is another owner's", () => {
  it.each(withId.map(([path, handlers]) => [path.split("/api/")[1]!, path, handlers] as const))(
    "%s neither shows nor changes it",
    async (_name, path, handlers) => {
      const before = await stateOfOther();
      const ids = path.includes("trips")
        ? [THEIR_TRIP]
        : path.includes("people")
          ? [theirs.person.id]
          : path.includes("pieces")
            ? [theirs.kit[0]!.id]
            : path.includes("places")
              ? [theirs.place.id]
              : [theirs.id];
      let tried = 0;
      for (const method of ["GET", "PUT", "POST", "DELETE", "PATCH"]) {
        const handler = handlers[method];
        if (!handler) continue;
        for (const body of bodiesFor(path, method)) {
          const isJpeg = path.endsWith("photo.ts");
          const request = new Request(`http://127.0.0.1:4477/api?asOf=2026-11-01T00:00:00Z&version=1`, {
            method,
            headers: { "content-type": isJpeg ? "image/jpeg" : "application/json", authorization: "Bearer any" },
            ...(method !== "GET" && {
              body: isJpeg ? new Uint8Array([0xff, 0xd8, 0xff, 0xe0, 0, 0, 0xff, 0xd9]) : JSON.stringify(body),
            }),
          });
          const response = await handler({
            params: { id: ids[0] },
            request,
            url: new URL(request.url),
          } as unknown as APIContext);
          const text = await response.text();
          tried += 1;
          expect(text, method).not.toContain(theirs.id);
          if (path.includes("[id]")) expect(response.status, `${method} ${text}`).toBe(404);
          else if (method !== "GET") expect([200, 400, 404], `${method} ${text}`).toContain(response.status);
        }
      }
      await recomputed();
      expect(tried).toBeGreaterThan(0);
      expect(await stateOfOther()).toBe(before);
    },
  );
});
