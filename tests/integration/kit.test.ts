import type { APIContext } from "astro";
import { afterAll, beforeAll, describe, expect, it } from "vitest";
import { outfitOf, wornOutfit, type OutfitsView } from "@/formats/wire/kit/outfit";
import { contentOf, type KitPiece, type KitView } from "@/formats/wire/kit/kit-view";
import type { ErrorBody, OutingLine, OutingView } from "@/formats/wire/outing/outing-view";
import { GET as getOuting } from "@/pages/api/outings/[id]/index";
import { GET as listOutings } from "@/pages/api/outings/index";
import { DELETE as deleteOutfit } from "@/pages/api/outfits/[id]";
import { GET as getOutfits, POST as postOutfit } from "@/pages/api/people/[id]/outfits";
import { PUT as putPracticePreferences } from "@/pages/api/people/[id]/practice-preferences";
import { ALL as anyPieces, GET as getKit } from "@/pages/api/people/[id]/pieces";
import { PUT as putPiece } from "@/pages/api/pieces/[id]/index";
import { DELETE as deletePhoto, GET as getPhoto, PUT as putPhoto } from "@/pages/api/pieces/[id]/photo";
import { POST as postStatus } from "@/pages/api/people/[id]/piece-status";
import { seedDemo } from "@/server/demo/seed";
import { freshDatabase, type FreshDatabase } from "./fresh-database";
import { withVerdicts } from "./verdicts";

type Handler = (context: APIContext) => Response | Promise<Response>;

let fresh: FreshDatabase;
beforeAll(async () => {
  fresh = await freshDatabase();
  await seedDemo(fresh.database);
  process.env.DATABASE_URL = fresh.url;
});
afterAll(() => fresh.close());

const call = async <Body>(handler: unknown, id?: string, method = "GET", body?: unknown) => {
  const request = new Request("http://127.0.0.1:4477/api", {
    method,
    ...(body !== undefined && { headers: { "content-type": "application/json" }, body: JSON.stringify(body) }),
  });
  const response = await (handler as Handler)({ params: { id }, request } as unknown as APIContext);
  return { status: response.status, body: (await response.json()) as Body };
};

const LEK = "Grouse lek before dawn";
const lek = async (): Promise<OutingView> => {
  const { body } = await call<OutingLine[]>(listOutings);
  return (await call<OutingView>(getOuting, body.find(({ name }) => name === LEK)!.id)).body;
};
const kit = async (): Promise<KitView> => (await call<KitView>(getKit, (await lek()).person.id)).body;
const pieceNamed = async (name: string): Promise<KitPiece> =>
  (await kit()).pieces.find((piece) => piece.name === name)!;
const saving = (piece: KitPiece) => ({ version: piece.version, ...contentOf(piece) });
const setStatus = async (ids: readonly string[], to: string) =>
  call<ErrorBody & { changed: number }>(postStatus, (await lek()).person.id, "POST", { ids, to });

describe("a person's kit", () => {
  it("lists every piece with the outings it is worn in; of nobody there is none", async () => {
    const { person, pieces } = await kit();
    expect(person.name).toBe("Runa");
    expect(pieces.length).toBeGreaterThan(20);
    expect((await pieceNamed("Wool tube")).outings).toBeGreaterThan(0);
    expect((await call(getKit, "01900000-0000-7000-8000-0000000000aa")).status).toBe(404);
    expect((await call(anyPieces)).status).toBe(405);
  });

  it("keeps an edited piece, computes with it from then on, and refuses an old version", async () => {
    const parka = await pieceNamed("Down parka, 700 fill, 300 g");
    const edited = { ...saving(parka), name: "Parka, told anew", note: "=1+1 · шапка", massG: 1400 };
    const saved = await call<{ version: number }>(putPiece, parka.id, "PUT", edited);
    expect(saved).toMatchObject({ status: 200, body: { version: parka.version + 1 } });
    expect(await pieceNamed("Parka, told anew")).toMatchObject({ note: "=1+1 · шапка", massG: 1400 });
    expect((await lek()).kit.some(({ name }) => name === "Parka, told anew")).toBe(true);
    const late = await call<ErrorBody>(putPiece, parka.id, "PUT", edited);
    expect(late).toMatchObject({ status: 409, body: { error: { code: "version-conflict" } } });
    expect((await call(putPiece, "01900000-0000-7000-8000-0000000000aa", "PUT", edited)).status).toBe(404);
    expect((await call(putPiece, "nonsense", "PUT", edited)).status).toBe(404);
    const bad = await call<ErrorBody>(putPiece, parka.id, "PUT", { ...edited, massG: -4, traits: { noise: 9 } });
    expect(bad.body.error.problems?.map(({ path }) => path).sort()).toEqual(["massG", "traits.noise"]);
  });

  it("an edited piece makes the verdicts of what wears it anew, in the list too", async () => {
    const verdictOf = async () => {
      const lines = await withVerdicts(async () => (await call<OutingLine[]>(listOutings)).body);
      return lines.find(({ name }) => name === LEK)!.verdict!;
    };
    const view = await lek();
    const boots = (await kit()).pieces.find(
      ({ id, kind }) => kind === "footwear" && view.wearings.some(({ pieceId }) => pieceId === id),
    )!;
    const before = await verdictOf();
    if (boots.label.kind !== "panels") throw new Error("the demonstration's boots are labelled");
    const flat = { ...saving(boots), label: { ...boots.label, wear: "muchUsed" as const } };
    expect((await call(putPiece, boots.id, "PUT", flat)).status).toBe(200);
    const after = await verdictOf();
    expect(after).not.toEqual(before);
    const [again] = (await kit()).pieces.filter(({ id }) => id === boots.id);
    const back = { ...saving(again!), label: boots.label };
    expect((await call(putPiece, boots.id, "PUT", back)).status).toBe(200);
    expect(await verdictOf()).toEqual(before);
  });

  it("retires and deletes: kept where worn, not offered elsewhere, and had back", async () => {
    const [worn, spare] = [await pieceNamed("Wool tube"), await pieceNamed("Soft shell jacket")];
    expect(await setStatus([worn.id, spare.id], "deleted")).toMatchObject({ status: 200, body: { changed: 2 } });
    const offered = (await lek()).kit.map(({ id }) => id);
    expect(offered).toContain(worn.id);
    expect(offered).not.toContain(spare.id);
    expect((await pieceNamed("Soft shell jacket")).status).toBe("deleted");
    await setStatus([spare.id], "inUse");
    expect((await lek()).kit.map(({ id }) => id)).toContain(spare.id);
    await setStatus([worn.id], "inUse");
    expect((await setStatus(["01900000-0000-7000-8000-0000000000aa"], "retired")).status).toBe(404);
    expect((await setStatus([spare.id], "lost")).status).toBe(400);
  });
});

