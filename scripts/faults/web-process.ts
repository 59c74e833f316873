import { spawn } from "node:child_process";
import { freePort, pause } from "./server";

const LOOK_EVERY_MS = 200;
const MOST_LOOKS = 150;

export type WebProcess = { readonly address: string; readonly port: number; readonly pid: number; kill(): void };

/** One more web process on a database that is there. @param environment what it is told besides; `DATABASE_URL` among it */
export async function startWeb(environment: Readonly<Record<string, string>>): Promise<WebProcess> {
  const port = await freePort();
  const child = spawn(process.execPath, ["scripts/run/serve.mjs"], {
    env: { ...process.env, ...environment, PORT: String(port), HOST: "127.0.0.1", NODE_ENV: "production" },
    stdio: "ignore",
  });
  const address = `http://127.0.0.1:${port}`;
  for (let look = 0; look < MOST_LOOKS; look++) {
    if ((await fetch(`${address}/api/health`).catch(() => null))?.ok)
      return { address, port, pid: child.pid!, kill: () => void child.kill("SIGKILL") };
    await pause(LOOK_EVERY_MS);
  }
  child.kill("SIGKILL");
  throw new Error(`the web process of port ${port} does not answer`);
}
