import { mkdtempSync, rmSync } from "node:fs";
import { tmpdir } from "node:os";
import path from "node:path";
import { afterAll, beforeAll, describe, expect, it } from "vitest";
import { POST as addDemo } from "@/pages/api/account/demo";
import { POST as forgotten } from "@/pages/api/account/forgotten";
import { DELETE as leave } from "@/pages/api/account/index";
import { POST as changePassword } from "@/pages/api/account/password";
import { POST as reset } from "@/pages/api/account/reset";
import { POST as signIn } from "@/pages/api/account/sign-in";
import { POST as signOut } from "@/pages/api/account/sign-out";
import { POST as signOutEverywhere } from "@/pages/api/account/sign-out-everywhere";
import { POST as signUp } from "@/pages/api/account/sign-up";
import { GET as listOutings } from "@/pages/api/outings/index";
import { GET as health } from "@/pages/api/health";
import { invite } from "@/server/accounts/accounts";
import { simulatedMailsIn } from "@/server/accounts/simulated-mails";
import { pathAfter } from "@/server/http/signed-in";
import { seedDemo } from "@/server/demo/seed";
import { ADDRESS, Browser, codeOf } from "./browser";
import { freshDatabase, type FreshDatabase } from "./fresh-database";

// A shared server: accounts, sessions, and what each may see. Addresses and passwords are invented.

const folder = mkdtempSync(path.join(tmpdir(), "umiak-mails-"));
const before = { ...process.env };
let fresh: FreshDatabase;
beforeAll(async () => {
  fresh = await freshDatabase();
  await seedDemo(fresh.database); // somebody else's: nobody who signs in may see it
  Object.assign(process.env, {
    DATABASE_URL: fresh.url,
    UMIAK_SIGN_IN: "1",
    UMIAK_ADDRESS: ADDRESS,
    UMIAK_MAIL_FOLDER: folder,
  });
});
afterAll(async () => {
  for (const name of Object.keys(process.env)) if (!(name in before)) Reflect.deleteProperty(process.env, name);
  rmSync(folder, { recursive: true, force: true });
  await fresh.close();
});

class AccountBrowser extends Browser {
  post = (handler: unknown, name: string, body: object = {}, clientAddress?: string): Promise<Response> =>
    this.call(handler, "POST", `/api/account/${name}`, body, { ...(clientAddress && { clientAddress }) });
  outings = (): Promise<Response> => this.call(listOutings, "GET", "/api/outings");
}

const RUNA = { name: "Runa", email: "runa@umiak.example", password: "a hide on the bog" };
const TOVE = { name: "Tove", email: "tove@umiak.example", password: "sea birds at noon" };
const signedUp = async (who: typeof RUNA): Promise<AccountBrowser> => {
  const browser = new AccountBrowser();
  const made = await browser.post(signUp, "sign-up", who);
  expect(made.status).toBe(200);
  return browser;
};

