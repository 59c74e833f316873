import { afterAll, beforeAll, describe, expect, it } from "vitest";
import type { APIContext } from "astro";
import type { Felt } from "@/core/logbook";
import { parseOutingFile } from "@/formats/outing-file/parse";
import type { ToldSitFile } from "@/formats/wire/logbook/logbook-view";
import type { OutingView } from "@/formats/wire/outing/outing-view";
import { DELETE as forget, GET as read, PUT as tell } from "@/pages/api/outings/[id]/note/index";
import { GET as readPhoto, PUT as putPhoto } from "@/pages/api/outings/[id]/note/photo";
import { POST as bringIn } from "@/pages/api/logbook/index";
import { GET as readOuting } from "@/pages/api/outings/[id]/index";
import { GET as readTold } from "@/pages/api/people/[id]/told";
import { PUT as savePiece } from "@/pages/api/pieces/[id]/index";
import { GET as listOutings } from "@/pages/api/outings/index";
import { LOCAL_OWNER_ID } from "@/server/access";
import { backupStream, exportOuting } from "@/server/backup/backup";
import { restoreBackup } from "@/server/backup/restore";
import { seedDemo } from "@/server/demo/seed";
import { learntQuiet } from "@/server/logbook/learn";
import { logbookOf } from "@/server/logbook/logbook";
import { restate, restated } from "@/server/logbook/today";
import { peopleOf } from "@/server/people/people";
import { PUT as savePerson } from "@/pages/api/people/[id]/index";
import { contentOfPerson } from "@/formats/wire/people/person-view";
import { contentOf, type KitPiece } from "@/formats/wire/kit/kit-view";
import { freshDatabase, type FreshDatabase } from "./fresh-database";

let fresh: FreshDatabase;
let outings: readonly OutingView[];
beforeAll(async () => {
  fresh = await freshDatabase();
  await seedDemo(fresh.database);
  await fresh.sql`update person set uses_notes = false`; // learning takes seconds, and is looked at by one test alone
  process.env.DATABASE_URL = fresh.url;
  outings = (await (await call(listOutings)).json()) as OutingView[];
});
afterAll(() => fresh.close());

async function call(handler: unknown, id?: string, body?: unknown, method = body ? "PUT" : "GET"): Promise<Response> {
  const request = new Request("http://127.0.0.1/api", {
    method,
    ...(body ? { body: JSON.stringify(body), headers: { "content-type": "application/json" } } : {}),
  });
  return (handler as (context: APIContext) => Promise<Response>)({ request, params: { id } } as unknown as APIContext);
}

const FELT: Felt = {
  minutes: 130,
  ended: "cold",
  first: "leftToes",
  parts: { leftToes: { vote: "painful", coldAfterMinutes: 95 }, face: { vote: "cool", coldAfterMinutes: null } },
  dampAt: ["trunk"],
  changed: "",
  wentRight: "",
  words: "=SUM(A1)",
};

