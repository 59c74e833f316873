import { spawn, spawnSync } from "node:child_process";
import { chmodSync, mkdirSync, mkdtempSync, rmSync, writeFileSync } from "node:fs";
import net from "node:net";
import { tmpdir } from "node:os";
import path from "node:path";
import postgres from "postgres";
import { afterAll, beforeAll, describe, expect, it } from "vitest";
import { startCluster } from "../../scripts/run/cluster.mjs";
import { holdFolder } from "../../scripts/run/hold-folder.mjs";
import { findPostgres } from "../../scripts/run/packages.mjs";
import { checkPortFree } from "../../scripts/run/preconditions.mjs";
import { readPages } from "../../scripts/run/read-pages.mjs";
import { explain, PlainError } from "../../scripts/run/say.mjs";

const umiak = (env: Record<string, string>, ...args: string[]) => {
  const { status, stdout, stderr } = spawnSync("./umiak", args, { encoding: "utf8", env: { ...process.env, ...env } });
  return { status, lines: stderr.trim().split("\n"), stdout };
};

describe("./umiak says in one clear line", () => {
  it("that a port is taken, and what to do", async () => {
    const squatter = net.createServer().listen(0, "127.0.0.1");
    await new Promise((resolve) => squatter.once("listening", resolve));
    const { port } = squatter.address() as net.AddressInfo;
    const { status, lines } = umiak({ PORT: String(port) }, "start");
    squatter.close();
    expect(status).toBe(1);
    expect(lines).toHaveLength(1);
    expect(lines[0]).toMatch(new RegExp(`port ${port} is taken.*PORT=${port + 1}`));
  });

  it("nothing of a port that is just being left: it waits", async () => {
    const leaving = net.createServer().listen(0, "127.0.0.1");
    await new Promise((resolve) => leaving.once("listening", resolve));
    const { port } = leaving.address() as net.AddressInfo;
    setTimeout(() => leaving.close(), 500);
    await expect(checkPortFree(port)).resolves.toBeUndefined();
  });

  it("that Node is too old, or a port is no port", () => {
    expect(umiak({ UMIAK_PRETEND_NODE: "18.1.0" }, "start").lines).toEqual([
      expect.stringMatching(/Node 18\.1\.0 is too old: install Node 20/),
    ]);
    expect(umiak({ PORT: "moss" }, "start").lines).toEqual([expect.stringMatching(/PORT is "moss"/)]);
  });

  it("how it is used", () => {
    const { status, lines } = umiak({}, "dance");
    expect(status).toBe(2);
    expect(lines[0]).toBe("usage:");
  });

  it("that the disk is full", () => {
    expect(explain(Object.assign(new Error("write"), { code: "ENOSPC" }))).toMatch(/disk is full/);
    expect(explain(new PlainError("just this"))).toBe("just this");
  });
});

