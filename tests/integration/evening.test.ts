import { totalMinutes } from "@/core/outing";
import type { APIContext } from "astro";
import ICAL from "ical.js";
import jsQR from "jsqr";
import QRCode from "qrcode";
import { afterAll, beforeAll, describe, expect, it } from "vitest";
import { squareText } from "@/formats/card/card-square";
import type { ForecastView } from "@/formats/wire/evening/forecast-view";
import type { ErrorBody, OutingLine, OutingView } from "@/formats/wire/outing/outing-view";
import type { Restored } from "@/formats/wire/restored";
import type { Backup } from "@/formats/backup/backup-schema";
import { GET as getBackup, POST as postBackup } from "@/pages/api/backup";
import { POST as postBack } from "@/pages/api/outings/[id]/back";
import { GET as getCalendar } from "@/pages/api/outings/[id]/calendar";
import { GET as getCard } from "@/pages/api/outings/[id]/card";
import { PUT as putHead } from "@/pages/api/outings/[id]/head";
import { GET as getExport } from "@/pages/api/outings/[id]/export";
import { GET as getForecast } from "@/pages/api/outings/[id]/forecast";
import { DELETE as deleteOuting, GET as getOuting, PUT as putOuting } from "@/pages/api/outings/[id]/index";
import { GET as listOutings, POST as postOuting } from "@/pages/api/outings/index";
import { LOCAL_OWNER_ID } from "@/server/access";
import { backupStream } from "@/server/backup/backup";
import { restoreBackup } from "@/server/backup/restore";
import { fieldCardOf } from "@/server/evening/field-card";
import { seedDemo } from "@/server/demo/seed";
import { outingLines } from "@/server/outings/outings";
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

const answer = async (handler: unknown, id?: string, init?: RequestInit, query = ""): Promise<Response> => {
  const url = new URL(`http://127.0.0.1:4477/api${query}`);
  const request = new Request(url, init);
  return (handler as Handler)({ params: { id }, request, url } as unknown as APIContext);
};
const body = async <Body>(handler: unknown, id?: string, init?: RequestInit, query = ""): Promise<Body> =>
  (await (await answer(handler, id, init, query)).json()) as Body;
const sending = (method: string, value: unknown): RequestInit => ({
  method,
  headers: { "content-type": "application/json" },
  body: JSON.stringify(value),
});
const lines = (): Promise<OutingLine[]> => withVerdicts(() => body<OutingLine[]>(listOutings));
const linesOf = ({ database }: FreshDatabase): Promise<OutingLine[]> =>
  withVerdicts(() => outingLines(database, LOCAL_OWNER_ID));
const backupIn = async ({ database }: FreshDatabase, madeAt: string): Promise<unknown> =>
  new Response(backupStream(database, LOCAL_OWNER_ID, new Date(madeAt))).json();
const restoredIn = async ({ database }: FreshDatabase, value: unknown): Promise<Restored> => {
  const answer = await restoreBackup(database, LOCAL_OWNER_ID, value, Date.parse("2026-11-29T12:00:00Z"));
  if (answer.kind === "refused") throw new Error(JSON.stringify(answer.problems));
  return answer.restored;
};
const idOf = async (name: string): Promise<string> => (await lines()).find((line) => line.name === name)!.id;
const open = (id: string): Promise<OutingView> => body<OutingView>(getOuting, id);
const save = async (view: OutingView, change: Partial<OutingView>): Promise<Response> => {
  const { version, setting, weatherShaped, weather, phases, wearings, plan } = { ...view, ...change };
  return answer(
    putOuting,
    view.id,
    sending("PUT", { version, setting, weatherShaped, weather, phases, wearings, plan }),
  );
};
const uuid = (end: number): string => `01900000-0000-7000-8000-0000000e${String(end).padStart(4, "0")}`;
const LEK = "Grouse lek before dawn";
const ICE = "Char through the ice";

