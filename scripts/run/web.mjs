import { spawn } from "node:child_process";
import path from "node:path";
import { ROOT } from "./paths.mjs";
import { wantedAddress } from "./preconditions.mjs";
import { PlainError } from "./say.mjs";
import { stopChild } from "./stop-child.mjs";

const STOP_TIMEOUT_MS = 10_000;

/**
 * Starts the built web server and waits until it listens.
 * @param {{ port: number, databaseUrl: string, lan?: import("./lan/prepare.mjs").Lan | null }} how
 */
export async function startWeb({ port, databaseUrl, lan = null }) {
  const env = {
    ...process.env,
    PORT: String(port),
    HOST: wantedAddress(),
    DATABASE_URL: databaseUrl,
    NODE_ENV: "production",
    ...(lan && {
      UMIAK_LAN: JSON.stringify(lan),
      UMIAK_HOSTS: [process.env.UMIAK_HOSTS ?? "", ...lan.addresses].filter(Boolean).join(","),
    }),
  };
  const child = spawn(process.execPath, [path.join(ROOT, "scripts/run/serve.mjs")], {
    cwd: ROOT,
    env,
    detached: true,
    stdio: ["ignore", "inherit", "inherit", "ipc"],
  });
  /** @type {Promise<number | null>} */
  const exited = new Promise((resolve) => child.once("exit", resolve));
  const ready = new Promise((resolve) => child.once("message", resolve));
  const first = await Promise.race([ready, exited.then(() => "exited")]);
  if (first === "exited") throw new PlainError("the web server ended before it listened; its message stands above.");
  // Verdicts of another model, and those of a new demonstration, are begun before anybody looks.
  void fetch(`http://127.0.0.1:${port}/api/outings`).catch(() => undefined);
  return {
    exited,
    stop: () => stopChild(child, exited, STOP_TIMEOUT_MS),
  };
}
