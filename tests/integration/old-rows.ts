import { cpSync, mkdirSync, mkdtempSync, readFileSync, writeFileSync } from "node:fs";
import { tmpdir } from "node:os";
import path from "node:path";
import type postgres from "postgres";

// Rows as the program of each migration wrote them, for tests that read them back with the newest one.

const FOLDER = "src/db/migrations";
type Journal = { readonly entries: readonly { readonly idx: number; readonly tag: string }[] };
const journal = JSON.parse(readFileSync(`${FOLDER}/meta/_journal.json`, "utf8")) as Journal;

/** How many migrations there are. */
export const MIGRATIONS = journal.entries.length;

/** A folder with the first migrations only. */
export function firstMigrations(count: number): string {
  const folder = mkdtempSync(path.join(tmpdir(), "umiak-migrations-"));
  mkdirSync(path.join(folder, "meta"));
  const entries = journal.entries.slice(0, count);
  for (const { tag } of entries) cpSync(`${FOLDER}/${tag}.sql`, path.join(folder, `${tag}.sql`));
  writeFileSync(path.join(folder, "meta", "_journal.json"), JSON.stringify({ ...journal, entries }));
  return folder;
}

const id = (end: number): string => `01900000-0000-7000-8000-0000000000${String(end).padStart(2, "0")}`;
export const OLD = { person: id(2), place: id(3), boots: id(4), hat: id(5), outing: id(6), outfit: id(12) };

const BOOTS = {
  kind: "panels",
  panels: [
    { patches: ["ankle", "footUpper", "toes"], materials: [{ kind: "bootBatting", massGPerM2: 200 }] },
    { patches: ["sole"], materials: [{ kind: "solid", substance: "rubber", thicknessMm: 8 }] },
  ],
  face: "membrane",
  assembly: "boot",
  fit: "close",
  wear: "new",
};
const HAT = {
  kind: "panels",
  panels: [{ patches: ["scalp", "ears"], materials: [{ kind: "knit", massGPerM2: 400 }] }],
  face: "knit",
  assembly: "none",
  fit: "regular",
  wear: "new",
};
const SETTING = { shelter: "hide", seatHeightM: 0.3, ground: "snow" };
const VERDICT = {
  kind: "ends",
  minutesStill: 44,
  plannedMinutes: 90,
  sitFromMinute: 20,
  limit: "toes",
  part: "toes",
  side: "both",
};

/**
 * An outing as it stood after so many migrations, with what each of them had brought.
 * @param owner who has it
 */
export async function writeOldRows(sql: postgres.Sql, owner: string, migrations: number): Promise<void> {
  const since = (tag: string): boolean =>
    journal.entries.slice(0, migrations).some((entry) => entry.tag.startsWith(tag));
  await sql`insert into owner (id, name) values (${owner}, 'local')`;
  await sql`insert into person (id, owner_id, name, height_m, mass_kg, fat_percent, age_years, sex, accepted)
    values (${OLD.person}, ${owner}, 'Tove', 1.4, 34, 20, 10, 'female', ${sql.json({ toes: "cold", fingers: "hard" })})`;
  if (!since("0003")) {
    await sql`insert into place (id, owner_id, name, shelter, seat_height_m, ground, time_zone ${since("0002") ? sql`, setting` : sql``})
      values (${OLD.place}, ${owner}, 'Svartmyra', 'hide', 0.3, 'snow', 'Europe/Oslo' ${since("0002") ? sql`, ${sql.json(SETTING)}` : sql``})`;
  } else {
    await sql`insert into place (id, owner_id, name, setting, time_zone)
      values (${OLD.place}, ${owner}, 'Svartmyra', ${sql.json(SETTING)}, 'Europe/Oslo')`;
  }
  for (const [piece, name, kind, label] of [
    [OLD.boots, "Boot 200", "footwear", BOOTS],
    [OLD.hat, "Wool hat", "headwear", HAT],
  ] as const) {
    await sql`insert into piece (id, owner_id, person_id, name, kind, label, mass_g)
      values (${piece}, ${owner}, ${OLD.person}, ${name}, ${kind}, ${sql.json(label)}, 300)`;
  }
  await sql`insert into outing (id, owner_id, name, person_id, place_id, starts_at, verdict, verdict_model_version,
      verdict_input_hash ${since("0002") ? sql`, setting` : sql``})
    values (${OLD.outing}, ${owner}, 'Old', ${OLD.person}, ${OLD.place}, '2026-02-01T05:00:00Z', ${sql.json(VERDICT)}, '1',
      'abc' ${since("0002") ? sql`, ${sql.json(SETTING)}` : sql``})`;
  for (const hour of [5, 6, 7]) {
    await sql`insert into hour_of_weather (owner_id, outing_id, at, air_temperature_c, wind_m_per_s, relative_humidity_percent,
        air_temperature_typed) values (${owner}, ${OLD.outing}, ${`2026-02-01T0${hour}:00:00Z`}, -8, 2, 80,
        ${hour === 5 ? sql.json({ value: 18, unit: "°F" }) : null})`;
  }
  await sql`insert into phase (id, owner_id, outing_id, position, kind, minutes, posture, activity_ratio, walk_speed_m_per_s)
    values (${id(7)}, ${owner}, ${OLD.outing}, 0, 'walkIn', 20, 'standing', 4, 1),
      (${id(8)}, ${owner}, ${OLD.outing}, 1, 'sit', 90, 'sitting', 1.2, 0)`;
  for (const [place, piece] of [OLD.boots, OLD.hat].entries()) {
    await sql`insert into wearing (id, owner_id, outing_id, piece_id, side, rank, from_minute, to_minute)
      values (${id(9 + place)}, ${owner}, ${OLD.outing}, ${piece}, 'both', 10, 0, 110)`;
  }
  if (since("0002")) {
    const moved = { collection: "setting", key: "setting", before: SETTING, after: { ...SETTING, seatHeightM: 0.4 } };
    await sql`insert into sheet_command (owner_id, outing_id, position, id, label, changes)
      values (${owner}, ${OLD.outing}, 0, ${id(11)}, 'the seat', ${sql.json([moved])})`;
    await sql`update outing set commands_done = 1`;
    await sql`update phase set effort = ${sql.json({ kind: "class", class: "sittingStill" })} where kind = 'sit'`;
  }
  if (since("0005")) {
    const worn = { pieceId: OLD.boots, side: "both", rank: 10, isForTheSit: false };
    const whole = { ...worn, opened: [], withoutParts: [], whenOff: "pack" };
    await sql`insert into outfit (id, owner_id, person_id, name, wearings)
      values (${OLD.outfit}, ${owner}, ${OLD.person}, 'usual', ${sql.json([whole])})`;
    await sql`update piece set care = ${sql.json({ wash: { wears: 3, on: "2026-01-02" } })}`;
  }
  if (since("0015")) {
    await sql`update person set practice_preferences = ${sql.json({ avoids: ["down"], practices: { socks: "one" } })}`;
  } else if (since("0006"))
    await sql`update person set held_to = ${sql.json({ avoids: ["down"], schools: { socks: "one" } })}`;
  if (since("0008")) await sql`update wearing set heat = ${sql.json([{ fromMinute: 5, toMinute: 50, level: 1 }])}`;
  if (since("0009")) await sql`update outing set plan = ${sql.json({ ticks: ["knife"], tellsPlace: true })}`;
}
