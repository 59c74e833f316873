import { randomUUID } from "node:crypto";
import { afterAll, beforeAll, describe, expect, it } from "vitest";
import type { LinkLine } from "@/formats/wire/links-schema";
import type { ShareKind, SharedLine, ShareLine } from "@/formats/wire/shares-schema";
import type { KitView } from "@/formats/wire/kit/kit-view";
import { contentOfView } from "@/formats/wire/outing/content-of-view";
import type { OutingLine, OutingView } from "@/formats/wire/outing/outing-view";
import type { TripView } from "@/formats/wire/trips/trip-view";
import { asOwner } from "@/server/access";
import { recomputed } from "@/server/outings/recompute";
import { sheetForPage } from "@/server/outings/for-page";
import { kitForPage } from "@/server/kit/for-page";
import { sharedWith } from "@/server/shares/shares";
import { databaseFor } from "@/server/composition";
import { ADDRESS, Browser, codeOf, endpoints } from "./browser";
import { freshDatabase, type FreshDatabase } from "./fresh-database";

// Two accounts of a shared server: what one shows the other, and nothing besides. People and addresses are invented.

const before = { ...process.env };
let fresh: FreshDatabase;
let runa: Browser;
let tove: Browser;
const ids = { runa: "", tove: "" };
let lek: OutingView;
let tripId: string;

const signedUp = async (name: string): Promise<Browser> => {
  const browser = new Browser();
  const account = { name, email: `${name.toLowerCase()}@umiak.example`, password: "a hide on the bog" };
  expect((await browser.ask("POST", "/api/account/sign-up", account)).status).toBe(200);
  return browser;
};
const outingNamed = async (browser: Browser, name: string): Promise<OutingView> => {
  const line = (await browser.read<OutingLine[]>("/api/outings")).find((own) => own.name.includes(name));
  return browser.read<OutingView>(`/api/outings/${line!.id}`);
};

beforeAll(async () => {
  fresh = await freshDatabase();
  Object.assign(process.env, { DATABASE_URL: fresh.url, UMIAK_SIGN_IN: "1", UMIAK_ADDRESS: ADDRESS });
  [runa, tove] = [await signedUp("Runa"), await signedUp("Tove")];
  const rows = await fresh.sql<{ id: string; name: string }[]>`select id, name from account.user`;
  for (const { id, name } of rows) ids[name === "Runa" ? "runa" : "tove"] = id;
  expect((await runa.ask("POST", "/api/account/demo", {})).status).toBe(201);
  const body = { heightM: 1.7, massKg: 64, fatPercent: 26, ageYears: 41, sex: "female" };
  const person = { id: randomUUID(), name: "Tove", ...body };
  expect((await tove.ask("POST", "/api/people", person)).status).toBe(201);
  tripId = (await runa.read<{ id: string }[]>("/api/trips"))[0]!.id;
  lek = await outingNamed(runa, "Grouse lek");
});
afterAll(async () => {
  await recomputed();
  for (const name of Object.keys(process.env)) if (!(name in before)) Reflect.deleteProperty(process.env, name);
  await fresh.close();
});

type Wanted = { readonly mayEdit?: boolean; readonly tellsPlace?: boolean };
const invited = async (kind: ShareKind, item: string, wanted: Wanted = {}): Promise<{ id: string; token: string }> => {
  const made = await runa.ask("POST", "/api/shares", { id: randomUUID(), kind, item, ...wanted });
  expect(made.status).toBe(201);
  const { id, path } = (await made.json()) as { id: string; path: string };
  return { id, token: path.replace("/share/", "") };
};
const accept = (browser: Browser, token: string): Promise<Response> =>
  browser.ask("POST", "/api/shares/accept", { token });
const shared = async (kind: ShareKind, item: string, wanted: Wanted = {}): Promise<string> => {
  const { id, token } = await invited(kind, item, wanted);
  expect((await accept(tove, token)).status).toBe(200);
  return id;
};
const ended = async (id: string): Promise<void> =>
  void expect((await runa.ask("DELETE", `/api/shares/${id}`)).status).toBe(200);
/** Does what a page of Tove's does that looks at something of Runa's. */
const asGuest = <Result>(mayEdit: boolean, work: () => Promise<Result>): Promise<Result> =>
  asOwner(ids.runa, work, { accountId: ids.tove, shareId: "", ownerName: "Runa", mayEdit, tellsPlace: true });

