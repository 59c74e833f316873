import { rmSync } from "node:fs";
import { afterAll, beforeAll, describe, expect, it } from "vitest";
import { migrateDatabase, openDatabase } from "@/db";
import { parseBackup } from "@/formats/backup/parse";
import { LOCAL_OWNER_ID } from "@/server/access";
import { AppError } from "@/server/app-error";
import { backupStream, exportOuting } from "@/server/backup/backup";
import { restoreBackup } from "@/server/backup/restore";
import { seedDemo } from "@/server/demo/seed";
import { kitOfPerson } from "@/server/kit/kit";
import { outfitsOf } from "@/server/kit/outfits";
import { openOuting } from "@/server/outings/open-outing";
import { outingHistory, outingLines } from "@/server/outings/outings";
import { freshDatabase, newDatabase, type FreshDatabase } from "./fresh-database";
import { firstMigrations, MIGRATIONS, OLD, writeOldRows } from "./old-rows";
import { withVerdicts } from "./verdicts";

const NOW = Date.parse("2026-11-29T12:00:00Z");
const backupOf = async ({ database }: FreshDatabase) => {
  const parsed = parseBackup(await new Response(backupStream(database, LOCAL_OWNER_ID, new Date(NOW))).json());
  if (!parsed.ok) throw new Error(JSON.stringify(parsed.problems));
  return parsed.backup;
};

describe("rows written after", () => {
  let growing: Awaited<ReturnType<typeof newDatabase>>;
  beforeAll(async () => {
    growing = await newDatabase();
  });

  /** Brings the one that grows to so many migrations, in their order. */
  const grow = async (count: number): Promise<void> => {
    const folder = firstMigrations(count);
    const { database, close } = openDatabase(growing.url);
    await migrateDatabase(database, folder);
    await close();
    rmSync(folder, { recursive: true });
  };

  it.each(Array.from({ length: MIGRATIONS }, (_, index) => index + 1))(
    "%i migrations are read, judged, backed up and restored",
    async (count) => {
      await grow(count);
      const old = await freshDatabase(growing.name);
      try {
        await writeOldRows(old.sql, LOCAL_OWNER_ID, count);
        await migrateDatabase(old.database, "src/db/migrations");
        const [before] = await outingLines(old.database, LOCAL_OWNER_ID);
        expect(before).toMatchObject({ isRecomputing: true, verdict: { minutesStill: 44, lowMinutes: null } });
        const view = await openOuting(old.database, LOCAL_OWNER_ID, OLD.outing);
        expect(view.setting).toMatchObject({ shelter: "hide", seatHeightM: 0.3, ground: "snow" });
        // What she did not choose is a child's usual level; what she chose stays.
        expect(view.person.accepted).toMatchObject({ toes: "cold", fingers: "hard", face: "comfort" });
        expect(view.wearings).toHaveLength(2);
        const chosen = { avoids: ["down"], practices: { socks: "one" } };
        expect(view.person.practicePreferences).toEqual(count > 6 ? chosen : { avoids: [], practices: {} });
        const [line] = await withVerdicts(() => outingLines(old.database, LOCAL_OWNER_ID));
        expect(line!.verdict).not.toBeNull();
        expect(line!.isRecomputing).toBe(false);
        const { pieces } = await kitOfPerson(old.database, LOCAL_OWNER_ID, OLD.person);
        expect(pieces).toHaveLength(2);
        expect((await outfitsOf(old.database, LOCAL_OWNER_ID, OLD.person, null)).last?.wearings).toHaveLength(2);
        const history = await outingHistory(old.database, LOCAL_OWNER_ID, OLD.outing);
        expect(history.commands.length).toBe(history.done);
        const backup = await backupOf(old);
        expect(backup.leftOut).toBeUndefined();
        expect(backup.outings).toHaveLength(1);
      } finally {
        await old.close();
      }
    },
  );
});

