import { readFileSync } from "node:fs";
import { describe, expect, it } from "vitest";
import { simulateOuting } from "@/core/simulation";
import { sampleFile } from "../../../tests/sample-outing";
import { describeResult, describeSeries } from "./describe-result";
import { outingFileJsonSchema, parseOutingFile } from "./parse";
import { instantAt, minutesFrom, toOuting } from "./to-outing";
import { upgradeOutingFile } from "./upgrade";

type Loose = Record<string, unknown> & { [list: string]: any }; // eslint-disable-line @typescript-eslint/no-explicit-any

const TASK = { kind: "task", minutes: 4, posture: "sitting", activityRatio: 1.3, walkSpeedMPerS: 0 };

/** Problems of the sample file once something in it is changed. */
function problemsAfter(change: (file: Loose) => void): { path: string; reason: string }[] {
  const file = structuredClone(sampleFile()) as unknown as Loose;
  change(file);
  const parsed = parseOutingFile(JSON.stringify(file));
  return parsed.ok ? [] : [...parsed.problems];
}

describe("an outing file", () => {
  it("reads back what was written", () => {
    const parsed = parseOutingFile(JSON.stringify(sampleFile()));
    expect(parsed).toEqual({ ok: true, file: sampleFile() });
  });

  it("of version 1 is read as it was", () => {
    const parsed = parseOutingFile(JSON.stringify({ ...sampleFile(), formatVersion: 1 }));
    expect(parsed).toEqual({ ok: true, file: sampleFile() });
  });

  it("may know a day by low and high alone: hours are shaped by the sun of the place, and said to be", () => {
    const { weather: _weather, ...file } = sampleFile();
    const lowHigh = { lowC: -14, highC: -2, windMPerS: 2, relativeHumidityPercent: 80, cloudShare: 0.5 };
    const place = { ...file.place, latitudeDeg: 62, longitudeDeg: 12 };
    const parsed = parseOutingFile(JSON.stringify({ ...file, place, lowHigh }));
    if (!parsed.ok) throw new Error(JSON.stringify(parsed.problems));
    const { weather, weatherShaped } = parsed.file;
    expect(weatherShaped).toBe(true);
    // Sunrise near six by local time in late March: the coldest whole hour lies there.
    const coldest = weather.reduce((least, hour) => (hour.airTemperatureC < least.airTemperatureC ? hour : least));
    expect(Math.abs(Date.parse(coldest.at) - Date.parse("2027-03-27T05:00:00Z"))).toBeLessThanOrEqual(3_600_000);
    const { sits } = simulateOuting(toOuting(parsed.file));
    expect(sits).toHaveLength(1);
    expect(problemsAfter((changed) => Object.assign(changed, { lowHigh }))[0]?.path).toBe("weather");
    expect(problemsAfter((changed) => delete changed.weather)[0]?.path).toBe("weather");
  });

  it("calls a child in earlier unless it says otherwise", () => {
    const { accepted: _accepted, ...person } = sampleFile().person;
    const child = { ...person, ageYears: 9, massKg: 30, heightM: 1.35, accepted: { fingers: "hard" as const } };
    const { accepted } = toOuting({ ...sampleFile(), person: child }).person;
    expect(accepted.toes).toBe("comfort");
    expect(accepted.fingers).toBe("hard");
  });

  it("may leave out what has a usual value", () => {
    const { accepted: _accepted, ...person } = sampleFile().person;
    const { start: _start, name: _name, timeZone: _zone, ...rest } = sampleFile();
    const parsed = parseOutingFile(JSON.stringify({ ...rest, person }));
    if (!parsed.ok) throw new Error(JSON.stringify(parsed.problems));
    expect(parsed.file.start.airTemperatureC).toBe(22);
    expect(toOuting(parsed.file).person.accepted.toes).toBe("cold");
  });

  it.each<[string, string, (file: Loose) => void]>([
    ["a temperature out of range", "weather[2].airTemperatureC", (file) => (file.weather[2].airTemperatureC = -300)],
    ["a missing figure", "person.heightM", (file) => delete (file.person as Loose).heightM],
    ["a word for a number", "phases[0].minutes", (file) => (file.phases[0].minutes = "forty")],
    ["a key nobody knows", "place", (file) => (file.place.colour = "red")],
    ["a piece that is not there", "wearings[3].pieceId", (file) => (file.wearings[3].pieceId = "ghost")],
    ["an id taken twice", "pieces[1].id", (file) => (file.pieces[1].id = file.pieces[0].id)],
    ["a span that ends before it begins", "wearings[0].toMinute", (file) => (file.wearings[0].toMinute = 0)],
    ["a zone that does not exist", "timeZone", (file) => (file.timeZone = "Svartmyra/Hide")],
    [
      "a task for other limbs",
      "phases[2].recurring[0].hands",
      (file) => (file.phases[2].recurring = [{ ...TASK, hands: "feet" }]),
    ],
    [
      "a task longer than its rhythm",
      "phases[2].recurring[0].everyMinutes",
      (file) => (file.phases[2].recurring = [{ ...TASK, minutes: 30, everyMinutes: 20 }]),
    ],
    [
      "a walk nobody walks",
      "phases[0].effort.speedMPerS",
      (file) => (file.phases[0].effort = { kind: "walk", speedMPerS: 9 }),
    ],
    ["a latitude beyond the pole", "place.latitudeDeg", (file) => (file.place.latitudeDeg = 91)],
    ["no sit at all", "phases", (file) => (file.phases = [file.phases[0]])],
    [
      "a label of an unknown kind",
      "pieces[0].label.panels[0].materials[0].kind",
      (file) => (file.pieces[0].label.panels[0].materials[0].kind = "moss"),
    ],
  ])("names %s by path and reason", (_what, path, change) => {
    const problems = problemsAfter(change);
    expect(problems.map((problem) => problem.path)).toContain(path);
    for (const { reason } of problems) expect(reason.length).toBeGreaterThan(5);
  });

  it("that is no JSON, or newer than this program, says so", () => {
    expect(parseOutingFile("{")).toMatchObject({ ok: false, problems: [{ path: "(whole file)" }] });
    expect(problemsAfter((file) => (file.formatVersion = 99))[0]).toMatchObject({
      path: "formatVersion",
      reason: /newer/,
    });
    expect(problemsAfter((file) => (file.formatVersion = "1"))[0]?.path).toBe("formatVersion");
    expect(upgradeOutingFile([1])).toEqual({ ok: true, value: [1] });
  });

  it("has a JSON Schema in docs/formats that is up to date (npm run schema)", () => {
    const written = readFileSync("docs/formats/outing-2.schema.json", "utf8");
    expect(JSON.parse(written)).toEqual(JSON.parse(JSON.stringify(outingFileJsonSchema())));
  });

  it("has an example in docs/formats that can be read", () => {
    const parsed = parseOutingFile(readFileSync("docs/formats/grouse-lek.json", "utf8"));
    expect(parsed.ok && parsed.file.name).toBe("Grouse lek before dawn");
  });
});

