import { spawn, type ChildProcess } from "node:child_process";
import { rmSync } from "node:fs";
import type { APIRequestContext, Browser, BrowserContext, Page } from "@playwright/test";
import { expect } from "@playwright/test";

const PORT = Number(process.env.UMIAK_TEST_PORT ?? 4479) + 40;
const DATA = `test-results/data-${PORT}`;
const START_MS = 300_000;
const STOP_MS = 20_000;
/** By name: a key of a device belongs to a name, never to a number. */
export const SHARED_ADDRESS = `http://localhost:${PORT}`;

let launcher: ChildProcess | null = null;

/** Starts a server where people sign in, on a data folder of its own. */
export async function startShared(): Promise<void> {
  rmSync(DATA, { recursive: true, force: true });
  launcher = spawn(process.execPath, ["scripts/run/main.mjs", "start"], {
    env: {
      ...process.env,
      PORT: String(PORT),
      UMIAK_DATA_DIR: DATA,
      DATABASE_URL: "",
      UMIAK_SIGN_IN: "1",
      UMIAK_ADDRESS: SHARED_ADDRESS,
    },
    stdio: "ignore",
  });
  const end = Date.now() + START_MS;
  while (!(await fetch(`${SHARED_ADDRESS}/api/health`).catch(() => null))?.ok) {
    if (launcher.exitCode !== null || Date.now() > end) throw new Error("the shared server did not start");
    await new Promise((resolve) => setTimeout(resolve, 200));
  }
}

export async function stopShared(): Promise<void> {
  if (launcher?.exitCode !== null) return;
  const ended = new Promise((resolve) => launcher!.once("exit", resolve));
  launcher.kill("SIGTERM");
  await Promise.race([ended, new Promise((resolve) => setTimeout(resolve, STOP_MS))]);
}

export const PASSWORD = "a hide on the bog";

/** Makes an account with a copy of the demonstration, signed in in a browser of its own. */
export async function signedUp(browser: Browser, name: string): Promise<{ context: BrowserContext; page: Page }> {
  const context = await browser.newContext({ baseURL: SHARED_ADDRESS, locale: "en-IE", serviceWorkers: "allow" });
  const page = await context.newPage();
  const email = `${name.toLowerCase()}@umiak.example`;
  const made = await context.request.post("/api/account/sign-up", { data: { name, email, password: PASSWORD } });
  expect(made.status()).toBe(200);
  expect((await context.request.post("/api/account/demo", { data: {} })).status()).toBe(201);
  return { context, page };
}

export const read = async <Answer>(request: APIRequestContext, path: string): Promise<Answer> =>
  (await (await request.get(path)).json()) as Answer;
