import { readdirSync } from "node:fs";
import { expect, test, type Page } from "@playwright/test";
import type { OutingLine, OutingView } from "../../src/formats/wire/outing/outing-view";
import { violations } from "./accessibility";
import { PASSWORD, read, SHARED_ADDRESS, signedUp, startShared, stopShared } from "./shared-server";
import { LEK, listening } from "./sheet";

// A server where people sign in, with two of them in two browsers.

test.describe.configure({ mode: "serial" });
test.beforeAll(startShared);
test.afterAll(stopShared);

/** Stands in names of everything of the first account: nobody else may ever read it. */
const SECRET = "Hemmelig";

/** Pages and files of the server, by their files. */
const PAGES = readdirSync("src/pages", { recursive: true, encoding: "utf8" })
  .filter((file) => file.endsWith(".astro") && !/^(404|500|left|share)/.test(file))
  .map((file) => `/${file.replace(/(^|\/)index\.astro$|\.astro$/, "")}`);
const FILES = ["card", "calendar", "export", "history", "note", "note/photo", "live", "links", "forecast"];

const looksRight = async (page: Page): Promise<void> => {
  await listening(page);
  expect(await violations(page)).toEqual([]);
  expect(await page.evaluate(() => document.documentElement.scrollWidth <= window.innerWidth)).toBe(true);
};

test("signing in, an account and its ways out are for everybody, on a phone and in the dark too", async ({
  browser,
}) => {
  for (const [width, colorScheme] of [
    [1280, "light"],
    [390, "dark"],
  ] as const) {
    const context = await browser.newContext({
      baseURL: SHARED_ADDRESS,
      viewport: { width, height: 800 },
      colorScheme,
      locale: "en-IE",
    });
    const page = await context.newPage();
    await page.goto("/kit");
    await expect(page).toHaveURL(/\/sign-in\?next=%2Fkit$/);
    await looksRight(page);
    await page.goto("/reset?token=x");
    await looksRight(page);
    // By keyboard alone, to where one wanted to go.
    await page.goto("/sign-in?next=%2Faccount");
    await listening(page);
    const make = page.locator("details", { hasText: "A new account" });
    await make.locator("summary").focus();
    await page.keyboard.press("Enter");
    await make.getByLabel("Your name").fill(`Tove ${width}`);
    await make.getByLabel("E-mail").fill(`tove${width}@umiak.example`);
    await make.getByLabel("New password").fill(PASSWORD);
    await page.keyboard.press("Enter");
    await expect(page).toHaveURL(/\/account$/);
    await looksRight(page);
    await context.close();
  }
});

test("a device signs in by a passkey, until that is forgotten", async ({ browser }) => {
  const { context, page } = await signedUp(browser, "Liv");
  const devices = await context.newCDPSession(page);
  await devices.send("WebAuthn.enable");
  const device = { protocol: "ctap2", transport: "internal", hasResidentKey: true } as const;
  await devices.send("WebAuthn.addVirtualAuthenticator", {
    options: { ...device, hasUserVerification: true, isUserVerified: true, automaticPresenceSimulation: true },
  });
  await page.goto("/account");
  await listening(page);
  await page.getByLabel("Name of the key").fill("My telephone");
  await page.getByRole("button", { name: "Make a passkey" }).click();
  await expect(page.getByText("This device can sign in now.")).toBeVisible();
  await looksRight(page);
  await page.getByRole("button", { name: "Sign out", exact: true }).click();
  await expect(page).toHaveURL(/\/sign-in/);
  await listening(page);
  await page.getByRole("button", { name: "Sign in with a passkey" }).click();
  await expect(page).toHaveURL(`${SHARED_ADDRESS}/`);
  await page.goto("/account");
  await listening(page);
  await page.getByRole("button", { name: "Forget the passkey My telephone" }).click();
  await expect(page.getByText("My telephone")).toHaveCount(0);
  await page.getByRole("button", { name: "Sign out", exact: true }).click();
  await expect(page).toHaveURL(/\/sign-in/);
  await listening(page);
  await page.getByRole("button", { name: "Sign in with a passkey" }).click();
  await expect(page.getByText("This passkey is not known here.")).toBeVisible();
  await context.close();
});

