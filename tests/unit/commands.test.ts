import { spawnSync } from "node:child_process";
import { readFileSync } from "node:fs";
import path from "node:path";
import { describe, expect, it } from "vitest";
import { simulateOuting } from "@/core/simulation";
import { parseOutingFile } from "@/formats/outing-file/parse";
import { toOuting } from "@/formats/outing-file/to-outing";
import { trialToOuting, type TrialCase } from "../../scripts/reference/trial-to-outing";

const EXAMPLE = "docs/formats/grouse-lek.json";

const { scripts } = JSON.parse(readFileSync("package.json", "utf8")) as { scripts: Record<string, string> };

/** What `npm run -s` runs, without starting npm for it: that takes longer than most of the commands. */
const run = (script: string, args: string[], input = "") => {
  const { status, stdout, stderr } = spawnSync("sh", ["-c", `${scripts[script]} "$@"`, script, ...args], {
    encoding: "utf8",
    input,
    env: { ...process.env, PATH: `${path.resolve("node_modules/.bin")}:${process.env.PATH}` },
  });
  return { status, stdout, problems: stderr.split("\n").filter((line) => line !== "") };
};

describe("npm run -s outing", () => {
  it("prints the verdict of a file as JSON", () => {
    const { status, stdout } = run("outing", [EXAMPLE]);
    const answer = JSON.parse(stdout) as { sits: { verdict: { kind: string } }[]; series?: unknown };
    expect(status).toBe(0);
    expect(answer.sits[0]!.verdict.kind).toBe("ends");
    expect(answer.series).toBeUndefined();
  });

  it("reads standard input and adds the curves", () => {
    const { stdout } = run("outing", ["-", "--series"], readFileSync(EXAMPLE, "utf8"));
    const { series } = JSON.parse(stdout) as { series: { minutes: number; leftToesC: number[] } };
    expect(series.leftToesC).toHaveLength(series.minutes + 1);
  });

  it("names path and reason of bad input and ends with 2", () => {
    const broken = readFileSync(EXAMPLE, "utf8").replace('"heightM": 1.7', '"heightM": 17');
    const { status, problems } = run("outing", ["-"], broken);
    expect(status).toBe(2);
    expect(problems).toEqual([expect.stringMatching(/^person\.heightM: .*2\.3/)]);
    expect(run("outing", ["/no/such/file"])).toMatchObject({
      status: 2,
      problems: [expect.stringMatching(/cannot be read/)],
    });
    expect(run("outing", []).problems[0]).toMatch(/^usage/);
    expect(run("outing", [EXAMPLE, "--moss"])).toMatchObject({ status: 2 });
  });

  it("judges an outing file a line, in their order; an error for a line is its answer", () => {
    const file = JSON.parse(readFileSync(EXAMPLE, "utf8")) as object;
    const lines = [file, { ...file, phases: [] }, file].map((own) => JSON.stringify(own));
    const { status, stdout } = run("outing", ["--lines"], `${lines.join("\n")}\n`);
    const answers = stdout
      .trim()
      .split("\n")
      .map((line) => JSON.parse(line) as Record<string, unknown>);
    expect(status).toBe(0);
    expect(answers).toHaveLength(3);
    expect(answers[1]).toMatchObject({ error: [{ path: "phases" }, { path: "phases" }] });
    expect(answers[2]).toEqual(answers[0]);
    expect(JSON.parse(run("outing", [EXAMPLE]).stdout)).toMatchObject(answers[0]!);
  });

  it("adds what is asked for: range, the standards' opinion, changes, the day, and why", () => {
    const { status, stdout } = run("outing", [EXAMPLE, "--range", "--opinion", "--changes", "--day", "--why"]);
    expect(status).toBe(0);
    const answer = JSON.parse(stdout) as Record<string, unknown>;
    expect(answer).toMatchObject({
      range: { members: 64 },
      opinion: { comparison: { sentence: expect.stringMatching(/ISO 11079/) as string } },
      goOrStay: { kind: "short" },
      day: { kind: "warms" },
      // Toes and fingers end this morning within minutes of each other.
      why: { kind: "ended", limit: { limit: expect.stringMatching(/toes|fingers/) as string } },
      cautions: [],
    });
    expect((answer.changes as unknown[]).length).toBeGreaterThan(5);
    const { range, sits, changes } = answer as {
      range: { low: { minutes: number }; middle: { minutes: number }; high: { minutes: number } };
      sits: { verdict: { minutesStill: number } }[];
      changes: { gainedMinutes: number }[];
    };
    expect(range.low.minutes).toBeLessThan(range.middle.minutes);
    expect(range.middle.minutes).toBeLessThan(range.high.minutes);
    expect(sits[0]!.verdict.minutesStill).toBeGreaterThan(range.low.minutes);
    expect(sits[0]!.verdict.minutesStill).toBeLessThan(range.high.minutes);
    expect(changes[0]!.gainedMinutes).toBeGreaterThanOrEqual(changes.at(-1)!.gainedMinutes);
  });
});

describe("npm run -s reference", () => {
  it("wants a folder that exists and holds something it can check", () => {
    expect(run("reference", [])).toMatchObject({ status: 2 });
    expect(run("reference", ["/no/such/folder"])).toMatchObject({
      status: 2,
      problems: [expect.stringMatching(/does not exist/)],
    });
    expect(run("reference", ["docs/screenshots"]).status).toBe(1);
  });
});