describe("a note", () => {
  it("is told of every outing of the demonstration, with how long alone, and read back", async () => {
    for (const { id } of outings) {
      expect(await (await call(read, id)).json()).toBeNull();
      expect((await call(tell, id, { minutes: 60 })).status).toBe(200);
    }
    const book = await logbookOf(fresh.database, LOCAL_OWNER_ID);
    expect(book.map(({ outingId }) => outingId).sort()).toEqual(outings.map(({ id }) => id).sort());
    for (const { felt, predicted, pieces } of book) {
      expect(felt).toMatchObject({ minutes: 60, ended: null, first: null, parts: {} });
      expect(predicted?.plannedMinutes).toBeGreaterThan(0);
      expect(pieces.length).toBeGreaterThan(3);
    }
  });

  it("keeps the outing as it was: what is changed later changes no past sit", async () => {
    const [{ id }] = outings as [OutingView];
    await call(tell, id, FELT);
    const before = (await logbookOf(fresh.database, LOCAL_OWNER_ID)).find(({ outingId }) => outingId === id)!;
    const view = (await (await call(readOuting, id)).json()) as OutingView;
    const worn = view.kit.find(({ id: own }) => view.wearings.some(({ pieceId }) => pieceId === own))!;
    const piece = { ...worn, note: "", care: {}, version: 1 } as unknown as KitPiece;
    const renamed = { ...contentOf(piece), name: "Another name", version: 1 };
    expect((await call(savePiece, worn.id, renamed)).status).toBe(200);
    await call(tell, id, { ...FELT, minutes: 140 });
    const after = (await logbookOf(fresh.database, LOCAL_OWNER_ID)).find(({ outingId }) => outingId === id)!;
    expect(after).toEqual({ ...before, felt: { ...FELT, minutes: 140 } });
    expect(after.pieces.some(({ name }) => name === "Another name")).toBe(false);
  });

  it("is given to whoever learns from it with the outing as it was, a person's alone, the latest first", async () => {
    const book = await logbookOf(fresh.database, LOCAL_OWNER_ID);
    const { personId } = book[0]!;
    const told = (await (await call(readTold, personId)).json()) as ToldSitFile[];
    const own = book.filter((entry) => entry.personId === personId);
    expect(told.map(({ outing }) => outing.name)).toEqual(own.map(({ name }) => name));
    expect(told.map(({ felt }) => felt)).toEqual(own.map(({ felt }) => felt));
    expect(parseOutingFile(JSON.stringify(told[0]!.outing)).ok).toBe(true);
    expect((await call(readTold, "01900000-0000-7000-8000-0000000000ff")).status).toBe(404);
  });

  it("moves the figures of its person, until it is forgotten or their page says it shall not", async () => {
    const [{ id }] = outings as [OutingView];
    const personNow = async () => {
      await learntQuiet();
      return ((await (await call(readOuting, id)).json()) as OutingView).person;
    };
    await fresh.sql`update person set uses_notes = true where id = ${(await personNow()).id}`;
    await call(tell, id, { ...FELT, minutes: 140 });
    const before = await personNow();
    expect(before.notes).toMatchObject({ isLearning: false, learnt: { notes: before.notes!.told } });
    const file = (await (await call(readTold, before.id)).json()) as ToldSitFile[];
    expect(file.every(({ outing }) => !("learnt" in outing.person))).toBe(true);

    await call(forget, id, undefined, "DELETE");
    const after = await personNow();
    expect(after.notes!.told).toBe(before.notes!.told - 1);
    expect(after.notes!.learnt?.notes ?? 0).toBe(after.notes!.told);
    await call(tell, id, { ...FELT, minutes: 140 });
    expect((await personNow()).notes!.learnt!.mode).toEqual(before.notes!.learnt!.mode); // exactly what it taught

    const person = (await peopleOf(fresh.database, LOCAL_OWNER_ID)).find((own) => own.id === before.id)!;
    const off = { ...contentOfPerson(person), retired: person.retired, version: person.version, usesNotes: false };
    expect((await call(savePerson, person.id, off)).status).toBe(200);
    expect((await personNow()).notes).toMatchObject({ learnt: null, isLearning: false });
    const on = { ...off, version: off.version + 1, usesNotes: true };
    expect((await call(savePerson, person.id, on)).status).toBe(200);
    expect((await personNow()).notes!.learnt).not.toBeNull();
  });

  it("goes along in a backup and in the file of one outing", async () => {
    const [{ id }] = outings as [OutingView];
    const one = await exportOuting(fresh.database, LOCAL_OWNER_ID, id, new Date());
    expect(one.outings[0]!.note?.felt.minutes).toBe(140);
    const whole: unknown = JSON.parse(
      await new Response(backupStream(fresh.database, LOCAL_OWNER_ID, new Date())).text(),
    );
    const other = await freshDatabase();
    expect(await restoreBackup(other.database, LOCAL_OWNER_ID, whole, Date.now())).toMatchObject({ kind: "restored" });
    expect(await logbookOf(other.database, LOCAL_OWNER_ID)).toEqual(await logbookOf(fresh.database, LOCAL_OWNER_ID));
    await other.close();
  });

  it("has a photo, which goes along and is gone with it", async () => {
    const [{ id }] = outings as [OutingView];
    const jpeg = new Uint8Array([0xff, 0xd8, 0xff, 0xe0, 0, 0, 0xff, 0xd9]);
    const send = (method: string, handler: unknown, of = id): Promise<Response> =>
      (handler as (context: APIContext) => Promise<Response>)({
        request: new Request("http://127.0.0.1/api", {
          method,
          ...(method === "PUT" && { body: jpeg, headers: { "content-type": "image/jpeg" } }),
        }),
        params: { id: of },
      } as unknown as APIContext);
    expect((await send("GET", readPhoto)).status).toBe(404);
    expect((await send("PUT", putPhoto)).status).toBe(200);
    expect((await send("PUT", putPhoto, "01900000-0000-7000-8000-0000000000ff")).status).toBe(404);
    expect(new Uint8Array(await (await send("GET", readPhoto)).arrayBuffer())).toEqual(jpeg);
    const one = await exportOuting(fresh.database, LOCAL_OWNER_ID, id, new Date());
    expect(one.outings[0]!.note?.photo).toBe(Buffer.from(jpeg).toString("base64"));
    const other = await freshDatabase();
    expect(await restoreBackup(other.database, LOCAL_OWNER_ID, one, Date.now())).toMatchObject({ kind: "restored" });
    expect((await logbookOf(other.database, LOCAL_OWNER_ID))[0]!.hasPhoto).toBe(true);
    await other.close();
  });

  it("is refused with what is wrong, and forgotten once", async () => {
    const [{ id }] = outings as [OutingView];
    const refused = await call(tell, id, { ...FELT, minutes: 2000, parts: { nose: { vote: "cold" } } });
    expect(refused.status).toBe(400);
    const { error } = (await refused.json()) as { error: { problems: { path: string }[] } };
    expect(error.problems.map(({ path }) => path)).toEqual(["minutes", "parts"]);
    expect((await call(tell, "01900000-0000-7000-8000-0000000000ff", { minutes: 5 })).status).toBe(404);
    expect((await call(forget, id, undefined, "DELETE")).status).toBe(200);
    expect((await call(forget, id, undefined, "DELETE")).status).toBe(404);
    expect(await (await call(read, id)).json()).toBeNull();
  });
});