describe("an invitation", () => {
  it("is kept as a hash, is somebody's once, and never its maker's", async () => {
    const { id, token } = await invited("outing", lek.id);
    const [row] = await fresh.sql`select token_hash, with_account from share where id = ${id}`;
    expect(JSON.stringify(row)).not.toContain(token);
    expect(await codeOf(await accept(runa, token))).toBe("bad-input");
    expect((await accept(tove, token)).status).toBe(200);
    expect(await codeOf(await accept(tove, token))).toBe("not-found");
    expect((await accept(new Browser(), token)).status).toBe(401);
    const [line] = await runa.read<ShareLine[]>(`/api/shares?kind=outing&item=${lek.id}`);
    expect(line).toMatchObject({ withName: "Tove", mayEdit: false, tellsPlace: false, goesAlong: false });
    await ended(id);
    expect(await runa.read<ShareLine[]>(`/api/shares?kind=outing&item=${lek.id}`)).toEqual([]);
  });

  it("is closed after a week, and made for nothing of somebody else's", async () => {
    const { id, token } = await invited("outing", lek.id);
    await fresh.sql`update share set expires_at = now() - interval '1 second' where id = ${id}`;
    expect(await codeOf(await accept(tove, token))).toBe("not-found");
    await ended(id);
    for (const [kind, item] of [
      ["outing", lek.id],
      ["trip", tripId],
      ["kit", lek.person.id],
    ])
      expect((await tove.ask("POST", "/api/shares", { id: randomUUID(), kind, item })).status).toBe(404);
  });
});

describe("an outing that is shared to be looked at", () => {
  it("shows what is worn and not the rest of the kit, no place, and nothing of what notes taught", async () => {
    const id = await shared("outing", lek.id);
    const seen = await tove.read<OutingView>(`/api/outings/${lek.id}`);
    expect(seen.kit.length).toBeLessThan(lek.kit.length);
    expect(new Set(seen.kit.map((piece) => piece.id))).toEqual(new Set(lek.wearings.map(({ pieceId }) => pieceId)));
    expect(JSON.stringify(seen)).not.toMatch(/Svartmyra|latitudeDeg|longitudeDeg|leftWith/);
    expect(seen.person.notes).toBeUndefined();
    const card = await (await tove.ask("GET", `/api/outings/${lek.id}/card`)).text();
    expect(card).toContain(lek.name);
    expect(card).not.toContain("Svartmyra");
    expect((await sharedWith(databaseFor(ids.tove))).map(({ item }) => item)).toEqual([lek.id]);
    expect(await tove.read<OutingLine[]>("/api/outings")).toEqual([]);
    await ended(id);
    expect((await tove.ask("GET", `/api/outings/${lek.id}`)).status).toBe(404);
  });

  it("opens nothing else of its owner by any endpoint, and changes nothing", async () => {
    const id = await shared("outing", lek.id);
    const state = async (): Promise<string> =>
      JSON.stringify(await fresh.sql`select id, version, removed_at, name from outing where owner_id = ${ids.runa}`);
    const unchanged = await state();
    const allowed: string[] = [];
    for (const [file, handlers] of Object.entries(endpoints)) {
      if (!file.includes("[id]") || file.includes("account")) continue;
      const item = file.includes("/people/") ? lek.person.id : file.includes("/pieces/") ? lek.kit[0]!.id : lek.id;
      const path = file
        .replace(/^\/src\/pages|(\/index)?\.ts$/g, "")
        .replace("[id]", item)
        .replace(/\[\w+\]/, randomUUID());
      for (const method of ["GET", "PUT", "POST", "DELETE"]) {
        if (!handlers[method]) continue;
        const body = {
          version: lek.version,
          ...contentOfView(lek),
          name: "Tove's",
          ids: [lek.kit[0]!.id],
          to: "deleted",
        };
        const response = await tove.ask(method, path, method === "GET" ? undefined : body);
        if (response.ok) allowed.push(`${method} ${file.replace("/src/pages/api/", "")}`);
        else expect([400, 401, 403, 404, 405, 415], `${method} ${path}`).toContain(response.status);
      }
    }
    expect(allowed.sort()).toEqual([
      "GET outings/[id]/calendar.ts",
      "GET outings/[id]/card.ts",
      "GET outings/[id]/index.ts",
    ]);
    expect(await state()).toBe(unchanged);
    const other = await outingNamed(runa, "Sea-bird");
    expect((await tove.ask("GET", `/api/outings/${other.id}`)).status).toBe(404);
    const refused = await tove.ask("PUT", `/api/outings/${lek.id}`, { version: 1, ...contentOfView(lek) });
    expect([refused.status, await codeOf(refused)]).toEqual([403, "only-read"]);
    await ended(id);
  });
});