describe("care", () => {
  it("is kept with the piece: washed after so many wears, on a day; nonsense is refused with its reason", async () => {
    const top = await pieceNamed("Heavy wool base 350, top");
    expect(top.wears).toBeLessThanOrEqual(top.outings);
    const care = { wash: { wears: top.wears, on: "2026-11-20" } };
    expect((await call(putPiece, top.id, "PUT", { ...saving(top), care })).status).toBe(200);
    const again = await pieceNamed("Heavy wool base 350, top");
    expect(again.care).toEqual(care);
    const bad = { ...saving(again), care: { polish: { wears: -1, on: "soon" } } };
    expect(await call(putPiece, top.id, "PUT", bad)).toMatchObject({
      status: 400,
      body: { error: { code: "bad-input" } },
    });
  });
});

describe("outfits by name", () => {
  const id = "01900000-0000-7000-8000-00000000f001";
  const outfits = async (before?: string) => {
    const { person } = await lek();
    const url = `http://127.0.0.1:4477/api${before === undefined ? "" : `?before=${encodeURIComponent(before)}`}`;
    const response = await (getOutfits as Handler)({
      params: { id: person.id },
      request: new Request(url),
    } as unknown as APIContext);
    return { status: response.status, body: (await response.json()) as OutfitsView & ErrorBody };
  };

  it("are what was worn in the middle of the sit; worn again they give the same pieces in the same order", async () => {
    const view = await lek();
    const wearings = outfitOf(view);
    expect(wearings.length).toBeGreaterThan(10);
    expect(wearings.some(({ isForTheSit }) => isForTheSit)).toBe(true);
    const kept = await call(postOutfit, view.person.id, "POST", { id, name: "Hard frost · наряд", wearings });
    expect(kept.status).toBe(201);
    const [found] = (await outfits()).body.outfits;
    expect(found).toEqual({ id, name: "Hard frost · наряд", wearings });
    const worn = wornOutfit(view, [...found!.wearings, { ...wearings[0]!, pieceId: id }]);
    expect(worn.missing).toBe(1);
    expect(outfitOf({ ...view, wearings: worn.wearings })).toEqual(wearings);
  });

  it("replace one of the same name, are forgotten, and an empty one is refused", async () => {
    const { person } = await lek();
    const wearings = outfitOf(await lek()).slice(0, 2);
    await call(postOutfit, person.id, "POST", {
      id: "01900000-0000-7000-8000-00000000f002",
      name: "Hard frost · наряд",
      wearings,
    });
    expect((await outfits()).body.outfits).toMatchObject([{ id, wearings }]);
    const empty = await call<ErrorBody>(postOutfit, person.id, "POST", { id, name: "Nothing", wearings: [] });
    expect(empty).toMatchObject({ status: 400, body: { error: { code: "bad-input" } } });
    expect((await call(deleteOutfit, id, "DELETE")).status).toBe(200);
    expect((await call(deleteOutfit, id, "DELETE")).status).toBe(404);
    expect((await outfits()).body.outfits).toEqual([]);
  });

  it("know what was worn the last time before a day, and refuse a day that is none", async () => {
    const { name, startsAt } = await lek();
    const after = new Date(Date.parse(startsAt) + 86_400_000).toISOString();
    expect((await outfits(after)).body.last).toMatchObject({ name, startsAt });
    expect((await outfits("1990-01-01T00:00:00.000Z")).body.last).toBeNull();
    expect((await outfits("tomorrow")).status).toBe(400);
  });
});