describe("the private database", () => {
  const programs = findPostgres()!;
  let dataFolder: string;
  beforeAll(() => {
    dataFolder = mkdtempSync(path.join(tmpdir(), "umiak-cluster-"));
    chmodSync(dataFolder, 0o755); // the postgres user has to pass
  });
  afterAll(() => rmSync(dataFolder, { recursive: true, force: true }));

  const query = async <Row>(url: string, text: string): Promise<Row[]> => {
    const sql = postgres(url, { max: 1 });
    const rows = await sql.unsafe(text);
    await sql.end();
    return rows as unknown as Row[];
  };

  it("keeps what was saved through a stop, a kill, and a killed launcher", async () => {
    const first = await startCluster({ programs, dataFolder });
    await query(first.url, "create table kept (word text); insert into kept values ('stopped')");
    await first.stop();

    const second = await startCluster({ programs, dataFolder });
    await query(second.url, "insert into kept values ('killed')");
    process.kill(second.pid, "SIGKILL");
    await second.exited;

    const third = await startCluster({ programs, dataFolder });
    expect(await query(third.url, "select word from kept order by word")).toEqual([
      { word: "killed" },
      { word: "stopped" },
    ]);

    // A launcher killed outright leaves its database running: the next one takes it over.
    const adopted = await startCluster({ programs, dataFolder });
    expect(adopted.pid).toBe(third.pid);
    await adopted.stop();
    await third.exited;
  });

  it("starts although the file of a server that ended names somebody else's process, or is empty", async () => {
    const other = spawn("sleep", ["60"]);
    for (const text of [`${other.pid}\n${dataFolder}\n0\n1\n`, ""]) {
      const first = await startCluster({ programs, dataFolder });
      await first.stop();
      writeFileSync(path.join(first.folder, "postmaster.pid"), text);
      const second = await startCluster({ programs, dataFolder });
      expect(await query(second.url, "select 1 one")).toEqual([{ one: 1 }]);
      await second.stop();
    }
    other.kill();
  });

  it("sets a new password where its file was emptied, and keeps what was saved", async () => {
    const first = await startCluster({ programs, dataFolder });
    await query(first.url, "create table still (word text); insert into still values ('here')");
    await first.stop();
    writeFileSync(path.join(dataFolder, "database-password"), "");
    const second = await startCluster({ programs, dataFolder });
    expect(second.url.split("@")[0]).not.toBe(first.url.split("@")[0]);
    expect(await query(second.url, "select word from still")).toEqual([{ word: "here" }]);
    await second.stop();
  });

  it("is held by one launcher at a time", () => {
    const folder = mkdtempSync(path.join(tmpdir(), "umiak-held-"));
    const other = spawn(process.execPath, ["-e", "setTimeout(() => {}, 60000)", "run/main.mjs"]);
    writeFileSync(path.join(folder, "launcher-pid"), String(other.pid));
    expect(() => holdFolder(folder)).toThrow(/already runs on .*process \d+.*UMIAK_DATA_DIR/);
    other.kill();
    writeFileSync(path.join(folder, "launcher-pid"), "999999999");
    expect(() => holdFolder(folder)).not.toThrow(); // a launcher that was killed holds nothing
    rmSync(folder, { recursive: true });
  });

  it.runIf(process.getuid?.() === 0)("moves out of a folder that bars the postgres user", async () => {
    const barred = mkdtempSync(path.join(tmpdir(), "umiak-barred-"));
    const cluster = await startCluster({ programs, dataFolder: barred });
    expect(cluster.folder).toMatch(/^\/var\/lib\/umiak-[0-9a-f]+\/postgres$/);
    await cluster.stop();
    rmSync(path.dirname(cluster.folder), { recursive: true });
    rmSync(barred, { recursive: true });
  });

  it("never runs as root, listens on loopback only and wants its password", async () => {
    const cluster = await startCluster({ programs, dataFolder });
    const { stdout } = spawnSync("ps", ["-o", "uid=", "-p", String(cluster.pid)], { encoding: "utf8" });
    expect(Number(stdout)).not.toBe(0);
    const [row] = await query<{ setting: string }>(
      cluster.url,
      "select setting from pg_settings where name = 'listen_addresses'",
    );
    expect(row).toEqual({ setting: "127.0.0.1" });
    await expect(query(cluster.url.replace(/:[0-9a-f]{20,}@/, ":guess@"), "select 1")).rejects.toThrow(/password/);
    await cluster.stop();
  });
});

describe("a web process", () => {
  it("reads every built page before it is asked for one, also those within folders", async () => {
    const server = mkdtempSync(path.join(tmpdir(), "umiak-built-"));
    mkdirSync(path.join(server, "pages/outings"), { recursive: true });
    for (const page of ["index", "outings/_id_"])
      writeFileSync(path.join(server, `pages/${page}.astro.mjs`), `(globalThis.pagesRead ??= []).push("${page}");`);
    await readPages(server);
    expect((globalThis as { pagesRead?: string[] }).pagesRead?.sort()).toEqual(["index", "outings/_id_"]);
    rmSync(server, { recursive: true });
  });
});