describe("a row that cannot be read", () => {
  let fresh: FreshDatabase;
  beforeAll(async () => {
    fresh = await freshDatabase();
    await seedDemo(fresh.database);
  });
  afterAll(() => fresh.close());

  it("is named where it is needed, and spoils nothing else", async () => {
    const [lek, ...others] = await withVerdicts(() => outingLines(fresh.database, LOCAL_OWNER_ID));
    await fresh.sql`update outing set setting = setting || '{"iceThicknessM": "thick"}' where id = ${lek!.id}`;
    const error = await openOuting(fresh.database, LOCAL_OWNER_ID, lek!.id).catch((caught: unknown) => caught);
    expect(error).toBeInstanceOf(AppError);
    expect(error).toMatchObject({ code: "stored-unreadable", details: { problems: [{ path: "iceThicknessM" }] } });
    expect((error as AppError).message).toContain(lek!.name);
    for (const { id } of others) await openOuting(fresh.database, LOCAL_OWNER_ID, id);
    expect(await outingLines(fresh.database, LOCAL_OWNER_ID)).toHaveLength(1 + others.length);
    await expect(exportOuting(fresh.database, LOCAL_OWNER_ID, lek!.id, new Date(NOW))).rejects.toThrow(/iceThicknessM/);
    await fresh.sql`update outing set setting = setting - 'iceThicknessM' where id = ${lek!.id}`;
  });

  it("is left out of the backup, which says so; the rest can be restored", async () => {
    const whole = await backupOf(fresh);
    const [worn] = whole.outings[0]!.wearings;
    const name = whole.pieces.find(({ id }) => id === worn!.pieceId)!.name;
    await fresh.sql`update piece set label = '{"kind": "magic"}' where id = ${worn!.pieceId}`;
    await fresh.sql`update outing set verdict = '{"kind": "maybe"}', commands_done = 1`;
    await fresh.sql`insert into sheet_command (owner_id, outing_id, position, id, label, changes)
      select owner_id, id, 0, gen_random_uuid(), 'odd', '[{"collection": "phases", "key": "constructor", "before": null, "after": {"a": 1}}]'
      from outing`;
    const backup = await backupOf(fresh);
    expect(backup.pieces).toHaveLength(whole.pieces.length - 1);
    expect(backup.outings).toHaveLength(whole.outings.length);
    expect(backup.leftOut).toEqual(
      expect.arrayContaining([
        expect.objectContaining({ what: "piece", name }),
        expect.objectContaining({ what: "wearing" }),
        expect.objectContaining({ what: "history" }),
      ]),
    );
    const history = await outingHistory(fresh.database, LOCAL_OWNER_ID, whole.outings[0]!.id);
    expect(history).toMatchObject({ commands: [], done: 0, dropped: 1 });
    const empty = await freshDatabase();
    try {
      const answer = await restoreBackup(empty.database, LOCAL_OWNER_ID, backup, NOW);
      expect(answer).toMatchObject({ kind: "restored", restored: { outings: whole.outings.length } });
      expect(answer.kind === "restored" && answer.restored.leftOut.join()).toContain(name);
    } finally {
      await empty.close();
    }
  });
});

describe("a file to restore", () => {
  let fresh: FreshDatabase;
  beforeAll(async () => {
    fresh = await freshDatabase();
    await seedDemo(fresh.database);
  });
  afterAll(() => fresh.close());
  const problemOf = async (change: (backup: Awaited<ReturnType<typeof backupOf>>) => unknown): Promise<string> => {
    const answer = await restoreBackup(fresh.database, LOCAL_OWNER_ID, change(await backupOf(fresh)), NOW);
    return answer.kind === "refused" ? `${answer.problems[0]!.path} ${answer.problems[0]!.reason}` : "restored";
  };

  it("is held to what an upload is: a photo is a JPEG and not too large", async () => {
    const withPhoto = (photo: string) =>
      problemOf((backup) => ({ ...backup, pieces: backup.pieces.map((piece) => ({ ...piece, photo })) }));
    expect(await withPhoto(Buffer.from("<svg onload=alert(1)>").toString("base64"))).toMatch(/photo.*no JPEG/);
    const tooLarge = Buffer.alloc(400_001, 1);
    tooLarge.set([0xff, 0xd8, 0xff]);
    expect(await withPhoto(tooLarge.toString("base64"))).toMatch(/photo/);
  });

  it("wears nobody else's pieces, in the file or here", async () => {
    expect(
      await problemOf((backup) => {
        const [first] = backup.outings;
        const other = backup.pieces.find(({ personId }) => personId !== first!.personId)!;
        return {
          ...backup,
          outings: [{ ...first, wearings: [{ ...first!.wearings[0]!, pieceId: other.id }] }],
          trips: [],
        };
      }),
    ).toMatch(/somebody else's kit/);
    const [{ id: piece } = { id: "" }] = await fresh.sql<{ id: string }[]>`
      select piece_id id from wearing join outing on outing.id = outing_id order by outing.id limit 1`;
    const whole = await backupOf(fresh);
    const wears = whole.outings.find(({ wearings }) => wearings.some(({ pieceId }) => pieceId === piece))!;
    await fresh.sql`delete from outing where id = ${wears.id}`;
    await fresh.sql`update piece set person_id = (select id from person where id <> piece.person_id limit 1) where id = ${piece}`;
    const answer = await restoreBackup(fresh.database, LOCAL_OWNER_ID, whole, NOW);
    expect(answer).toMatchObject({
      kind: "refused",
      problems: [{ reason: expect.stringMatching(/somebody else/) as string }],
    });
    expect(await outingLines(fresh.database, LOCAL_OWNER_ID)).toHaveLength(whole.outings.length - 1);
  });

  it("brings rows at a version that no page open from before can overwrite", async () => {
    const whole = await backupOf(fresh);
    const gone = whole.outings[0]!.id;
    const { version } = await openOuting(fresh.database, LOCAL_OWNER_ID, gone);
    await fresh.sql`delete from outing where id = ${gone}`;
    await restoreBackup(fresh.database, LOCAL_OWNER_ID, whole, NOW);
    expect((await openOuting(fresh.database, LOCAL_OWNER_ID, gone)).version).toBeGreaterThan(version + 1_000_000);
  });
});