describe("what a person holds to", () => {
  it("is kept and stands on their sheets; what is no way of a question is refused", async () => {
    const { person } = await lek();
    const practicePreferences = { avoids: ["animals"], practices: { bigLayer: "seated" } };
    const { practicePreferences: from } = (await lek()).person;
    expect((await call(putPracticePreferences, person.id, "PUT", { from, to: practicePreferences })).status).toBe(200);
    expect((await lek()).person.practicePreferences).toEqual(practicePreferences);
    // A page that has not seen it changes something else: both stay.
    const other = { from, to: { ...from, practices: { ...from.practices, socks: "one" } } };
    expect((await call(putPracticePreferences, person.id, "PUT", other)).status).toBe(200);
    expect((await lek()).person.practicePreferences).toEqual({
      ...practicePreferences,
      practices: { ...practicePreferences.practices, socks: "one" },
    });
    const bad = { avoids: ["vegetables"], practices: { bigLayer: "never" } };
    expect(await call(putPracticePreferences, person.id, "PUT", { from, to: bad })).toMatchObject({
      status: 400,
      body: { error: { code: "bad-input" } },
    });
    const nobody = "01900000-0000-7000-8000-0000000000aa";
    expect((await call(putPracticePreferences, nobody, "PUT", { from, to: practicePreferences })).status).toBe(404);
    const { practicePreferences: now } = (await lek()).person;
    await call(putPracticePreferences, person.id, "PUT", { from: now, to: from });
  });
});

describe("a photo of a piece", () => {
  const JPEG = Buffer.from([0xff, 0xd8, 0xff, 0xe0, 0, 0, 0xff, 0xd9]);
  const at = (id: string, version: number, init: RequestInit) => {
    const request = new Request(`http://127.0.0.1:4477/api/pieces/${id}/photo?version=${version}`, init);
    return { params: { id }, request, url: new URL(request.url) } as unknown as APIContext;
  };
  const put = async (id: string, version: number, body: Buffer | string, type = "image/jpeg") =>
    (putPhoto as Handler)(
      at(id, version, {
        method: "PUT",
        headers: { "content-type": type },
        body: typeof body === "string" ? body : new Uint8Array(body),
      }),
    );
  const remove = (id: string, version: number) =>
    (deletePhoto as Handler)(at(id, version, { method: "DELETE", headers: { "content-type": "application/json" } }));
  const get = (id: string) => (getPhoto as Handler)({ params: { id } } as unknown as APIContext);

  it("is kept, comes back as it was and as nothing but a picture, and goes again", async () => {
    const { id, version, hasPhoto } = await pieceNamed("Wool tube");
    expect(hasPhoto).toBe(false);
    const kept = await put(id, version, JPEG);
    expect(await kept.json()).toEqual({ version: version + 1 });
    expect(await pieceNamed("Wool tube")).toMatchObject({ hasPhoto: true, version: version + 1 });
    const answered = await get(id);
    expect(answered.headers.get("content-type")).toBe("image/jpeg");
    expect(Buffer.from(await answered.arrayBuffer())).toEqual(JPEG);
    expect((await remove(id, version + 1)).status).toBe(200);
    expect((await get(id)).status).toBe(404);
  });

  it("stays where another page has changed the piece or its photo since", async () => {
    const { id, version } = await pieceNamed("Wool tube");
    expect((await put(id, version, JPEG)).status).toBe(200);
    const other = Buffer.concat([JPEG, Buffer.from([1])]);
    expect((await put(id, version, other)).status).toBe(409);
    expect((await remove(id, version)).status).toBe(409);
    expect(Buffer.from(await (await get(id)).arrayBuffer())).toEqual(JPEG);
    expect((await remove(id, version + 1)).status).toBe(200);
    expect((await put(id, 0, other)).status).toBe(400);
  });

  it("refuses what is no JPEG, what calls itself one, what is too large, and photos of nothing", async () => {
    const { id, version } = await pieceNamed("Wool tube");
    const statusOf = async (...sent: Parameters<typeof put>) => (await put(...sent)).status;
    expect(await statusOf(id, version, JPEG, "image/svg+xml")).toBe(415);
    expect(await statusOf(id, version, "<svg onload=alert(1)>")).toBe(400);
    expect(await statusOf(id, version, Buffer.concat([JPEG, Buffer.alloc(400_001)]))).toBe(413);
    expect(await statusOf("01900000-0000-7000-8000-0000000000aa", 1, JPEG)).toBe(404);
    expect((await pieceNamed("Wool tube")).hasPhoto).toBe(false);
  });
});