describe("a shared server", () => {
  it("shows nothing to whoever has not signed in, and sends them to where they can", async () => {
    const nobody = new AccountBrowser();
    const answer = await nobody.outings();
    expect(answer.status).toBe(401);
    expect(await codeOf(answer)).toBe("not-signed-in");
    const page = await nobody.call(() => new Response("a page"), "GET", "/kit?person=x");
    expect(page.headers.get("location")).toBe("/sign-in?next=%2Fkit%3Fperson%3Dx");
    expect(await (await nobody.call(() => new Response("method"), "GET", "/method")).text()).toBe("method");
    expect(await (await nobody.call(health, "GET", "/api/health")).json()).toEqual({ ok: true });
    for (const next of ["//evil.example", "/\\evil.example", "https://evil.example", "/sign-in", null])
      expect(pathAfter(next)).toBe("/");
    expect(pathAfter("/kit?person=x")).toBe("/kit?person=x");
  });

  it("makes accounts, each with nothing but a copy of the demonstration where it asks for one", async () => {
    const [runa, tove] = [await signedUp(RUNA), await signedUp(TOVE)];
    expect(await (await runa.outings()).json()).toEqual([]);
    expect((await runa.post(addDemo, "demo")).status).toBe(201);
    expect(((await (await runa.outings()).json()) as unknown[]).length).toBe(5);
    expect(await (await tove.outings()).json()).toEqual([]);
    const again = await new AccountBrowser().post(signUp, "sign-up", RUNA);
    expect(again.status).toBe(400);
    const short = await new AccountBrowser().post(signUp, "sign-up", {
      ...RUNA,
      email: "x@umiak.example",
      password: "short",
    });
    expect(short.status).toBe(400);
  });

  it("gives a cookie that no script reads and no other site sends, and keeps no password but its hash", async () => {
    const answer = await new AccountBrowser().post(signIn, "sign-in", { email: RUNA.email, password: RUNA.password });
    expect(answer.headers.getSetCookie().join()).toMatch(/httponly/i);
    expect(answer.headers.getSetCookie().join()).toMatch(/samesite=lax/i);
    const [row] = await fresh.sql<{ password: string }[]>`select password from account.credential limit 1`;
    expect(row!.password).not.toContain(RUNA.password);
    expect(row!.password.length).toBeGreaterThan(60);
  });

  it("ends a session where it was asked for, or everywhere", async () => {
    const [one, other] = [new AccountBrowser(), new AccountBrowser()];
    const known = { email: RUNA.email, password: RUNA.password };
    await one.post(signIn, "sign-in", known);
    await other.post(signIn, "sign-in", known);
    const out = await one.post(signOut, "sign-out");
    expect(out.status).toBe(200);
    expect(out.headers.get("clear-site-data")).toContain("storage");
    expect((await one.outings()).status).toBe(401);
    expect((await other.outings()).status).toBe(200);
    await one.post(signIn, "sign-in", known);
    expect((await one.post(signOutEverywhere, "sign-out-everywhere")).status).toBe(200);
    expect((await other.outings()).status).toBe(401);
  });

  it("changes a password, and ends the other sessions", async () => {
    const [one, other] = [new AccountBrowser(), new AccountBrowser()];
    await one.post(signIn, "sign-in", { email: TOVE.email, password: TOVE.password });
    await other.post(signIn, "sign-in", { email: TOVE.email, password: TOVE.password });
    const wrong = await one.post(changePassword, "password", {
      password: "not it at all",
      newPassword: "char in the net",
    });
    expect([wrong.status, await codeOf(wrong)]).toEqual([403, "wrong-password"]);
    const right = await one.post(changePassword, "password", {
      password: TOVE.password,
      newPassword: "char in the net",
    });
    expect(right.status).toBe(200);
    expect((await one.outings()).status).toBe(200);
    expect((await other.outings()).status).toBe(401);
    const old = await other.post(signIn, "sign-in", { email: TOVE.email, password: TOVE.password });
    expect(old.status).toBe(403);
  });

  it("mails a link for a new password, once usable, and tells nobody whose address it has", async () => {
    expect((await new AccountBrowser().post(forgotten, "forgotten", { email: "nobody@umiak.example" })).status).toBe(
      200,
    );
    expect((await new AccountBrowser().post(forgotten, "forgotten", { email: TOVE.email })).status).toBe(200);
    const mails = await simulatedMailsIn(folder);
    expect(mails.map(({ to }) => to)).toEqual([TOVE.email]);
    const token = /reset\?token=(\S+)/.exec(mails[0]!.text)![1]!;
    const done = await new AccountBrowser().post(reset, "reset", { token, password: "a third one then" });
    expect(done.status).toBe(200);
    const twice = await new AccountBrowser().post(reset, "reset", { token, password: "a fourth one then" });
    expect(twice.status).toBe(400);
    const signedIn = await new AccountBrowser().post(signIn, "sign-in", {
      email: TOVE.email,
      password: "a third one then",
    });
    expect(signedIn.status).toBe(200);
  });

  it("lets an account alone after many wrong passwords, from wherever they come, and an address after many tries", async () => {
    const statuses: number[] = [];
    for (let own = 0; own < 11; own++)
      statuses.push(
        (await new AccountBrowser().post(signIn, "sign-in", { email: TOVE.email, password: `no ${own}` })).status,
      );
    expect(statuses.slice(0, 10)).toEqual(Array(10).fill(403));
    expect(statuses[10]).toBe(429);
    const sameAddress: number[] = [];
    for (let own = 0; own < 9; own++) {
      const guess = { email: `guess${own}@umiak.example`, password: "whatever it is" };
      sameAddress.push((await new AccountBrowser().post(signIn, "sign-in", guess, "198.51.100.7")).status);
    }
    expect(sameAddress.at(-1)).toBe(429);
  });

  it("closes its door where accounts are made by invitation", async () => {
    process.env.UMIAK_INVITATION_ONLY = "1";
    const eskil = { name: "Eskil", email: "eskil@umiak.example", password: "thick ice this year" };
    expect((await new AccountBrowser().post(signUp, "sign-up", eskil)).status).toBe(400);
    const code = await invite();
    expect((await new AccountBrowser().post(signUp, "sign-up", { ...RUNA, invitation: code })).status).toBe(400); // given back
    expect((await new AccountBrowser().post(signUp, "sign-up", { ...eskil, invitation: code })).status).toBe(200);
    const second = await new AccountBrowser().post(signUp, "sign-up", {
      ...eskil,
      email: "b@umiak.example",
      invitation: code,
    });
    expect(second.status).toBe(400);
    delete process.env.UMIAK_INVITATION_ONLY;
  });

  it("forgets an account with everything of it", async () => {
    const browser = new AccountBrowser();
    await browser.post(signIn, "sign-in", { email: RUNA.email, password: RUNA.password });
    const [{ id } = { id: "" }] = await fresh.sql<
      { id: string }[]
    >`select id from account.user where email = ${RUNA.email}`;
    const wrong = await browser.call(leave, "DELETE", "/api/account", { password: "not it at all" });
    expect(wrong.status).toBe(403);
    const gone = await browser.call(leave, "DELETE", "/api/account", { password: RUNA.password });
    expect(gone.status).toBe(200);
    const tables = await fresh.sql<{ name: string }[]>`
      select table_name as name from information_schema.columns where table_schema = 'public' and column_name = 'owner_id'`;
    for (const { name } of tables) {
      const [left] = await fresh.sql`select count(*)::int as rows from ${fresh.sql(name)} where owner_id = ${id}`;
      expect([name, left!.rows]).toEqual([name, 0]);
    }
    expect(await fresh.sql`select 1 from owner where id = ${id}`).toHaveLength(0);
    expect(
      (await new AccountBrowser().post(signIn, "sign-in", { email: RUNA.email, password: RUNA.password })).status,
    ).toBe(403);
    // The demonstration that belongs to the server at home is untouched.
    const [home] = await fresh.sql`select count(*)::int as outings from outing`;
    expect(home).toEqual({ outings: 5 });
  });
});