describe("the forecast of an outing", () => {
  it("is invented, covers the plan, and stands as it stood at a time asked for", async () => {
    const id = await idOf(LEK);
    const view = await open(id);
    const now = await body<ForecastView>(getForecast, id);
    expect(now.invented).toBe(true);
    const end = Date.parse(view.startsAt) + totalMinutes(view.phases) * 60_000;
    expect(Date.parse(now.hours[0]!.at)).toBeLessThanOrEqual(Date.parse(view.startsAt));
    expect(Date.parse(now.hours.at(-1)!.at)).toBeGreaterThanOrEqual(end);
    const earlier = await body<ForecastView>(getForecast, id, undefined, "?asOf=2026-10-01T10:00:00Z");
    expect(earlier.issuedAt).toBe("2026-10-01T09:00:00.000Z");
  });

  it("refuses a time that is none, and a place that is nowhere, saying what to do", async () => {
    const id = await idOf(LEK);
    expect((await answer(getForecast, id, undefined, "?asOf=yesterday")).status).toBe(400);
    const view = await open(id);
    const { latitudeDeg: _latitude, longitudeDeg: _longitude, ...nowhere } = view.setting;
    await save(view, { setting: nowhere });
    const refused = await body<ErrorBody>(getForecast, id);
    expect(refused.error.message).toMatch(/latitude and longitude/);
    await save(await open(id), { setting: view.setting });
  });
});

describe("what a plan holds", () => {
  it("is kept with the outing, also what wets, and left as it is by who does not send it", async () => {
    const id = await idOf(ICE);
    const view = await open(id);
    const plan: OutingView["plan"] = {
      ticks: ["thing headlamp"],
      extras: [{ id: uuid(1), words: "rod" }],
      leftWith: { name: "Tove", reachedBy: "at home", alarmAfterMinutes: 90 },
    };
    const phases = view.phases.map((phase, index) =>
      index === 0 ? { ...phase, wetBy: ["branches" as const] } : phase,
    );
    expect((await save(view, { plan, phases })).status).toBe(200);
    const kept = await open(id);
    expect(kept.plan).toEqual(plan);
    expect(kept.phases[0]!.wetBy).toEqual(["branches"]);
    const { version, setting, weatherShaped, weather, wearings } = kept;
    const silent = sending("PUT", { version, setting, weatherShaped, weather, phases: kept.phases, wearings });
    expect((await answer(putOuting, id, silent)).status).toBe(200);
    expect((await open(id)).plan).toEqual(plan);
  });

  it("refuses what a plan cannot hold", async () => {
    const view = await open(await idOf(ICE));
    const refused = await save(view, {
      plan: {
        track: [
          [100, 0, null],
          [1, 1, null],
        ],
      },
    });
    expect(refused.status).toBe(400);
    expect(((await refused.json()) as ErrorBody).error.problems![0]!.path).toBe("plan.track[0][0]");
  });
});