describe("years kept in a table", () => {
  let lek: OutingView;
  let others: OutingView;
  beforeAll(async () => {
    const views = await Promise.all(
      outings.map(async ({ id }) => (await (await call(readOuting, id)).json()) as OutingView),
    );
    lek = views[0]!;
    others = views.find(({ person }) => person.id !== lek.person.id)!;
  });
  const NEW = "01900000-0000-7000-8000-0000000000";
  const sitOn = (day: number, change: object = {}) => ({
    id: `${NEW}${day}`,
    name: "From the table",
    startsAt: `2024-02-${day}T07:00:00Z`,
    placeId: lek.place.id,
    walkMinutes: 0,
    airTemperatureC: -9,
    windMPerS: 2,
    pieceIds: lek.wearings.map(({ pieceId }) => pieceId),
    felt: { minutes: 80, ended: "cold", first: "leftToes" },
    ...change,
  });
  const bring = (sits: readonly object[], personId = lek.person.id): Promise<Response> =>
    call(bringIn, undefined, { personId, sits }, "POST");

  it("become outings with notes, once however often they are brought, all or none", async () => {
    const before = await logbookOf(fresh.database, LOCAL_OWNER_ID);
    const foreign = others.kit[0]!.id;
    expect((await bring([sitOn(10), sitOn(11, { pieceIds: [foreign] })])).status).toBe(400);
    expect(await logbookOf(fresh.database, LOCAL_OWNER_ID)).toHaveLength(before.length);
    expect((await bring([sitOn(10)], `${NEW}ff`)).status).toBe(400);

    const answer = await bring([sitOn(10), sitOn(11, { pieceIds: [] })]);
    expect(answer.status).toBe(201);
    expect(await answer.json()).toEqual({ kept: 2, known: 0 });
    const again = await bring([sitOn(10, { id: `${NEW}20` }), sitOn(12)]);
    expect(await again.json()).toEqual({ kept: 1, known: 1 });
    const book = await logbookOf(fresh.database, LOCAL_OWNER_ID);
    expect(book).toHaveLength(before.length + 3);
    const own = book.find(({ outingId }) => outingId === `${NEW}10`)!;
    expect(own).toMatchObject({ airTemperatureC: -9, predicted: null, felt: { minutes: 80, first: "leftToes" } });
    expect(own.pieces.length).toBeGreaterThan(3);
  });

  it("are told by the model afterwards, and taught by where it is said what was worn", async () => {
    for (const day of [10, 11]) restate(fresh.database, LOCAL_OWNER_ID, `${NEW}${day}`);
    await restated();
    const book = await logbookOf(fresh.database, LOCAL_OWNER_ID);
    const todayOf = (day: number) => book.find(({ outingId }) => outingId === `${NEW}${day}`)!.today;
    expect(todayOf(10)!.verdict!.plannedMinutes).toBe(80);
    expect(todayOf(11)).toEqual({ verdict: null }); // nobody sits out bare: it was not told
    expect(todayOf(12)).toBeNull(); // nobody has asked yet
    const told = (await (await call(readTold, lek.person.id)).json()) as ToldSitFile[];
    const days = told.map(({ outing }) => outing.startsAt.slice(0, 10));
    expect(days).toContain("2024-02-10");
    expect(days).not.toContain("2024-02-11");
  });
});
