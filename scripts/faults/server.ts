import { spawn, type ChildProcess } from "node:child_process";
import { chmodSync, closeSync, mkdirSync, mkdtempSync, openSync, readdirSync, readFileSync, rmSync } from "node:fs";
import net from "node:net";
import postgres from "postgres";
import { LOCAL_OWNER_ID } from "@/server/access";
import { tmpdir } from "node:os";
import path from "node:path";

const START_TIMEOUT_MS = 300_000;
const LOOK_EVERY_MS = 200;

export const pause = (ms: number): Promise<void> => new Promise((resolve) => setTimeout(resolve, ms));

/** Ports that no connection is given by itself: one that is free while a server is down may be another's as it comes back. */
const PORTS = { from: 20_000, to: 30_000 } as const;

const isFree = (port: number): Promise<boolean> =>
  new Promise((resolve) => {
    const server = net.createServer();
    server.once("error", () => resolve(false));
    server.listen(port, "127.0.0.1", () => server.close(() => resolve(true)));
  });

export async function freePort(): Promise<number> {
  for (;;) {
    const port = PORTS.from + Math.floor(Math.random() * (PORTS.to - PORTS.from));
    if (await isFree(port)) return port;
  }
}

/** Processes whose command line holds all of some words. */
export function processesWith(...words: readonly string[]): number[] {
  const { pid: own } = process;
  const pids = readdirNumbers("/proc").filter((pid) => pid !== own);
  return pids.filter((pid) => {
    try {
      const command = readFileSync(`/proc/${pid}/cmdline`, "utf8");
      return words.every((word) => command.includes(word));
    } catch {
      return false; // it has ended
    }
  });
}

function readdirNumbers(folder: string): number[] {
  return readdirSync(folder)
    .map(Number)
    .filter((value) => Number.isInteger(value));
}

/** Umiak started by its own command on a data folder of its own, to be treated badly. */
export class TriedServer {
  readonly folder: string;
  private launcher: ChildProcess | null = null;

  /** @param environment what its launcher is told besides @param folder where its data is; a new one where it is not said */
  constructor(
    private readonly environment: Readonly<Record<string, string>> = {},
    folder: string | null = null,
  ) {
    this.folder = folder ?? mkdtempSync(path.join(tmpdir(), "umiak-faults-"));
    mkdirSync(this.folder, { recursive: true });
  }

  private port = 0;

  /** What the launcher says. */
  private get saidFile(): string {
    return path.join(this.folder, "launcher.log");
  }

  get address(): string {
    return `http://127.0.0.1:${this.port}`;
  }

  async start(): Promise<void> {
    chmodSync(this.folder, 0o755); // the postgres user has to pass
    this.port ||= await freePort();
    const said = openSync(this.saidFile, "a");
    this.launcher = spawn("./umiak", ["start"], {
      env: {
        ...process.env,
        ...this.environment,
        PORT: String(this.port),
        UMIAK_DATA_DIR: this.folder,
        DATABASE_URL: "",
      },
      stdio: ["ignore", said, said],
      detached: true,
    });
    closeSync(said);
    await this.untilHealthy();
  }

  async untilHealthy(): Promise<void> {
    const end = Date.now() + START_TIMEOUT_MS;
    while (Date.now() < end) {
      const answer = await fetch(`${this.address}/api/health`).catch(() => null);
      if (answer?.ok) return;
      if (this.launcher && this.launcher.exitCode !== null)
        throw new Error(`the launcher ended: ${this.launcher.exitCode}\n${readFileSync(this.saidFile, "utf8")}`);
      await pause(LOOK_EVERY_MS);
    }
    throw new Error("the server did not come back");
  }

  /** The web process of this launcher. */
  web(): number[] {
    return this.processes("scripts/run/serve.mjs");
  }

  /** Processes this launcher has started of some file. */
  processes(file: string): number[] {
    return processesWith(file).filter((pid) => environmentOf(pid).includes(`PORT=${this.port}\0`));
  }

  /** As the web process was told it. */
  databaseUrl(): string {
    const url = /(?:^|\0)DATABASE_URL=([^\0]+)/.exec(environmentOf(this.web()[0]!))?.[1];
    if (!url) throw new Error("the web process knows no database");
    return url;
  }

  /** One connection on the database, as the owner of a server at home. */
  sql(): postgres.Sql {
    return postgres(this.databaseUrl(), { max: 1, connection: { "umiak.owner": LOCAL_OWNER_ID } as object });
  }

  database(): number[] {
    return processesWith("postgres", "-D", this.folder);
  }

  launchers(): number[] {
    return processesWith("run/main.mjs", "start").filter((pid) => environmentOf(pid).includes(this.folder));
  }

  async stop(): Promise<void> {
    for (const pid of this.launchers()) process.kill(pid, "SIGTERM");
    while (this.launchers().length > 0) await pause(LOOK_EVERY_MS);
    for (const pid of this.database()) process.kill(pid, "SIGQUIT"); // left by a launcher that ended otherwise
    while (this.database().length > 0) await pause(LOOK_EVERY_MS);
    rmSync(this.folder, { recursive: true, force: true });
  }
}

function environmentOf(pid: number): string {
  try {
    return readFileSync(`/proc/${pid}/environ`, "utf8");
  } catch {
    return "";
  }
}