describe("an outing that is shared to be changed", () => {
  it("is changed, by pieces that are worn there alone", async () => {
    const id = await shared("outing", lek.id, { mayEdit: true });
    const seen = await tove.read<OutingView>(`/api/outings/${lek.id}`);
    expect(seen.place.name).toContain("Svartmyra"); // whoever changes a plan sees all of it
    const [first, ...others] = seen.wearings;
    const fewer = { version: seen.version, ...contentOfView(seen), wearings: others };
    expect((await tove.ask("PUT", `/api/outings/${lek.id}`, fewer)).status).toBe(200);
    expect((await runa.read<OutingView>(`/api/outings/${lek.id}`)).wearings).toHaveLength(others.length);
    const unworn = lek.kit.find((piece) => !lek.wearings.some(({ pieceId }) => pieceId === piece.id))!;
    const foreign = { ...fewer, version: seen.version + 1, wearings: [{ ...first, pieceId: unworn.id }] };
    const refused = await tove.ask("PUT", `/api/outings/${lek.id}`, foreign);
    expect([refused.status, await codeOf(refused)]).toEqual([400, "bad-input"]);
    const back = { version: seen.version + 1, ...contentOfView(lek) };
    expect((await runa.ask("PUT", `/api/outings/${lek.id}`, back)).status).toBe(200);
    expect((await tove.ask("GET", `/api/outings/${lek.id}/links`)).status).toBe(404);
    expect(await runa.read<LinkLine[]>(`/api/outings/${lek.id}/links`)).toEqual([]);
    await ended(id);
  });

  it("is gone along with: hours are everybody's, clothes and kit each their own", async () => {
    const id = await shared("outing", lek.id, { mayEdit: true });
    const [person] = await tove.read<{ id: string; name: string }[]>("/api/people");
    const outingId = randomUUID();
    const along = (): Promise<Response> =>
      tove.ask("POST", `/api/shares/${id}/along`, { outingId, personId: person!.id });
    expect((await along()).status).toBe(201);
    expect(((await (await along()).json()) as { id: string }).id).toBe(outingId); // once, however often
    const hers = await tove.read<OutingView>(`/api/outings/${outingId}`);
    expect(hers.weather).toEqual(lek.weather);
    expect(hers.wearings).toEqual([]);
    expect(hers.phases.map(({ minutes }) => minutes)).toEqual(lek.phases.map(({ minutes }) => minutes));
    expect((await runa.ask("GET", `/api/outings/${outingId}`)).status).toBe(404);

    const longer = async (browser: Browser, outing: string, minutes: number): Promise<void> => {
      const view = await browser.read<OutingView>(`/api/outings/${outing}`);
      const phases = view.phases.map((phase, at) => (at === 0 ? { ...phase, minutes } : phase));
      const wanted = { version: view.version, ...contentOfView(view), phases };
      const saved = await browser.ask("PUT", `/api/outings/${outing}`, wanted);
      expect(saved.status, await saved.text()).toBe(200);
    };
    const firstMinutes = async (browser: Browser, outing: string): Promise<number> =>
      (await browser.read<OutingView>(`/api/outings/${outing}`)).phases[0]!.minutes;
    await longer(runa, lek.id, 55);
    expect(await firstMinutes(tove, outingId)).toBe(55);
    await longer(tove, outingId, 35);
    expect(await firstMinutes(runa, lek.id)).toBe(35);
    await longer(tove, lek.id, 45); // as a guest, on the other's sheet
    expect(await firstMinutes(tove, outingId)).toBe(45);

    // Each sheet names both; only the guest can open the other's.
    const sitters = async (ownerId: string, outing: string): Promise<unknown> => {
      const sheet = await asOwner(ownerId, () => sheetForPage(outing));
      if (sheet.kind !== "found") throw new Error(sheet.message);
      return sheet.party.sitters.map(({ personName, canOpen }) => [personName, canOpen]);
    };
    await recomputed();
    expect(await sitters(ids.runa, lek.id)).toEqual([
      [lek.person.name, true],
      [person!.name, false],
    ]);
    expect(await sitters(ids.tove, outingId)).toEqual([
      [person!.name, true],
      [lek.person.name, true],
    ]);

    await ended(id); // each goes on alone
    await longer(runa, lek.id, lek.phases[0]!.minutes);
    expect(await firstMinutes(tove, outingId)).toBe(45);
    await tove.ask("DELETE", `/api/outings/${outingId}`);
  });

  it("is not gone along with where the place was not told, nor changed from the other's sheet where it may not be", async () => {
    const [person] = await tove.read<{ id: string }[]>("/api/people");
    const hidden = await shared("outing", lek.id);
    const wanted = { outingId: randomUUID(), personId: person!.id };
    expect(await codeOf(await tove.ask("POST", `/api/shares/${hidden}/along`, wanted))).toBe("bad-input");
    const id = await shared("outing", lek.id, { tellsPlace: true }); // takes the place of the other
    expect(await runa.read<ShareLine[]>(`/api/shares?kind=outing&item=${lek.id}`)).toHaveLength(1);
    expect((await tove.ask("POST", `/api/shares/${id}/along`, wanted)).status).toBe(201);
    const hers = await tove.read<OutingView>(`/api/outings/${wanted.outingId}`);
    const phases = hers.phases.map((phase, at) => (at === 0 ? { ...phase, minutes: 70 } : phase));
    const saved = { version: hers.version, ...contentOfView(hers), phases };
    expect((await tove.ask("PUT", `/api/outings/${hers.id}`, saved)).status).toBe(200);
    expect((await runa.read<OutingView>(`/api/outings/${lek.id}`)).phases[0]!.minutes).toBe(lek.phases[0]!.minutes);
    expect((await tove.ask("DELETE", `/api/shares/${id}`)).status).toBe(200); // given up by whoever has it
    expect((await tove.ask("GET", `/api/outings/${lek.id}`)).status).toBe(404);
  });
});

