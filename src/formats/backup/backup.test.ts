import { readFileSync } from "node:fs";
import { describe, expect, it } from "vitest";
import { usualLevels } from "@/core/outing";
import { starterPiece } from "../../core/starter-kit";
import { BACKUP_FORMAT, BACKUP_FORMAT_VERSION, type Backup } from "./backup-schema";
import { oneOuting } from "./one-outing";
import { backupJsonSchema, parseBackup } from "./parse";

const id = (end: number): string => `01900000-0000-7000-8000-00000000000${end}`;
const body = { heightM: 1.7, massKg: 66, fatPercent: 27, ageYears: 38, sex: "female" } as const;
const phase = { id: id(5), kind: "sit", minutes: 60, posture: "sitting", activityRatio: 1.2, walkSpeedMPerS: 0 };
const setting = { shelter: "hide", seatHeightM: 0, ground: "snow", latitudeDeg: 62, longitudeDeg: 11 };
const moved = {
  id: id(6),
  label: "where on earth",
  changes: [{ collection: "setting", key: "setting", before: setting, after: { ...setting, latitudeDeg: 62.5 } }],
};

/** A small file by hand, as another program might write it. */
const written = () => ({
  format: BACKUP_FORMAT,
  formatVersion: BACKUP_FORMAT_VERSION,
  madeAt: "2026-11-26T10:00:00Z",
  people: [
    {
      id: id(1),
      name: "Runa",
      ...body,
      accepted: usualLevels(body),
      workingHand: "right",
      coldHands: false,
      practicePreferences: { avoids: [], practices: {} },
    },
  ],
  places: [{ id: id(2), name: "Svartmyra", timeZone: "Europe/Oslo", setting }],
  pieces: [
    { id: id(3), personId: id(1), ...starterPiece("longHat"), currency: "EUR", status: "inUse" },
    { id: id(7), personId: id(1), ...starterPiece("mitts200"), currency: "EUR", status: "inUse" },
  ],
  outings: [
    {
      id: id(4),
      name: "Lek",
      personId: id(1),
      placeId: id(2),
      startsAt: "2027-03-27T02:50:00Z",
      setting,
      weather: [{ at: "2027-03-27T02:00:00Z", airTemperatureC: -8, windMPerS: 2, relativeHumidityPercent: 80 }],
      phases: [phase],
      wearings: [{ id: id(8), pieceId: id(3), side: "both", rank: 10, fromMinute: 0, toMinute: 60 }],
      plan: {
        track: [
          [62, 11, null],
          [62.01, 11, null],
        ],
        leftWith: { name: "Tove", reachedBy: "", alarmAfterMinutes: 30 },
      },
      commands: [moved],
      done: 1,
    },
  ],
});
const read = (value: unknown): Backup => {
  const parsed = parseBackup(value);
  if (!parsed.ok) throw new Error(JSON.stringify(parsed.problems));
  return parsed.backup;
};
const problems = (value: unknown) => {
  const parsed = parseBackup(value);
  return parsed.ok ? [] : parsed.problems;
};

describe("a backup", () => {
  it("of the first version had practice preferences under another name", () => {
    const { practicePreferences: _own, ...person } = written().people[0]!;
    const heldTo = { avoids: ["down"], schools: { socks: "one" }, heatDebtEnds: true };
    const { people, formatVersion } = read({ ...written(), formatVersion: 1, people: [{ ...person, heldTo }] });
    expect(people[0]!.practicePreferences).toEqual({
      avoids: ["down"],
      practices: { socks: "one" },
      heatDebtEnds: true,
    });
    expect(formatVersion).toBe(BACKUP_FORMAT_VERSION);
    expect(problems({ ...written(), formatVersion: 1, people: "nobody" })).toMatchObject([{ path: "people" }]);
  });

  it("is read with what it leaves out filled in", () => {
    const { outings, outfits } = read(written());
    expect(outfits).toEqual([]);
    expect(outings[0]).toMatchObject({ partyId: null, removed: false, invented: false, weatherShaped: false });
  });

  it("is refused with path and reason", () => {
    expect(problems(null)[0]!.path).toBe("format");
    expect(problems({ ...written(), formatVersion: BACKUP_FORMAT_VERSION + 1 })[0]!.reason).toMatch(/newer/);
    expect(problems({ ...written(), places: [] }).map(({ path }) => path)).toEqual(["outings[0].placeId"]);
    expect(problems({ ...written(), pieces: [] }).map(({ path }) => path)).toEqual(["outings[0].wearings[0].pieceId"]);
    const tooCold = written();
    tooCold.outings[0]!.weather[0]!.airTemperatureC = -400;
    expect(problems(tooCold)[0]!.path).toBe("outings[0].weather[0].airTemperatureC");
  });

  it("has a JSON Schema in docs/formats that is up to date (npm run schema)", () => {
    const file = readFileSync("docs/formats/backup-3.schema.json", "utf8");
    expect(JSON.parse(file)).toEqual(JSON.parse(JSON.stringify(backupJsonSchema())));
  });
});

describe("one outing of it", () => {
  it("stands by itself: its person, its place, what it wears", () => {
    const one = oneOuting(read(written()), id(4))!;
    expect(one.pieces.map((piece) => piece.id)).toEqual([id(3)]);
    expect(problems(one)).toEqual([]);
    expect(oneOuting(read(written()), id(9))).toBeNull();
  });

  it("tells where it is only when that is ticked, nor by what undo remembers; never whom it is left with", () => {
    const secret = JSON.stringify(oneOuting(read(written()), id(4)));
    expect(secret).not.toMatch(/62|latitude|longitude|Tove/);
    const ticked = written();
    const told = oneOuting(
      read({ ...ticked, outings: [{ ...ticked.outings[0]!, plan: { ...ticked.outings[0]!.plan, tellsPlace: true } }] }),
      id(4),
    )!;
    expect(told.outings[0]!.setting.latitudeDeg).toBe(62);
    expect(told.outings[0]!.plan.track).toHaveLength(2);
    expect(told.outings[0]!.commands).toHaveLength(1);
    expect(JSON.stringify(told)).not.toMatch(/Tove/);
  });
});