it("the trial outings' explicit stacks can be given as pieces in the file format", () => {
  const { cases } = JSON.parse(readFileSync("tests/reference/trial-outings.json", "utf8")) as { cases: TrialCase[] };
  const outing = trialToOuting(cases[7]!);
  const startsAt = "2027-01-10T06:00:00Z";
  const { body, accepted } = outing.person;
  const file = {
    ...outing,
    formatVersion: 1,
    startsAt,
    person: { ...body, accepted },
    weather: outing.weather.map(({ minute: _minute, ...hour }) => ({ at: startsAt, ...hour })),
  };
  const parsed = parseOutingFile(JSON.stringify(file));
  if (!parsed.ok) throw new Error(JSON.stringify(parsed.problems));
  expect(simulateOuting(toOuting(parsed.file)).sits).toEqual(simulateOuting(outing).sits);
});

describe("npm run -s dress", () => {
  const DRESSED = "docs/formats/dress-example.json";
  type Row = { minutesStill: number; carriedKg: number; picks: string[]; outing: { pieces: { massG: number }[] } };

  it("prints outfits, each with an outing file that the outing tool judges alike", () => {
    const { status, stdout } = run("dress", [DRESSED, "--hours", "2", "--carry-kg", "9", "--json"]);
    expect(status).toBe(0);
    const { front, canBeDone } = JSON.parse(stdout) as { front: Row[]; canBeDone: boolean };
    expect(canBeDone).toBe(true);
    expect(front.flatMap(({ picks }) => picks)).toContain("lightestThatDoes");
    const lines = front.map(({ outing }) => JSON.stringify(outing)).join("\n");
    const judged = run("outing", ["--lines"], `${lines}\n`).stdout.trim().split("\n");
    front.forEach(({ minutesStill, carriedKg, outing }, index) => {
      const { sits, decidingSit } = JSON.parse(judged[index]!) as {
        sits: { verdict: { minutesStill?: number; minutes?: number } }[];
        decidingSit: number;
      };
      const { verdict } = sits[decidingSit]!;
      expect(minutesStill).toBe(verdict.minutesStill ?? verdict.minutes);
      expect(carriedKg).toBeLessThanOrEqual(9);
      expect(carriedKg * 1000).toBeCloseTo(
        outing.pieces.reduce((sum, { massG }) => sum + massG, 0),
        6,
      );
    });
  });

  it("says what to do with a wish out of range, or a file without a kit", () => {
    expect(run("dress", [DRESSED, "--hours", "300"])).toMatchObject({
      status: 2,
      problems: [expect.stringMatching(/--hours 300: give a number from/)],
    });
    expect(run("dress", [EXAMPLE])).toMatchObject({ status: 2, problems: [expect.stringMatching(/^kit: lists no/)] });
    expect(run("dress", []).problems[0]).toMatch(/^usage/);
  });
});

describe("npm run -s calibrate", () => {
  const outing = JSON.parse(readFileSync(EXAMPLE, "utf8")) as object;

  it("tells what notes teach, and what that makes of another outing", () => {
    // Invented: toes that are cold an hour sooner than the model says.
    const felt = {
      minutes: 75,
      ended: "cold",
      first: "leftToes",
      parts: { leftToes: { vote: "painful", coldAfterMinutes: 65 } },
    };
    const book = {
      sits: [
        { outing, felt },
        { outing, felt },
      ],
      further: [outing],
    };
    const { status, stdout } = run("calibrate", ["-", "--json"], JSON.stringify(book));
    expect(status).toBe(0);
    type Told = {
      traits: Record<string, { mean: number; sd: number; priorSd: number }>;
      notes: number;
      checked: { toldMinutes: number; lowMinutes: number; highMinutes: number; holds: boolean }[];
      narrowing: { now: number; after: { way: string; spread: number }[] };
    };
    type Further = { further: { before: { middle: number }; after: { middle: number } }[] };
    const { traits, notes, further, checked, narrowing } = JSON.parse(stdout) as Told & Further;
    expect(notes).toBe(2);
    expect(traits.lnFlowToes!.mean).toBeLessThan(0);
    expect(checked.map(({ toldMinutes }) => toldMinutes)).toEqual([expect.closeTo(65, 6), expect.closeTo(65, 6)]);
    expect(narrowing.after.find(({ way }) => way === "ending")!.spread).toBeLessThan(narrowing.now);
    for (const { sd, priorSd } of Object.values(traits)) expect(sd).toBeLessThanOrEqual(priorSd * 1.0001);
    expect(further[0]!.after.middle).toBeLessThan(further[0]!.before.middle);
  });

  it("names path and reason of bad input and ends with 2", () => {
    const broken = JSON.stringify({ sits: [{ outing, felt: { minutes: -3 } }] });
    expect(run("calibrate", ["-"], broken)).toMatchObject({
      status: 2,
      problems: [expect.stringMatching(/^sits\[0\]\.felt\.minutes: /)],
    });
    expect(run("calibrate", []).problems[0]).toMatch(/^usage/);
  });
});