describe("instants and minutes", () => {
  it("turn into each other", () => {
    expect(minutesFrom("2027-03-27T02:50:00Z", "2027-03-27T04:20:00Z")).toBe(90);
    expect(minutesFrom("2027-03-27T03:50:00+01:00", "2027-03-27T02:50:00Z")).toBe(0);
    expect(instantAt("2027-03-27T02:50:00Z", 90)).toBe("2027-03-27T04:20:00.000Z");
  });
});

describe("a result as JSON", () => {
  const result = simulateOuting(toOuting(sampleFile()));

  it("tells minutes, limit, side and clock time", () => {
    const [sit] = (describeResult(result, sampleFile().startsAt) as { sits: Loose[] }).sits;
    const { verdict } = sit as Loose;
    expect(verdict).toMatchObject({
      kind: "ends",
      endedBy: { limit: "toes", side: "both" },
      runnerUp: { limit: "fingers" },
    });
    expect(verdict.endedBy.at).toBe(instantAt(sampleFile().startsAt, 60 + verdict.minutesStill));
  });

  it("lists every curve with a value per minute", () => {
    const { minutes, ...curves } = describeSeries(result) as Record<string, number[]> & { minutes: number };
    for (const values of Object.values(curves)) expect(values).toHaveLength(minutes + 1);
    expect(Object.keys(curves)).toContain("leftToesC");
  });
});