describe("the card for another telephone", () => {
  const turnBackOf = (text: string): string => /turn back (\d\d:\d\d)/i.exec(text)![1]!;

  it("is one file that asks for nothing else, and takes no name for markup", async () => {
    const id = await idOf(ICE);
    const view = await open(id);
    const head = { version: view.version, name: "<b>Char</b> & “ice”", startsAt: view.startsAt };
    const renamed = await answer(
      putHead,
      id,
      sending("PUT", { ...head, personId: view.person.id, placeId: view.place.id }),
    );
    expect(renamed.status).toBe(200);
    const response = await answer(getCard, id);
    expect(response.headers.get("content-disposition")).toMatch(/attachment; filename="b-Char-b-ice-card.html"/);
    const text = await response.text();
    expect(text).toContain("&lt;b&gt;Char&lt;/b&gt; &amp; “ice”");
    expect(text).not.toMatch(/https?:|src=|href=|<script|url\(/);
    expect(text).toContain("What ends it.");
    expect(text).toContain("Stay tied in at height");
    expect(text).not.toContain("WGS 84");
    const back = { ...head, name: ICE, version: (await open(id)).version };
    await answer(putHead, id, sending("PUT", { ...back, personId: view.person.id, placeId: view.place.id }));
  });

  it("is a square that somebody else's reader reads: when to turn back, who calls for help, no place unless ticked", async () => {
    const id = await idOf(ICE);
    const card = await fieldCardOf(fresh.database, LOCAL_OWNER_ID, id);
    const { data, size } = QRCode.create(squareText(card), { errorCorrectionLevel: "L" }).modules;
    const margin = 4;
    const side = (size + 2 * margin) * 3;
    const pixels = new Uint8ClampedArray(side * side * 4).fill(255);
    for (let y = 0; y < side; y++)
      for (let x = 0; x < side; x++) {
        const [row, column] = [Math.floor(y / 3) - margin, Math.floor(x / 3) - margin];
        const isInside = row >= 0 && row < size && column >= 0 && column < size;
        if (isInside && data[row * size + column]) pixels.fill(0, (y * side + x) * 4, (y * side + x) * 4 + 3);
      }
    const read = jsQR(pixels, side, side)!.data;
    expect(read).toBe(squareText(card));
    expect(turnBackOf(read)).toBe(turnBackOf(await (await answer(getCard, id)).text()));
    expect(read).toContain("Tove");
    expect(read).not.toContain("WGS 84");
    const told = squareText({ ...card, view: { ...card.view, plan: { ...card.view.plan, tellsPlace: true } } });
    expect(told).toContain("WGS 84");
  });
});

describe("the calendar file", () => {
  it("is read by somebody else's reader: the outing, alarms, and turning back; no coordinates unless ticked", async () => {
    const id = await idOf(ICE);
    const response = await answer(getCalendar, id);
    expect(response.headers.get("content-disposition")).toBe('attachment; filename="Char-through-the-ice.ics"');
    const text = await response.text();
    expect(text).not.toMatch(/^GEO/m);
    const events = new ICAL.Component(ICAL.parse(text) as never)
      .getAllSubcomponents("vevent")
      .map((component) => ({ event: new ICAL.Event(component), alarms: component.getAllSubcomponents("valarm") }));
    const view = await open(id);
    const whole = events.find(({ event }) => event.summary === ICE)!;
    expect(whole.event.startDate.toJSDate().toISOString()).toBe(view.startsAt);
    const turnBack = events.find(({ event }) => event.summary === "Turn back")!;
    const triggers = turnBack.alarms.map((alarm) => String(alarm.getFirstPropertyValue("trigger")));
    expect(triggers.sort()).toEqual(["-PT15M", "PT0S"]);
    expect(events.some(({ event }) => event.summary.startsWith("Tove calls for help"))).toBe(true);
    expect(new Set(events.map(({ event }) => event.uid)).size).toBe(events.length);
    // The same acts under the same names when the plan moves; what is gone is cancelled, and the newest file counts.
    const later = await save(view, {
      phases: view.phases.map((phase) => ({ ...phase, minutes: phase.minutes + 5 })),
      wearings: view.wearings.map((wearing) => ({ ...wearing, fromMinute: 0, toMinute: wearing.toMinute + 1 })),
      plan: { ...view.plan, leftWith: undefined },
    });
    expect(later.status).toBe(200);
    await new Promise((resolve) => setTimeout(resolve, 1100)); // SEQUENCE counts seconds
    const again = new ICAL.Component(ICAL.parse(await (await answer(getCalendar, id)).text()) as never)
      .getAllSubcomponents("vevent")
      .map((component) => ({ event: new ICAL.Event(component), status: component.getFirstPropertyValue("status") }));
    const turned = again.find(({ event }) => event.uid === turnBack.event.uid)!;
    expect(turned.event.summary).toBe("Turn back");
    expect(turned.event.sequence).toBeGreaterThan(turnBack.event.sequence);
    const goneUids = events
      .map(({ event }) => event.uid)
      .filter((uid) => uid.includes("dress") || uid.includes("left-with"));
    expect(goneUids.length).toBeGreaterThan(1);
    const cancelled = again.filter(({ status }) => status === "CANCELLED").map(({ event }) => event.uid);
    expect(cancelled).toContain(`${id}-left-with@umiak`);
    expect(again.map(({ event }) => event.uid)).toEqual(expect.arrayContaining(goneUids));
    await save(await open(id), { phases: view.phases, wearings: view.wearings, plan: view.plan });
    await save(await open(id), { plan: { ...view.plan, tellsPlace: true } });
    expect(await (await answer(getCalendar, id)).text()).toMatch(/^GEO:61;9/m);
    await save(await open(id), { plan: view.plan });
  });
});

describe("several sitters", () => {
  it("have their own clothes and verdict, and share hours and phases whoever changes them", async () => {
    const id = await idOf(LEK);
    const runa = await open(id);
    const eskil = (await open(await idOf(ICE))).person;
    const along = { from: "party", id: uuid(10), besides: id, person: { kind: "known", id: eskil.id } };
    expect((await answer(postOuting, undefined, sending("POST", along))).status).toBe(201);
    const his = await open(uuid(10));
    expect(his).toMatchObject({ partyId: id, person: { name: "Eskil" }, wearings: [] });
    expect(his.phases.map(({ minutes }) => minutes)).toEqual(runa.phases.map(({ minutes }) => minutes));
    const suit = his.kit.find(({ kind }) => kind === "garment")!;
    const start = his.phases[0]!.minutes;
    const wearing = {
      id: uuid(11),
      pieceId: suit.id,
      side: "both",
      rank: 40,
      fromMinute: start,
      toMinute: start + 60,
      opened: [],
      withoutParts: [],
      whenOff: "pack",
      heat: null,
    } as const;
    expect((await save(his, { wearings: [wearing] })).status).toBe(200);

    const hers = await open(id);
    const longer = hers.phases.map((phase, index) => (index === 0 ? { ...phase, minutes: phase.minutes + 25 } : phase));
    expect((await save(hers, { phases: longer })).status).toBe(200);
    const after = await open(uuid(10));
    expect(after.phases.map(({ minutes }) => minutes)).toEqual(longer.map(({ minutes }) => minutes));
    expect(after.phases.map((phase) => phase.id)).toEqual(his.phases.map((phase) => phase.id));
    expect(after.wearings[0]).toMatchObject({ fromMinute: start + 25, toMinute: start + 85 });
    expect((await save(his, {})).status).toBe(409); // what he had open is older now

    // Both at once, again and again: nobody's save deadlocks, and what either wears stays.
    for (const round of [1, 2, 3, 4, 5, 6]) {
      const [one, other] = [await open(id), await open(uuid(10))];
      const withMinutes = ({ phases }: typeof one, minutes: number) => ({
        phases: phases.map((phase, index) => (index === 1 ? { ...phase, minutes } : phase)),
      });
      const answers = await Promise.all([
        save(one, withMinutes(one, 20 + round)),
        save(other, { ...withMinutes(other, 40 + round), wearings: [{ ...other.wearings[0]!, rank: 40 + round }] }),
      ]);
      const statuses = answers.map(({ status }) => status);
      expect(statuses.filter((status) => status === 200)).toHaveLength(1); // the other is told that something changed
      expect(statuses.filter((status) => status === 409)).toHaveLength(1);
      expect((await open(id)).wearings).toEqual(one.wearings.map((own) => expect.objectContaining({ id: own.id })));
      const [kept] = (await open(uuid(10))).wearings;
      expect(kept!.rank).toBe(statuses[1] === 200 ? 40 + round : other.wearings[0]!.rank);
      expect((await open(id)).phases[1]!.minutes).toBe((await open(uuid(10))).phases[1]!.minutes);
    }

    const party = (await lines()).filter(({ partyId }) => partyId === id);
    expect(party).toHaveLength(2);
    expect(new Set(party.map(({ verdict }) => verdict!.minutesStill)).size).toBe(2);
    const twice = { ...along, id: uuid(12) };
    expect((await answer(postOuting, undefined, sending("POST", twice))).status).toBe(400);
  });
});

describe("removing", () => {
  it("takes an outing off the list and has it back as it was", async () => {
    const id = await idOf("Sea-bird count");
    const before = await open(id);
    expect((await answer(deleteOuting, id, { method: "DELETE" })).status).toBe(200);
    expect((await lines()).some((line) => line.id === id)).toBe(false);
    // What is off the list is not saved into: it says so, and nothing of it changes.
    const refused = await save(before, { weather: before.weather.slice(1) });
    expect(refused.status).toBe(404);
    expect(((await refused.json()) as ErrorBody).error.message).toMatch(/removed.*Backup/);
    expect((await answer(postBack, id, { method: "POST" })).status).toBe(200);
    expect((await lines()).some((line) => line.id === id)).toBe(true);
    expect(await open(id)).toEqual(before);
    expect((await answer(deleteOuting, uuid(99), { method: "DELETE" })).status).toBe(404);
  });
});

describe("backup and restore", () => {
  it("brings everything into an empty database, with the same verdicts", async () => {
    const backup = (await body<Backup>(getBackup)) as unknown;
    const empty = await freshDatabase();
    try {
      const restored = await restoredIn(empty, backup);
      const [here, there] = [await lines(), await linesOf(empty)];
      expect(restored).toMatchObject({ outings: here.length, keptOutings: 0 });
      expect(there).toEqual(here);
      const again = await backupIn(empty, (backup as Backup).madeAt);
      expect(again).toEqual(backup);
    } finally {
      await empty.close();
    }
  });

  it("overwrites nothing that is here", async () => {
    const before = await lines();
    const restored = await body<Restored>(postBackup, undefined, sending("POST", await body<Backup>(getBackup)));
    expect(restored).toMatchObject({ outings: 0, keptOutings: before.length });
    expect(await lines()).toEqual(before);
  });

  it("names what is wrong with a file and changes nothing", async () => {
    const reason = async (value: unknown): Promise<string> =>
      (await body<ErrorBody>(postBackup, undefined, sending("POST", value))).error.problems![0]!.reason;
    expect(await reason({ hello: 1 })).toMatch(/made by Backup or by Export/);
    const backup = await body<Backup>(getBackup);
    expect(await reason({ ...backup, formatVersion: 9 })).toMatch(/update the program/);
    expect(await reason({ ...backup, people: [] })).toMatch(/person that is not in the file/);
    expect(await reason({ ...backup, pieces: backup.pieces.map((piece) => ({ ...piece, massG: -1 })) })).toMatch(/>=1/);
  });

  it("exports one outing with what it wears, keeps the place secret unless ticked, and takes it in elsewhere", async () => {
    const id = await idOf(ICE);
    const secret = await body<Backup>(getExport, id);
    expect(JSON.stringify(secret)).not.toMatch(/latitudeDeg|leftWith/);
    const view = await open(id);
    await save(view, { plan: { ...view.plan, tellsPlace: true } });
    const told = await body<Backup>(getExport, id);
    expect(told.outings[0]!.setting.latitudeDeg).toBe(61);
    const worn = new Set(view.wearings.map(({ pieceId }) => pieceId));
    expect(told.pieces.map((piece) => piece.id).sort()).toEqual([...worn].sort());
    const empty = await freshDatabase();
    try {
      await restoredIn(empty, told);
      const [line] = await linesOf(empty);
      expect(line!.verdict).toEqual((await lines()).find((own) => own.id === id)!.verdict);
    } finally {
      await empty.close();
    }
  });
});
