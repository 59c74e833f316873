import { readFileSync, statSync } from "node:fs";
import { parse } from "yaml";
import { describe, expect, it } from "vitest";

// What docs/run says of running a server for many is kept true: it parses, its commands and variables exist.

const SHARED = readFileSync("docs/shared.md", "utf8");
const README = readFileSync("README.md", "utf8");
const COMMANDS = readFileSync("scripts/run/main.mjs", "utf8");

type Service = {
  readonly command?: readonly string[];
  readonly environment?: Readonly<Record<string, string>>;
  readonly depends_on?: Readonly<Record<string, unknown>>;
};
const compose = parse(readFileSync("docs/run/compose.yaml", "utf8")) as {
  readonly services: Readonly<Record<string, Service>>;
};
const ours = Object.entries(compose.services).filter(([, { command }]) => command?.[0] === "./umiak");

const isCommand = (name: string): boolean => new RegExp(`^  ${name}: async`, "m").test(COMMANDS);
/** Variables of our own are told in docs/shared.md or the README. */
const untold = (names: readonly string[]): string[] =>
  names.filter((name) => !SHARED.includes(`\`${name}`) && !README.includes(`\`${name}\``));

describe("compose.yaml", () => {
  it("starts by commands there are", () => {
    expect(statSync("umiak").mode & 0o111).toBeGreaterThan(0);
    expect(ours.map(([name]) => name)).toEqual(["umiak", "workers"]);
    for (const [, { command }] of ours) expect(isCommand(command![1]!)).toBe(true);
  });

  it("sets nothing that is not told of, and waits for what there is", () => {
    for (const [, { environment = {}, depends_on: after = {} }] of ours) {
      expect(untold(Object.keys(environment))).toEqual([]);
      for (const name of Object.keys(after)) expect(compose.services).toHaveProperty(name);
    }
    expect(compose.services.umiak!.environment).toMatchObject({ UMIAK_SIGN_IN: "1", UMIAK_LISTEN: "0.0.0.0" });
  });
});

describe("umiak.service", () => {
  const unit = readFileSync("docs/run/umiak.service", "utf8");
  const valueOf = (name: string): string => new RegExp(`^${name}=(.*)$`, "m").exec(unit)![1]!;

  it("has its sections, and starts by a command there is", () => {
    expect(unit.match(/^\[\w+\]$/gm)).toEqual(["[Unit]", "[Service]", "[Install]"]);
    const [file, command] = valueOf("ExecStart").split(" ");
    expect(file).toBe(`${valueOf("WorkingDirectory")}/umiak`);
    expect(isCommand(command!)).toBe(true);
    expect(valueOf("KillSignal")).toBe("SIGTERM");
  });

  it("names no variable that is not told of", () =>
    expect(untold([...unit.matchAll(/\b(UMIAK_\w+)=/g)].map(([, name]) => name!))).toEqual([]));
});