describe("a kit that is shared", () => {
  it("is looked at and lent from until it is called back", async () => {
    const id = await shared("kit", lek.person.id);
    const kit = await tove.read<KitView>(`/api/people/${lek.person.id}/pieces`);
    expect(kit.pieces.length).toBeGreaterThan(10);
    const page = await asGuest(false, () => kitForPage(lek.person.id));
    expect(page.kind === "found" && page.people).toEqual([]); // whoever else Runa plans for is nothing to Tove
    const piece = kit.pieces[0]!;
    expect((await tove.ask("PUT", `/api/pieces/${piece.id}`, {})).status).toBe(403);
    expect((await tove.ask("GET", `/api/outings/${lek.id}`)).status).toBe(404); // the kit is not the plan
    const [person] = await tove.read<{ id: string }[]>("/api/people");
    const wanted = { personId: person!.id, pieceIds: [piece.id, randomUUID()] };
    const borrowed = await tove.ask("POST", `/api/shares/${id}/borrow`, wanted);
    expect(await borrowed.json()).toEqual({ borrowed: 1 });
    const ownKit = (): Promise<KitView> => tove.read<KitView>(`/api/people/${person!.id}/pieces`);
    expect((await ownKit()).pieces.map(({ name, status }) => [name, status])).toEqual([
      [`${piece.name} (lent by Runa)`, "inUse"],
    ]);
    const [line] = await runa.read<ShareLine[]>(`/api/shares?kind=kit&item=${lek.person.id}`);
    expect(line!.lent).toEqual([`${piece.name} (lent by Runa)`]);
    await ended(id);
    expect((await ownKit()).pieces[0]!.status).toBe("retired");
    expect((await tove.ask("GET", `/api/people/${lek.person.id}/pieces`)).status).toBe(404);
  });
});

describe("a trip that is shared", () => {
  it("is looked at with its days and changed within them", async () => {
    const id = await shared("trip", tripId, { mayEdit: true });
    const trip = await tove.read<TripView>(`/api/trips/${tripId}`);
    const [day] = trip.days as [TripView["days"][number]];
    expect((await tove.read<OutingView>(`/api/outings/${day.outing.id}`)).name).toBe(day.outing.name);
    const saved = (days: readonly { outingId: string; night: unknown }[], version: number): Promise<Response> =>
      tove.ask("PUT", `/api/trips/${tripId}`, { version, name: "Ours", days });
    const days = trip.days.map(({ outing, night }) => ({ outingId: outing.id, night }));
    expect((await saved(days.slice(1), trip.version)).status).toBe(200);
    expect((await saved(days, trip.version + 1)).status).toBe(200); // a day that was there comes back
    const other = { outingId: lek.id, night: day.night };
    expect((await saved([...days, other], trip.version + 2)).status).toBe(400);
    expect((await runa.read<TripView>(`/api/trips/${tripId}`)).name).toBe("Ours");
    expect((await tove.ask("DELETE", `/api/trips/${tripId}`)).status).toBe(403);
    await ended(id);
    expect((await tove.ask("GET", `/api/outings/${day.outing.id}`)).status).toBe(404);
  });
});

describe("an account that is deleted", () => {
  it("leaves what others shared with it", async () => {
    await shared("kit", lek.person.id);
    expect((await tove.ask("DELETE", "/api/account", { password: "a hide on the bog" })).status).toBe(200);
    expect(await fresh.sql`select 1 from share where with_account = ${ids.tove}`).toHaveLength(0);
    expect(await tove.ask("GET", "/api/outings")).toMatchObject({ status: 401 });
    expect((await runa.read<SharedLine[]>("/api/outings")).length).toBe(5);
  });
});