test("nobody reads a word of another's, by any page, file, list or search", async ({ browser }) => {
  test.slow();
  const { context: runa } = await signedUp(browser, "Runa");
  const lines = await read<OutingLine[]>(runa.request, "/api/outings");
  const lek = lines.find(({ name }) => name === LEK)!;
  const view = await read<OutingView>(runa.request, `/api/outings/${lek.id}`);
  const { version, startsAt, person, place } = view;
  const head = { version, name: `${SECRET} ${LEK}`, startsAt, personId: person.id, placeId: place.id };
  expect((await runa.request.put(`/api/outings/${lek.id}/head`, { data: head })).status()).toBe(200);
  const [trip] = await read<{ id: string }[]>(runa.request, "/api/trips");
  const piece = view.kit[0]!;
  const jpeg = Buffer.from([0xff, 0xd8, 0xff, 0xe0, 0, 0, 0xff, 0xd9]);
  const photo = `/api/pieces/${piece.id}/photo`;
  const kept = await runa.request.put(`${photo}?version=1`, { data: jpeg, headers: { "content-type": "image/jpeg" } });
  expect(kept.status()).toBe(200);

  const { context: eskil, page } = await signedUp(browser, "Eskil");
  const ids = [lek.id, trip!.id];
  const addresses = [
    ...PAGES.flatMap((path) => (path.includes("[id]") ? ids.map((id) => path.replace("[id]", id)) : [path])),
    ...FILES.map((file) => `/api/outings/${lek.id}/${file}`),
    `/api/outings/${lek.id}`,
    `/api/trips/${trip!.id}`,
    `/api/trips/${trip!.id}/export`,
    `/api/people/${person.id}/pieces`,
    `/api/people/${person.id}/told`,
    `/kit?person=${person.id}`,
    `/compare?one=${lek.id}&other=${lek.id}`,
    photo,
    ...["outings", "people", "places", "trips", "findable", "backup", "jobs", "logbook"].map((list) => `/api/${list}`),
  ];
  for (const address of addresses) {
    const answer = await eskil.request.get(address);
    const text = await answer.text();
    expect(text, address).not.toContain(SECRET);
    expect(text, address).not.toContain(person.id);
    expect(answer.status(), address).not.toBe(500);
    if (ids.some((id) => address.includes(id))) expect(text, address).not.toContain(`"minutesStill":`);
  }
  expect((await eskil.request.get(photo)).status()).toBe(404);
  await page.goto(`/outings/${lek.id}`);
  await expect(page.getByText("There is no such outing")).toBeVisible();
  // And the one whose they are reads them all.
  expect(await (await runa.request.get(`/outings/${lek.id}`)).text()).toContain(SECRET);
  await runa.close();
  await eskil.close();
});

test("what was kept for a place without a network is gone with signing out", async ({ browser }) => {
  const { context, page } = await signedUp(browser, "Sunniva");
  const [line] = await read<OutingLine[]>(context.request, "/api/outings");
  await page.goto(`/outings/${line!.id}/card`);
  await listening(page);
  const keptPages = (): Promise<number> =>
    page.evaluate(async () => {
      const names = await caches.keys();
      const counts = await Promise.all(names.map(async (name) => (await (await caches.open(name)).keys()).length));
      return counts.reduce((sum, own) => sum + own, 0);
    });
  await expect.poll(keptPages, { timeout: 30_000 }).toBeGreaterThan(0);
  await page.goto("/account");
  await listening(page);
  await page.getByRole("button", { name: "Sign out", exact: true }).click();
  await expect(page).toHaveURL(/\/sign-in/);
  expect(await keptPages()).toBe(0);
  await context.setOffline(true);
  const answer = await page.goto(`/outings/${line!.id}/card`).catch(() => null);
  expect(answer?.ok() ?? false).toBe(false);
  await context.close();
});

test("an outing is shared, gone along with in one's own clothes, and called back", async ({ browser }) => {
  const { context: asker, page: owner } = await signedUp(browser, "Signe");
  const { context: other, page: guest } = await signedUp(browser, "Jorunn");
  const lek = (await read<OutingLine[]>(asker.request, "/api/outings")).find(({ name }) => name === LEK)!;
  await owner.goto(`/outings/${lek.id}/pack`);
  const panel = owner.locator("details", { hasText: "Share with another account" });
  await panel.scrollIntoViewIfNeeded();
  await listening(owner);
  await panel.locator("summary").click();
  await panel.getByLabel("May change it").check();
  await panel.getByRole("button", { name: "Make an invitation" }).click();
  const address = await panel.getByRole("link", { name: /\/share\// }).getAttribute("href");
  await expect(panel.getByText("not accepted yet")).toBeVisible();
  await looksRight(owner);

  await guest.goto(address!);
  await looksRight(guest);
  await guest.getByRole("button", { name: "Accept it" }).click();
  await expect(guest).toHaveURL(new RegExp(lek.id));
  const band = guest.getByRole("complementary", { name: "Shared with me" });
  await expect(band).toContainText("Signe shares this with you, and you may change it.");
  await expect(guest.getByRole("link", { name: "Dress me" })).toBeHidden();
  await listening(guest);
  await band.getByRole("button", { name: "Go along" }).click();
  await looksRight(guest);
  await band.getByRole("button", { name: "Go along" }).last().click();
  await expect(guest).not.toHaveURL(new RegExp(lek.id));
  await expect(guest.getByText("Put something on first")).toBeVisible();
  await expect(guest.getByRole("link", { name: "Runa" })).toBeVisible(); // the sitter of the demonstration
  const along = guest.url();
  await guest.goto("/");
  await expect(guest.getByRole("link", { name: /Signe shares it, reads and changes, goes along/ })).toBeVisible();
  await looksRight(guest);

  await owner.goto(`/outings/${lek.id}/pack`);
  await panel.scrollIntoViewIfNeeded();
  await listening(owner);
  await panel.locator("summary").click();
  await expect(panel.getByText("goes along")).toBeVisible();
  await panel.getByRole("button", { name: "Call back what Jorunn has" }).click();
  await expect(panel.getByText("Jorunn")).toHaveCount(0);
  await guest.goto(`/outings/${lek.id}`);
  await expect(guest.getByText("There is no such outing")).toBeVisible();
  await guest.goto(along); // what is one's own stays
  await expect(guest.getByText("Put something on first")).toBeVisible();
  await asker.close();
  await other.close();
});
